import { batchYield } from '../core/cut/batch-yield';
import { freshLayers } from '../core/fryer/layers';
import { justHolds } from '../core/prep/just-holds';
import { MODEL_DOUBT } from '../core/trial/difference';
import { kelvinFromCelsius } from '../core/units/temperature';
import type { PlanFile } from '../schemas/plan-file';
import { wholePlanFromFile } from '../schemas/plan-from-file';
import { withStages } from './edit-cook';
import { withLoads } from './edit-loads';
import { prepStep, starchOrder, withPrepStep, withStarch } from './edit-plan';
import type { SCHOOL_STATIONS } from './school-stations';
import { type Soak, SOAKS, soakOf, withSoak } from './soaks';
import { ONE_LAYER, USUAL_PREHEAT, usualSeasoning, usualStarch } from './usual-amounts';

/** One answer to a question on which cooks differ. */
export interface SchoolWay {
  readonly word: string;
  readonly document: PlanFile;
}

/** A question on which cooks differ, as it stands for one plan. */
export interface SchoolQuestion {
  readonly station: (typeof SCHOOL_STATIONS)[number];
  readonly asks: string;
  /** how far the model may be off in the share that comes out right by one way more than by another, standard deviation */
  readonly doubt: number;
  /** as the plan has it */
  readonly planned: SchoolWay;
  /** as others do it; at least one */
  readonly others: readonly SchoolWay[];
}

/**
 * How far the model may be off: in what heat and air do, in what water and sugar do, and in what a coat or salt does to the bite.
 * Source: assumed; the last two it knows least.
 */
const DOUBT = { heat: MODEL_DOUBT, water: 0.12, coat: 0.15 } as const;

/** Pieces that soften sooner than this need no cooking before the fryer, s. Source: chosen. */
const SOFT_AT_ONCE = 150;

/** Half of a gentler stage's minutes and how much cooler it is, K. Source: as the bench offers it. */
const GENTLER_MINUTES = 8;
const GENTLER_BY = 25;
const COOLEST = 100;

/** A step of thickness that is tasted, share. Source: chosen, two slots of a gauge plate. */
const THICKER = 0.25;

/** Water that boils, °C. */
const BOILING = 100;

/** Longest that pieces are boiled before the fryer, s. Source: chosen; beyond, nobody would. */
const LONGEST_BOIL = 1200;

const minutesText = (minutes: number) => `${Number(minutes.toFixed(1))} min`;

/**
 * Every question on which cooks differ that this plan answers one way or the other.
 * @param lengthWord says a size in mm as the cook reads it
 */
export function schoolsOf(document: PlanFile, lengthWord: (mm: number) => string): SchoolQuestion[] {
  return [
    thickness(document, lengthWord),
    soak(document),
    parcook(document),
    starch(document),
    salt(document),
    preheat(document),
    layers(document),
    stages(document),
  ].flatMap((question) => (question && question.others.length > 0 ? [question] : []));
}

function thickness(document: PlanFile, lengthWord: (mm: number) => string): SchoolQuestion | null {
  const { cut } = document;
  if (cut.shape === 'sheet' || !('thickness_mm' in cut) || cut.thickness_mm === undefined) return null;
  const mm = cut.thickness_mm;
  const step = mm <= 4 ? 0.5 : 1;
  const by = Math.max(step, Math.round((mm * THICKER) / step) * step);
  const at = (value: number): SchoolWay => ({
    word: `${lengthWord(value)} thick`,
    document: { ...document, cut: { ...cut, thickness_mm: value, width_mm: undefined } as PlanFile['cut'] },
  });
  return {
    station: 'cut',
    asks: 'Thicker or thinner?',
    doubt: DOUBT.heat,
    planned: { word: `${lengthWord(mm)} thick`, document },
    others: [...(mm - by >= 1 ? [at(mm - by)] : []), at(mm + by)],
  };
}

const isOldQuarrel = ({ value }: Soak) => value === 'cold' || value === 'none';

function soak(document: PlanFile): SchoolQuestion {
  const current = soakOf(document);
  const word = SOAKS.find(({ value }) => value === current)!.word;
  return {
    station: 'soak',
    asks: 'Soaked, and in which water?',
    doubt: DOUBT.water,
    planned: { word, document },
    /* the old quarrel first: in cold water, or not at all */
    others: [...SOAKS.filter(isOldQuarrel), ...SOAKS.filter((way) => !isOldQuarrel(way))]
      .filter(({ value }) => value !== current)
      .map((way) => ({
        word: way.word,
        document: withSoak(document, way),
      })),
  };
}

function parcook(document: PlanFile): SchoolQuestion | null {
  const current = prepStep(document, 'parcook');
  if (current) {
    return {
      station: 'parcook',
      asks: 'Raw, or cooked first?',
      doubt: DOUBT.water,
      planned: { word: `cooked first, ${minutesText(current.minutes)}`, document },
      others: [{ word: 'raw into the fryer', document: withPrepStep(document, 'parcook', null) }],
    };
  }
  const holds = justHolds(wholePlanFromFile(document), 'boil', kelvinFromCelsius(BOILING));
  if (holds === null || holds < SOFT_AT_ONCE || holds > LONGEST_BOIL) return null;
  const minutes = Math.max(1, Math.round((holds / 60) * 2) / 2);
  return {
    station: 'parcook',
    asks: 'Raw, or cooked first?',
    doubt: DOUBT.water,
    planned: { word: 'raw into the fryer', document },
    others: [
      {
        word: `boiled ${minutesText(minutes)} first`,
        document: withPrepStep(document, 'parcook', { step: 'parcook', method: 'boil', minutes, water_c: BOILING }),
      },
    ],
  };
}

