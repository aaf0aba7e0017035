import type { PlanFile } from '../schemas/plan-file';
import { markedAsSet } from './amounts';
import type { AfterStep, PrepStep } from '../schemas/plan-steps';

/** The plan with its first rest changed, or one put in before all else that follows the last cook. */
export function withRest(document: PlanFile, rest: Extract<AfterStep, { step: 'rest' }>): PlanFile {
  const at = document.after.findIndex((step) => step.step === 'rest');
  if (at < 0) return { ...document, after: [rest, ...document.after] };
  return { ...document, after: document.after.with(at, markedAsSet(document, document.after[at]!, rest)) };
}

/** A step that takes `minutes`, in whatever unit the step is timed; one that takes no time of its own stays as it is. */
export function withMinutes(step: PrepStep, minutes: number): PrepStep {
  switch (step.step) {
    case 'soak':
    case 'parcook':
    case 'press':
    case 'marinate':
    case 'brine':
    case 'dry':
    case 'cool':
      return { ...step, minutes };
    case 'chill':
    case 'freeze':
      return { ...step, hours: minutes / 60 };
    case 'dip':
      return { ...step, seconds: minutes * 60 };
    case 'cook':
      return { ...step, stages: stretched(step.stages, minutes), until: 'stages' };
    default:
      return step;
  }
}

/** Stages that together last `minutes`: the last one longer or shorter, those beyond the end left out. */
function stretched<Stage extends { readonly minutes: number }>(stages: readonly Stage[], minutes: number): Stage[] {
  const kept: Stage[] = [];
  let left = minutes;
  stages.forEach((stage, i) => {
    const own = i === stages.length - 1 ? left : Math.min(stage.minutes, left);
    if (own > 0) kept.push({ ...stage, minutes: own });
    left -= own;
  });
  return kept;
}

/** The two lists that stand around the last cook. */
export type StepList = 'prep' | 'after';

/** The plan with a step moved within its list. */
export function withStepMoved(document: PlanFile, list: StepList, from: number, to: number): PlanFile {
  const steps: (PrepStep | AfterStep)[] = [...document[list]];
  const [step] = steps.splice(from, 1);
  if (!step) return document;
  steps.splice(to, 0, step);
  return { ...document, [list]: steps };
}

/** The plan without one of its steps. */
export function withoutStep(document: PlanFile, list: StepList, at: number): PlanFile {
  return { ...document, [list]: document[list].filter((_, i) => i !== at) };
}

/** The plan with a step put in before the one at `at`, or at the end. */
export function withStepPutIn(document: PlanFile, list: StepList, at: number, step: PrepStep | AfterStep): PlanFile {
  const steps: (PrepStep | AfterStep)[] = [...document[list]];
  steps.splice(at, 0, step);
  return { ...document, [list]: steps };
}

/** The plan with one of its steps changed. */
export function withStepChanged(document: PlanFile, list: StepList, at: number, step: PrepStep | AfterStep): PlanFile {
  const before = document[list][at];
  const set = before ? markedAsSet(document, before, step) : step;
  return { ...document, [list]: document[list].map((own, i) => (i === at ? set : own)) };
}

/** Every step that can be added before the last cook, as it is usually done with `massG` of pieces. */
export function newPrepSteps(massG: number): PrepStep[] {
  const share = massG / 500;
  const grams = (usual: number) => Math.max(1, Math.round(usual * share));
  return [
    { step: 'rinse', changes: 2 },
    { step: 'soak', water_c: 15, minutes: 30 },
    { step: 'dip', bath: 'salted', seconds: 15 },
    { step: 'parcook', method: 'boil', minutes: 4, water_c: 75 },
    { step: 'press', minutes: 20 },
    { step: 'freeze-thaw' },
    { step: 'marinate', minutes: 30 },
    { step: 'brine', minutes: 60 },
    { step: 'dry', method: 'towel' },
    { step: 'cool', minutes: 10 },
    { step: 'chill', hours: 12 },
    { step: 'freeze', hours: 12 },
    { step: 'cut', cut: { shape: 'stick', thickness_mm: 10, length_mm: 70, scatter: 0.07 } },
    { step: 'press-flat', thickness_mm: 10 },
    { step: 'oil', mass_g: grams(10) },
    { step: 'starch', mass_g: grams(8) },
    { step: 'season', mass_g: grams(4), salt_share: 0.5 },
    { step: 'bind', with: 'egg', mass_g: grams(50) },
    { step: 'dredge', layers: 1 },
    { step: 'batter', mass_g: grams(100) },
    {
      step: 'coat',
      crumb_g: grams(25),
      flour_g: grams(8),
      egg_g: grams(20),
      aquafaba_g: 0,
      mustard_g: 0,
      cheese_g: 0,
      nuts_g: 0,
      seeds_g: 0,
      herbs_g: 0,
      sugar_g: 0,
    },
    {
      step: 'cook',
      stages: [{ minutes: 12, temperature_c: 150 }],
      events: [{ minute: 6, action: 'shake' }],
      preheat: null,
      until: 'stages',
    },
  ];
}

/** Every step that can be added after the last cook. */
export function newAfterSteps(massG: number): AfterStep[] {
  const grams = (usual: number) => Math.max(1, Math.round((usual * massG) / 500));
  return [
    { step: 'rest', minutes: 2, place: 'rack', salt_g: 0 },
    { step: 'dress', with: 'spice', mass_g: grams(4) },
    { step: 'refresh', minutes: 4, temperature_c: 190 },
    { step: 'temper', to_c: 60 },
    { step: 'keep', hours: 24, place: 'fridge' },
  ];
}
