import { batchYield } from '../core/cut/batch-yield';
import type { Warning } from '../core/forecast/warning';
import { HELD_OIL } from '../core/prep/browning-factor';
import { justHolds } from '../core/prep/just-holds';
import type { PlanFile } from '../schemas/plan-file';
import { wholePlanFromFile } from '../schemas/plan-from-file';
import { kelvinFromCelsius } from '../core/units/temperature';
import { withOpenings, withStages } from './edit-cook';
import { BINDER_STRENGTH } from '../core/food/binder';
import { BINDS_ITSELF } from '../core/forecast/falls-apart';
import { withLoads } from './edit-loads';
import { prepStep, withPrepStep } from './edit-plan';
import { withStepChanged, withStepPutIn } from './edit-steps';

/** What to change about a plan against one of its warnings; the words are made in the interface. */
export interface Mend {
  readonly kind:
    | 'split'
    | 'longer'
    | 'cooler'
    | 'hotter'
    | 'chips-cooler'
    | 'even-cut'
    | 'shake'
    | 'dry'
    | 'oil'
    | 'less-oil'
    | 'refined-oil'
    | 'parcook-shorter'
    | 'fewer-openings'
    | 'no-liner'
    | 'shake-early'
    | 'bind'
    | 'fridge'
    | 'soak';
  readonly document: PlanFile;
}

/** Dial for thin chips, °C. Source: product definition: at 150 °C they are golden for minutes, at 180 °C hardly one. */
const CHIP_DIAL = 150;

/** What a mend turns the dial down by, °C, and how much longer the stages then are. Source: chosen, one step a cook would try. */
const COOLER_BY = 20;
const LONGER_BY = 1.4;

/** Dials between which a mend stays, °C. Source: as the bench offers them. */
const COOLEST = 100;
const HOTTEST = 230;

/** Longest that a mend lets a stage be, min. */
const LONGEST_STAGE = 90;

/** Scatter of a careful hand with a guide. Source: as the bench offers for a mandoline. */
const EVEN_SCATTER = 0.03;

/** Minutes before which thin slices must move. Source: as the warning has it. */
const EARLY_SHAKE = 3;

/** Most loads that a mend proposes. */
const MOST_LOADS = 4;

/** The mend of a warning, or null where there is none that a plan could hold. @param pullMinute when the plan is pulled */
export function mendOf(warning: Warning, document: PlanFile, pullMinute: number): Mend | null {
  switch (warning.code) {
    case 'too-full':
    case 'power-limited': {
      const { count } = document.loads;
      return count < MOST_LOADS ? { kind: 'split', document: withLoads(document, count + 1) } : null;
    }
    case 'will-not-crisp':
    case 'not-done-in-time':
      return { kind: 'longer', document: stretched(document, 0) };
    case 'dries-before-browning':
      return { kind: 'hotter', document: stretched(document, -COOLER_BY) };
    case 'window-narrow':
      return isChip(document)
        ? { kind: 'chips-cooler', document: atDial(document, CHIP_DIAL) }
        : { kind: 'cooler', document: stretched(document, COOLER_BY) };
    case 'browns-before-cooked':
    case 'sweet-burns':
      return { kind: 'cooler', document: stretched(document, COOLER_BY) };
    case 'cut-uneven':
      return { kind: 'even-cut', document: { ...document, cut: { ...document.cut, scatter: EVEN_SCATTER } } };
    case 'never-turned':
      return { kind: 'shake', document: withOpenings(document, 1, pullMinute) };
    case 'never-together':
      /* thin chips at full heat go from pale to burnt within a minute: no shake helps */
      if (isChip(document) && document.cook.stages.some((stage) => stage.temperature_c > CHIP_DIAL + 10)) {
        return { kind: 'chips-cooler', document: atDial(document, CHIP_DIAL) };
      }
      return { kind: 'shake', document: withOpenings(document, mixings(document) + 1, pullMinute) };
    case 'wet-pieces':
      return { kind: 'dry', document: withDryTowel(document) };
    case 'dry-coat':
      return {
        kind: 'oil',
        document: withStepPutIn(document, 'prep', document.prep.length, {
          step: 'oil',
          mass_g: filmGrams(document, USEFUL_FILM),
        }),
      };
    case 'too-much-oil':
    case 'smoke':
      return { kind: 'less-oil', document: withLessOil(document) };
    case 'oil-smokes':
      return {
        kind: 'refined-oil',
        document: {
          ...document,
          prep: document.prep.map((step) => (step.step === 'oil' ? { ...step, kind: 'refined' as const } : step)),
        },
      };
    case 'over-boiled':
    case 'breaks':
      return parcookedShorter(document);
    case 'peeking':
      return { kind: 'fewer-openings', document: withFewerOpenings(document) };
    case 'liner-loose':
      return { kind: 'no-liner', document: { ...document, fryer: { ...document.fryer, liner: false } } };
    case 'slices-stick':
      return {
        kind: 'shake-early',
        document: {
          ...document,
          cook: {
            ...document.cook,
            openings: 'set',
            events: [{ minute: EARLY_SHAKE, action: 'shake' }, ...document.cook.events],
          },
        },
      };
    case 'no-binder':
      return {
        kind: 'bind',
        document: withStepPutIn(document, 'prep', 0, {
          step: 'bind',
          with: 'flour',
          mass_g: bindingFlour(document, warning.falling),
        }),
      };
    case 'marinade-warm': {
      const at = document.prep.findIndex((step) => step.step === 'marinate');
      const step = document.prep[at];
      return step?.step === 'marinate'
        ? { kind: 'fridge', document: withStepChanged(document, 'prep', at, { ...step, place: 'fridge' }) }
        : null;
    }
    case 'acrylamide-high':
      return prepStep(document, 'soak')
        ? null
        : { kind: 'soak', document: withPrepStep(document, 'soak', { step: 'soak', water_c: 15, minutes: 30 }) };
    case 'two-hours':
    case 'numerics':
      return null;
  }
}