function starch(document: PlanFile): SchoolQuestion | null {
  if (!prepStep(document, 'oil')) return null;
  if (document.prep.some(({ step }) => step === 'dredge' || step === 'batter' || step === 'coat')) return null;
  const grams = prepStep(document, 'starch')?.mass_g ?? 0;
  const { food, cut, mass } = wholePlanFromFile(document);
  const usual = grams || usualStarch(batchYield(food, cut, mass).surface);
  const ways = [
    { value: 'none', word: 'no starch', document: withStarch(document, 0, 'after-oil') },
    { value: 'before-oil', word: 'starch before the oil', document: withStarch(document, usual, 'before-oil') },
    { value: 'after-oil', word: 'starch after the oil', document: withStarch(document, usual, 'after-oil') },
  ];
  const current = grams === 0 ? 'none' : starchOrder(document);
  return {
    station: 'coat',
    asks: 'Starch, and when?',
    doubt: DOUBT.coat,
    planned: { word: ways.find(({ value }) => value === current)!.word, document },
    others: ways
      .filter(({ value }) => value !== current)
      .map(({ word, document: other }) => ({ word, document: other })),
  };
}

function salt(document: PlanFile): SchoolQuestion {
  const seasoned = prepStep(document, 'season');
  const before = { word: 'salted before the fryer' };
  const after = { word: 'salted after, while hot' };
  if (seasoned) {
    const other = { ...after, document: withPrepStep(document, 'season', null) };
    return {
      station: 'coat',
      asks: 'Salt before or after?',
      doubt: DOUBT.coat,
      planned: { ...before, document },
      others: [other],
    };
  }
  const mass = usualSeasoning(document.mass_g);
  const other = {
    ...before,
    document: withPrepStep(document, 'season', { step: 'season', mass_g: mass, salt_share: 0.5 }),
  };
  return {
    station: 'coat',
    asks: 'Salt before or after?',
    doubt: DOUBT.coat,
    planned: { ...after, document },
    others: [other],
  };
}

function preheat(document: PlanFile): SchoolQuestion {
  const current = document.fryer.preheat;
  const cold = 'into a cold fryer';
  const other = current
    ? { word: cold, document: { ...document, fryer: { ...document.fryer, preheat: null } } }
    : {
        word: `into a hot fryer, ${USUAL_PREHEAT} min ahead`,
        document: {
          ...document,
          fryer: {
            ...document.fryer,
            preheat: { minutes: USUAL_PREHEAT, temperature_c: document.cook.stages[0]!.temperature_c },
          },
        },
      };
  const word = current ? `into a hot fryer, ${minutesText(current.minutes)} ahead` : cold;
  return {
    station: 'fryer',
    asks: 'Hot or cold to begin with?',
    doubt: DOUBT.heat,
    planned: { word, document },
    others: [other],
  };
}

function layers(document: PlanFile): SchoolQuestion | null {
  const { count } = document.loads;
  if (count > 1) {
    const other = { word: 'one heap', document: withLoads(document, 1) };
    return {
      station: 'load',
      asks: 'In layers or in one heap?',
      doubt: DOUBT.heat,
      planned: { word: `${count} loads`, document },
      others: [other],
    };
  }
  const deep = freshLayers(wholePlanFromFile(document));
  if (deep <= ONE_LAYER) return null;
  const loads = Math.ceil(deep - (ONE_LAYER - 1));
  return {
    station: 'load',
    asks: 'In layers or in one heap?',
    doubt: DOUBT.heat,
    planned: { word: 'one heap', document },
    others: [{ word: `${loads} loads, one layer each`, document: withLoads(document, loads) }],
  };
}

function stages(document: PlanFile): SchoolQuestion {
  const own = document.cook.stages;
  const last = own.at(-1)!;
  const asks = 'One temperature or two?';
  if (own.length > 1) {
    const minutes = own.reduce((sum, stage) => sum + stage.minutes, 0);
    const other = { word: 'one temperature', document: withStages(document, [{ ...last, minutes }]) };
    return {
      station: 'cook',
      asks,
      doubt: DOUBT.heat,
      planned: { word: `${own.length} temperatures`, document },
      others: [other],
    };
  }
  const gentle = { minutes: GENTLER_MINUTES, temperature_c: Math.max(COOLEST, last.temperature_c - GENTLER_BY) };
  return {
    station: 'cook',
    asks,
    doubt: DOUBT.heat,
    planned: { word: 'one temperature', document },
    others: [{ word: `gentler for the first ${GENTLER_MINUTES} min`, document: withStages(document, [gentle, last]) }],
  };
}
