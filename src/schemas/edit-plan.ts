import type { PlanFile } from './plan-file';

type PrepStep = PlanFile['prep'][number];
type StepName = PrepStep['step'];

const WORKING_ORDER: readonly StepName[] = [
  'freeze-thaw',
  'press',
  'rinse',
  'soak',
  'brine',
  'parcook',
  'marinate',
  'dry',
  'oil',
  'starch',
  'batter',
  'dredge',
  'season',
];

/** The first step of a kind in a plan's preparation, or null. */
export function prepStep<Name extends StepName>(
  document: PlanFile,
  name: Name,
): Extract<PrepStep, { step: Name }> | null {
  const found = document.prep.find((step) => step.step === name);
  return (found as Extract<PrepStep, { step: Name }> | undefined) ?? null;
}

/** The plan with one preparation step set, or left out when null; steps stand in working order. */
export function withPrepStep(document: PlanFile, name: StepName, step: PrepStep | null): PlanFile {
  const others = document.prep.filter((candidate) => candidate.step !== name);
  const prep = step ? [...others, step] : others;
  return { ...document, prep: prep.toSorted((a, b) => WORKING_ORDER.indexOf(a.step) - WORKING_ORDER.indexOf(b.step)) };
}

const FIRST_CUT: Record<PlanFile['cut']['shape'], PlanFile['cut']> = {
  stick: { shape: 'stick', thickness_mm: 10, length_mm: 70, scatter: 0.07 },
  slice: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter: 0.07 },
  cube: { shape: 'cube', thickness_mm: 18, scatter: 0.07 },
  wedge: { shape: 'wedge', thickness_mm: 22, length_mm: 90, scatter: 0.12 },
  floret: { shape: 'floret', diameter_mm: 40, scatter: 0.12 },
  cylinder: { shape: 'cylinder', diameter_mm: 10, length_mm: 90, scatter: 0.12 },
  disc: { shape: 'disc', thickness_mm: 10, diameter_mm: 60, scatter: 0.12 },
  sheet: { shape: 'sheet', thickness_mm: 0.5, width_mm: 50, length_mm: 60, scatter: 0.07 },
  formed: { shape: 'formed', diameter_mm: 25, length_mm: 60, scatter: 0.07 },
};

/** The plan with another shape of cut, at its usual size and as even as before. */
export function withShape(document: PlanFile, shape: PlanFile['cut']['shape']): PlanFile {
  return { ...document, cut: { ...FIRST_CUT[shape], scatter: document.cut.scatter } };
}

/** The plan in another fryer; the preheat stays. */
export function withFryer(
  document: PlanFile,
  fryer: { powerW: number; basketCm2: number; basketHeightMm: number; thermostatOffsetC: number },
): PlanFile {
  return {
    ...document,
    fryer: {
      ...document.fryer,
      power_w: fryer.powerW,
      basket_cm2: fryer.basketCm2,
      basket_height_mm: fryer.basketHeightMm,
      thermostat_offset_c: fryer.thermostatOffsetC,
    },
  };
}

/** A plan to begin with: half a kilogram of floury potato sticks. */
export const FIRST_PLAN: PlanFile = {
  format: 'drubek.plan',
  version: 1,
  name: 'Potato sticks',
  food: 'potato-floury',
  storage: 'usual',
  cut: FIRST_CUT.stick,
  mass_g: 500,
  start_temperature_c: 20,
  prep: [
    { step: 'soak', water_c: 15, minutes: 30 },
    { step: 'dry', method: 'towel' },
    { step: 'oil', mass_g: 10 },
  ],
  fryer: {
    power_w: 1500,
    basket_cm2: 500,
    basket_height_mm: 90,
    thermostat_offset_c: 0,
    preheat: { minutes: 4, temperature_c: 195 },
  },
  cook: {
    stages: [{ minutes: 30, temperature_c: 195 }],
    events: [
      { minute: 7, action: 'shake' },
      { minute: 12, action: 'shake' },
      { minute: 17, action: 'shake' },
    ],
  },
  target: { colour: 'golden', crispness: 'crisp' },
};