/** Flour that makes a formed mass hold, g, a little more than it needs. */
function bindingFlour(document: PlanFile, falling: number): number {
  return Math.ceil((falling * BINDS_ITSELF * document.mass_g) / BINDER_STRENGTH.flour) + 1;
}

function mixings(document: PlanFile): number {
  return document.cook.events.filter(({ action }) => action === 'shake' || action === 'toss' || action === 'flip')
    .length;
}

function isChip({ cut }: PlanFile): boolean {
  return cut.shape === 'slice' && cut.thickness_mm <= 3.5;
}

function stretched(document: PlanFile, coolerBy: number): PlanFile {
  return withStages(
    document,
    document.cook.stages.map((stage, i, all) => ({
      temperature_c: Math.min(HOTTEST, Math.max(COOLEST, stage.temperature_c - coolerBy)),
      minutes: i === all.length - 1 ? Math.min(LONGEST_STAGE, Math.round(stage.minutes * LONGER_BY)) : stage.minutes,
    })),
  );
}

function atDial(document: PlanFile, celsius: number): PlanFile {
  const minutes = document.cook.stages.reduce((sum, stage) => sum + stage.minutes, 0);
  return withStages(document, [
    { minutes: Math.min(LONGEST_STAGE, Math.round(minutes * LONGER_BY)), temperature_c: celsius },
  ]);
}

/** A film of oil that browns well and does not drip, kg/m². Source: half of what clings. */
const USEFUL_FILM = HELD_OIL / 2;

function filmGrams(document: PlanFile, film: number): number {
  const plan = wholePlanFromFile(document);
  const { surface } = batchYield(plan.food, plan.cut, plan.mass);
  return Math.max(1, Math.round(surface * film * 2000) / 2);
}

/** The plan with as much oil as clings, shared among its oilings as before. */
function withLessOil(document: PlanFile): PlanFile {
  const plan = wholePlanFromFile(document);
  const now = plan.preparation.reduce((sum, step) => (step.step === 'oil' ? sum + step.mass * 1000 : sum), 0);
  const share = now > 0 ? filmGrams(document, HELD_OIL * 0.8) / now : 1;
  let own = 0;
  const prep = document.prep.map((step) => {
    if (step.step !== 'oil') return step;
    const mass = plan.preparation.filter((one) => one.step === 'oil')[own++]!.mass * 1000;
    return {
      step: 'oil' as const,
      mass_g: Math.round(mass * share * 2) / 2,
      ...(step.method ? { method: step.method } : {}),
    };
  });
  return { ...document, prep };
}

/** Steps that leave pieces wet. */
const WETTING: ReadonlySet<string> = new Set(['rinse', 'soak', 'dip', 'parcook', 'brine', 'marinate']);

function withDryTowel(document: PlanFile): PlanFile {
  const towel = { step: 'dry', method: 'towel' } as const;
  const wetted = document.prep.findLastIndex(({ step }) => WETTING.has(step));
  const dried = document.prep.findLastIndex(({ step }) => step === 'dry');
  /* a towel before the last wetting dries nothing that goes in */
  if (dried > wetted) return withStepChanged(document, 'prep', dried, towel);
  return withStepPutIn(document, 'prep', wetted + 1, towel);
}

function parcookedShorter(document: PlanFile): Mend | null {
  const at = document.prep.findIndex(({ step }) => step === 'parcook');
  const step = document.prep[at];
  if (step?.step !== 'parcook') return null;
  const holds = justHolds(wholePlanFromFile(document), step.method, kelvinFromCelsius(step.water_c));
  if (holds === null || holds / 60 >= step.minutes) return null;
  const minutes = Math.max(0.5, Math.round(holds / 30) / 2);
  return { kind: 'parcook-shorter', document: withStepChanged(document, 'prep', at, { ...step, minutes }) };
}

/** The plan with glances left out, and every second opening where there are none to leave out. */
function withFewerOpenings(document: PlanFile): PlanFile {
  const { events } = document.cook;
  const kept = events.filter(({ action }) => action !== 'open');
  const fewer = kept.length < events.length ? kept : events.filter((_, i) => i % 2 === 0);
  return { ...document, cook: { ...document.cook, openings: 'set', events: fewer } };
}
