import type { Trust } from '../../core/run/reading-watch';
import type { DeviceKind, DeviceReports } from '../../schemas/device-message';
import { massText, temperatureText, type UnitSystem } from './format';

export const DEVICE_WORDS: Record<DeviceKind, string> = {
  fryer: 'Fryer',
  scale: 'Scale',
  probe: 'Probe',
  colour: 'Colour reader',
};

const SAYS: { [Kind in DeviceKind]: (report: DeviceReports[Kind], units: UnitSystem) => string } = {
  fryer: ({ air_c, dial_c, drawer }, units) =>
    `air ${temperatureText(air_c, units)}, ${dial_c === null ? 'off' : `dial ${temperatureText(dial_c, units)}`}${drawer === 'out' ? ', drawer out' : ''}`,
  scale: ({ grams }, units) => massText(Math.max(0, grams), units),
  probe: ({ centre_c }, units) => temperatureText(centre_c, units),
  colour: ({ lab: [l, a, b] }) => `L* ${Math.round(l)}, a* ${Math.round(a)}, b* ${Math.round(b)}`,
};

/** What a device shows, in the kitchen's units. */
export function reportText<Kind extends DeviceKind>(
  kind: Kind,
  report: DeviceReports[Kind],
  units: UnitSystem,
): string {
  return SAYS[kind](report, units);
}

const MISTRUST: Record<Exclude<Trust, 'fine'>, string> = {
  stuck: 'shows the same number all the time',
  noisy: 'shows numbers that jump about',
};

/** Why a device is not used, and that the run goes on; null where it is. */
export function failureText(
  kind: DeviceKind,
  state: { kind: 'read'; trust: Trust } | { kind: 'silent'; why: string },
): string | null {
  const why = state.kind === 'silent' ? state.why : state.trust === 'fine' ? null : MISTRUST[state.trust];
  return why && `The ${DEVICE_WORDS[kind].toLowerCase()} ${why}: the run goes on without it.`;
}
