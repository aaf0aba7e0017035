import { REAL_TIME, shownAt } from '../../core/run/shown-clock';
import { createSeededRandom } from '../../core/numeric/seeded-random';
import { celsiusFromKelvin, kelvinFromCelsius } from '../../core/units/temperature';
import {
  type BasketCommand,
  DEVICE_KINDS,
  type DeviceFault,
  type DeviceKind,
  type DeviceReports,
  type StandInSettings,
} from '../../schemas/device-message';
import { planFromFile } from '../../schemas/plan-from-file';
import { createInstrument } from './instrument';
import { createSimulatedKitchen } from './simulated-kitchen';

/** What a colour reader sees with nothing below it: white paper. */
const PAPER = [95, 0, 2] as const;

/** Time that an order to load may have taken, s of the clock that is followed; more is no message's way. */
const LONGEST_WAY = 600;

/** The four stand-ins over one simulated kitchen, on one clock. */
export interface StandIns {
  /** what a device reports now, or null where it does not answer */
  report<Kind extends DeviceKind>(kind: Kind): DeviceReports[Kind] | null;
  turnDial(celsius: number | null): void;
  atBasket(command: BasketCommand): void;
  set(settings: StandInSettings): void;
  readonly faults: Partial<Record<DeviceKind, DeviceFault>>;
}

/** @param now ms since 1970 */
export function createStandIns(seed: number, now: () => number = Date.now): StandIns {
  const kitchen = createSimulatedKitchen(seed);
  const random = createSeededRandom(seed + 1);
  const fryer = createInstrument(0.8, 0.1, random);
  const scale = createInstrument(0.6, 1, random);
  const probe = createInstrument(0.3, 0.1, random);
  const colour = createInstrument(0.4, 0.1, random);
  const instruments = { fryer, scale, probe, colour };
  let clock = REAL_TIME;
  let lived = now();
  /* everything is caught up with the clock before it is read or touched */
  const catchUp = () => {
    const shown = shownAt(clock, now());
    kitchen.pass(Math.max(0, (shown - lived) / 1000));
    lived = Math.max(lived, shown);
  };
  const reports: { [Kind in DeviceKind]: () => DeviceReports[Kind] | null } = {
    fryer() {
      const air = fryer.read(celsiusFromKelvin(kitchen.air));
      const dial = kitchen.dial;
      return air === null
        ? null
        : {
            device: 'drubek.fryer',
            version: 1,
            air_c: within(air, -20, 400),
            dial_c: dial === null ? null : Math.round(celsiusFromKelvin(dial)),
            heating: kitchen.heating,
            drawer: kitchen.drawerOut ? 'out' : 'in',
          };
    },
    scale() {
      const grams = scale.read(kitchen.mass * 1000);
      return grams === null ? null : { device: 'drubek.scale', version: 1, grams: within(grams, -50, 20_000) };
    },
    probe() {
      const celsius = probe.read(celsiusFromKelvin(kitchen.centre));
      return celsius === null ? null : { device: 'drubek.probe', version: 1, centre_c: within(celsius, -40, 400) };
    },
    colour() {
      const [l, a, b] = kitchen.colour ?? PAPER;
      const shift = colour.read(0);
      return shift === null
        ? null
        : { device: 'drubek.colour', version: 1, lab: [within(l + shift, 0, 100), a, within(b + shift, -128, 128)] };
    },
  };
  return {
    report(kind) {
      catchUp();
      return reports[kind]();
    },
    turnDial(celsius) {
      catchUp();
      kitchen.turnDial(celsius === null ? null : kelvinFromCelsius(celsius));
    },
    atBasket(command) {
      catchUp();
      if (command.action === 'load') {
        kitchen.load(planFromFile(command.plan));
        /* the order was on its way, which at sixty times the speed is a good part of a minute */
        kitchen.pass(Math.min(LONGEST_WAY, Math.max(0, lived - (command.at ?? lived)) / 1000));
      } else if (command.action === 'empty') kitchen.empty();
      else if (command.action === 'oil') kitchen.act({ action: 'oil', oilMass: command.mass_g / 1000 });
      else kitchen.act({ action: command.action });
    },
    set({ clock: next, faults }) {
      catchUp();
      if (next) {
        clock = next;
        lived = shownAt(clock, now());
      }
      for (const kind of DEVICE_KINDS) {
        const fault = faults?.[kind];
        if (fault !== undefined) instruments[kind].fault = fault;
      }
    },
    get faults() {
      return Object.fromEntries(
        DEVICE_KINDS.flatMap((kind) => (instruments[kind].fault ? [[kind, instruments[kind].fault]] : [])),
      ) as Partial<Record<DeviceKind, DeviceFault>>;
    },
  };
}

function within(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
