import type { PlanFile } from '../schemas/plan-file';

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
  'batter',
  'dredge',
  'oil',
  'starch',
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

/** The plan with one preparation step set in its place, put in by working order, or left out when null. */
export function withPrepStep(document: PlanFile, name: StepName, step: PrepStep | null): PlanFile {
  const before = document.prep.findIndex((candidate) => candidate.step === name);
  if (step && before >= 0) return { ...document, prep: document.prep.with(before, step) };
  const others = document.prep.filter((candidate) => candidate.step !== name);
  if (!step) return { ...document, prep: others };
  const after = others.findIndex((other) => WORKING_ORDER.indexOf(other.step) > WORKING_ORDER.indexOf(name));
  const at = after < 0 ? others.length : after;
  return { ...document, prep: [...others.slice(0, at), step, ...others.slice(at)] };
}

/** The plan with starch dusted on before or after the oil, or none. */
export function withStarch(document: PlanFile, massG: number, order: 'before-oil' | 'after-oil'): PlanFile {
  const bare = withPrepStep(document, 'starch', null);
  const sorted = withPrepStep(bare, 'starch', massG > 0 ? { step: 'starch', mass_g: massG } : null);
  const starch = prepStep(sorted, 'starch');
  const oil = sorted.prep.findIndex((step) => step.step === 'oil');
  if (!starch || oil < 0 || order === 'after-oil') return sorted;
  const others = sorted.prep.filter((step) => step.step !== 'starch');
  return { ...sorted, prep: [...others.slice(0, oil), starch, ...others.slice(oil)] };
}

/** Whether starch goes on before the oil. */
export function starchOrder(document: PlanFile): 'before-oil' | 'after-oil' {
  const names = document.prep.map((step) => step.step);
  return names.includes('starch') && names.indexOf('starch') < names.indexOf('oil') ? 'before-oil' : 'after-oil';
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
export function withShape<Cut extends Pick<PlanFile, 'cut'>>(document: Cut, shape: PlanFile['cut']['shape']): Cut {
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
