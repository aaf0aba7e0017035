import { actAtDrawer } from '../../core/batch/cook-clock';
import { basketWeight, type CookRun, type LoadedGroup, stepRun } from '../../core/batch/cook-run';
import { startRun } from '../../core/batch/start-run';
import { visibleBrowning } from '../../core/piece/piece-step.kernel';
import { STANDARD_RESOLUTION } from '../../core/batch/resolution';
import { colourAtBrowning, type LabColour } from '../../core/food/colour-ramp';
import { createCavity, stepCavity } from '../../core/fryer/cavity';
import { AMBIENT_TEMPERATURE } from '../../core/properties/kitchen-air';
import type { Fryer } from '../../core/plan/fryer';
import { fryerFromLabel } from '../../core/fryer/fryer-from-label';
import { medianOf } from '../../core/numeric/quantile';
import { createSeededRandom } from '../../core/numeric/seeded-random';
import { outerRamp } from '../../core/plan/outer-ramp';
import type { CookEvent, Plan } from '../../core/plan/plan';

/** Longest step of the simulation, s, and of an empty fryer. */
const STEP = 4;
const EMPTY_STEP = 20;

/** Dial of a fryer that is off, K: so far below the kitchen that no thermostat's error makes it heat. */
const OFF = AMBIENT_TEMPERATURE - 50;

/** Power from which the lamp of the heater is on, W. Source: assumed. */
const LAMP = 20;

/** An absence longer than this is not cooked through, s. */
const LONGEST_ABSENCE = 4 * 3600;

/** How far a stand-in's fryer may be from its label: K of the thermostat, shares of h, power and browning. Source: as fryers and food of the day differ, assumed. */
const HIDDEN = { offset: 15, transfer: 0.25, power: 0.15, browning: 0.3 };

/** A kitchen that is simulated: one fryer that hides what it is really like, and what lies in its basket. */
export interface SimulatedKitchen {
  /** K of the air */
  readonly air: number;
  /** K, or null when off */
  readonly dial: number | null;
  readonly heating: boolean;
  readonly drawerOut: boolean;
  /** kg of what is in the basket */
  readonly mass: number;
  /** K at the centre of a typical piece */
  readonly centre: number;
  /** colour of a typical piece, or null with nothing in */
  readonly colour: LabColour | null;
  turnDial(kelvin: number | null): void;
  /** puts a prepared batch in; a preheat of the plan counts as made */
  load(plan: Plan): void;
  act(event: Pick<CookEvent, 'action' | 'oilMass'>): void;
  /** takes everything out */
  empty(): void;
  /** lets `duration` s go by */
  pass(duration: number): void;
}

/** A kitchen whose fryer differs from its label by chance. Same seed and calls, same kitchen. @param most how far it may differ */
export function createSimulatedKitchen(seed: number, most = HIDDEN): SimulatedKitchen {
  const random = createSeededRandom(seed);
  const wide = () => 2 * random() - 1;
  const hidden = { offset: wide(), transfer: wide(), power: wide(), browning: wide() };
  const truthOf = (fryer: Fryer): Fryer => ({
    ...fryer,
    thermostatOffset: fryer.thermostatOffset + most.offset * hidden.offset,
    heatTransferCoefficient: fryer.heatTransferCoefficient * (1 + most.transfer * hidden.transfer),
    maximumPower: fryer.maximumPower * (1 + most.power * hidden.power),
  });
  const cavity = createCavity();
  let fryer = truthOf(fryerFromLabel(1500, 0.05, 0.09));
  let dial: number | null = null;
  let batch: { readonly run: CookRun; readonly plan: Plan } | null = null;
  let drawerOutFor = 0;

  const step = (duration: number) => {
    const open = drawerOutFor > 0;
    const wanted = dial ?? OFF;
    if (batch) stepRun(batch.run, batch.plan, wanted, open, duration);
    else stepCavity(cavity, fryer, wanted, 0, 0, open, duration);
    drawerOutFor = Math.max(0, drawerOutFor - duration);
  };
  const air = () => (batch ? batch.run.cavity : cavity);
  return {
    get air() {
      return air().temperature;
    },
    get dial() {
      return dial;
    },
    get heating() {
      return air().power > LAMP;
    },
    get drawerOut() {
      return drawerOutFor > 0;
    },
    get mass() {
      return batch ? basketWeight(batch.run) : 0;
    },
    get centre() {
      return batch ? medianOf(joined(batch.run).flatMap(centres)) : AMBIENT_TEMPERATURE;
    },
    get colour() {
      if (!batch) return null;
      const [first] = batch.run.groups;
      const faces = new Float64Array(2 * first!.state.count);
      visibleBrowning(first!.state, faces, 0);
      return colourAtBrowning(outerRamp(first!.part), medianOf(faces));
    },
    turnDial(kelvin) {
      dial = kelvin;
    },
    load(plan) {
      const warm = { ...air() };
      fryer = truthOf(plan.fryer);
      const own: Plan = {
        ...plan,
        fryer,
        browningScale: plan.browningScale * (1 + most.browning * hidden.browning),
      };
      const run = startRun(own, random, STANDARD_RESOLUTION);
      if (!plan.preheat || warm.temperature > run.cavity.temperature) Object.assign(run.cavity, warm);
      batch = { run, plan: own };
      drawerOutFor = 0;
    },
    act(event) {
      if (batch) drawerOutFor = Math.max(drawerOutFor, actAtDrawer(batch.run, event, batch.plan.fryer.racks, random));
    },
    empty() {
      if (batch) Object.assign(cavity, batch.run.cavity);
      batch = null;
      drawerOutFor = 0;
    },
    pass(duration) {
      let left = Math.min(duration, LONGEST_ABSENCE);
      while (left > 1e-6) {
        const longest = batch || drawerOutFor > 0 ? STEP : EMPTY_STEP;
        const next = Math.min(left, drawerOutFor > 0 ? Math.min(longest, drawerOutFor) : longest);
        step(next);
        left -= next;
      }
    },
  };
}

function joined(run: CookRun): LoadedGroup[] {
  return run.groups.filter((group) => group.joined);
}

function centres({ state }: LoadedGroup): number[] {
  return Array.from({ length: state.count }, (_, p) => state.temperature[p * state.cells + (state.cells - 1) / 2]!);
}
