import { medianCrispness, medianSoftness, sampleAt } from '../batch/record-statistics';
import type { CookRecord } from '../batch/cook-record';
import { cutSlenderness } from '../cut/piece-geometry';
import { clings, MOVED_BY } from '../forecast/clinging-slices';
import { quantileOfSorted } from '../numeric/quantile';
import { RIGHT_BROWNING } from '../piece/judge-piece';
import { outerCoat } from '../plan/outer-ramp';
import { isMixing, type Plan } from '../plan/plan';
import { brokenShare } from '../prep/breakage';

/** What a cook can complain of. */
export const SYMPTOMS = [
  'soggy',
  'pale',
  'dark',
  'raw-inside',
  'hollow',
  'uneven',
  'hard',
  'greasy',
  'bitter',
  'stuck',
  'broke',
  'burst',
] as const;

/** @see SYMPTOMS */
export type Symptom = (typeof SYMPTOMS)[number];

/** What of a spoilt batch can be seen, bitten and tasted. */
export interface Features {
  /** browning of each piece, palest first */
  readonly colours: readonly number[];
  /** median browning over the middle of what is wished */
  readonly shade: number;
  /** ratio of the browning of the ninth and the first tenth */
  readonly spread: number;
  /** median glassy depth over that wished, when eaten */
  readonly crispness: number;
  /** that of the softest tenth */
  readonly softest: number;
  /** share of the softening at the heart, of the hardest tenth */
  readonly tenderness: number;
  /** share of all water that is gone */
  readonly waterLost: number;
  /** g of oil on a square metre of what was cut */
  readonly oilFilm: number;
  /** how firmly pieces hold to one another and to the grate; 1 is half of them */
  readonly sticking: number;
  /** share of the pieces that hands and shakes have broken */
  readonly broken: number;
  /** share of all water that is still in when the crust shuts; 0 where nothing shuts it in */
  readonly shutIn: number;
}

/** Bite that is left of a wait in a bowl, by the time in which it halves. Source: `forecastHold`, heaped sticks, 6–10 min. */
const HALVES = 480;

/** How roughly an opening handles soft pieces that have no crust yet; 1 is a toss in the bowl. Source: assumed. */
const AT_THE_DRAWER = 0.4;

/**
 * What holds pieces together, in units of `sticking`: water film, kg/m²; a wet coat; thin slices on one another; what a good film of oil,
 * g/m², takes off; and what is left of it where they were moved early. Source: assumed.
 */
const STICKS = { film: 0.15, wetCoat: 0.7, slices: 1.4, oilFilm: 40, oil: 0.5, moved: 0.55 } as const;

/** Crust that shuts steam in, m. Source: assumed, a third of a millimetre. */
const SHUTS = 0.33e-3;

function stickingOf(record: CookRecord, plan: Plan, pulledAt: number, oilFilm: number): number {
  const film = record.prepared.waterFilm + (plan.extraFilm ?? 0);
  const isWetCoat = plan.preparation.some(({ step }) => step === 'batter' || step === 'bind');
  const glue =
    film / STICKS.film +
    (isWetCoat ? STICKS.wetCoat : 0) +
    (clings(plan) ? STICKS.slices : 0) -
    STICKS.oil * Math.min(1, oilFilm / STICKS.oilFilm);
  const isMoved = plan.events.some(({ action, time }) => isMixing(action) && time <= MOVED_BY && time < pulledAt);
  return Math.max(0, glue) * (isMoved ? STICKS.moved : 1);
}

/** Broken before the fryer, and at each opening by as much as the pieces are soft and have no crust yet. */
function brokenOf(record: CookRecord, plan: Plan, pulledAt: number): number {
  const slenderness = cutSlenderness(plan.cut);
  const whole = plan.events.reduce((left, { action, time }) => {
    if (!isMixing(action) || time >= pulledAt) return left;
    const s = sampleAt(record, time);
    const bare = Math.max(0, 1 - medianCrispness(record, s));
    return left * (1 - brokenShare(medianSoftness(record, s), AT_THE_DRAWER * bare, slenderness));
  }, 1 - record.prepared.breakage);
  return 1 - whole;
}

/** Water still in when the crust shuts, where a coat or a dough holds it. */
function shutInOf(record: CookRecord, plan: Plan, until: number): number {
  if (!outerCoat(plan) && plan.cut.shape !== 'formed') return 0;
  for (let s = 0; s <= until; s++) if (record.crustDepth[s]! >= SHUTS) return 1 - record.waterLost[s]!;
  return 0;
}

/** Features of a cook at the pull, eaten after a wait of so many s. */
export function featuresOf(
  record: CookRecord,
  plan: Plan,
  pulledAt: number,
  waited: number,
  oilFilm: number,
): Features {
  const s = sampleAt(record, pulledAt);
  const { pieces } = record;
  const sorted = (of: (piece: number) => number) =>
    Array.from({ length: pieces }, (_, p) => of(p)).sort((a, b) => a - b);
  const colours = sorted(
    (p) => (record.browning[2 * (s * pieces + p)]! + record.browning[2 * (s * pieces + p) + 1]!) / 2,
  );
  const kept = 0.5 ** (waited / HALVES);
  const bites = sorted((p) => record.crispness[s * pieces + p]! * kept);
  const hearts = sorted((p) => record.softness[s * pieces + p]!);
  const { from, to } = RIGHT_BROWNING[plan.target.colour];
  return {
    colours,
    shade: quantileOfSorted(colours, 0.5) / Math.sqrt(from * to),
    spread: (quantileOfSorted(colours, 0.9) + 0.08) / (quantileOfSorted(colours, 0.1) + 0.08),
    crispness: quantileOfSorted(bites, 0.5),
    softest: quantileOfSorted(bites, 0.1),
    tenderness: quantileOfSorted(hearts, 0.1),
    waterLost: record.waterLost[s]!,
    oilFilm,
    sticking: stickingOf(record, plan, pulledAt, oilFilm),
    broken: brokenOf(record, plan, pulledAt),
    shutIn: shutInOf(record, plan, s),
  };
}

/** 0 to 1 as `value` passes `limit`, half at it; `width` is the doubt either side. */
const past = (value: number, limit: number, width: number) => 1 / (1 + Math.exp((-1.7 * (value - limit)) / width));

/**
 * How likely a cook complains so of a batch like that. Limits are those by which pieces are judged, doubts half a swatch or half a
 * word. Source: limits as in `judgePiece` and `oilBudget`; doubts assumed.
 */
export function complains(symptom: Symptom, features: Features, plan: Plan): number {
  const crisp = plan.target.crispness === 'crisp' || plan.target.crispness === 'very-crisp';
  const shade = Math.log(features.shade + 0.02);
  switch (symptom) {
    case 'soggy':
      return crisp ? past(-Math.log(features.crispness + 0.05), -Math.log(0.75), 0.35) : 0.05;
    case 'pale':
      return past(-shade, 0.55, 0.25);
    case 'dark':
      return past(shade, 0.6, 0.25);
    case 'raw-inside':
      return past(0.55 - features.tenderness, 0, 0.12);
    case 'hollow':
      return past(features.waterLost, 0.8, 0.05);
    case 'uneven':
      return past(Math.log(features.spread), Math.log(2.6), 0.3);
    case 'hard':
      return past(Math.log(features.crispness + 0.05), Math.log(3.2), 0.35);
    case 'greasy':
      return past(features.oilFilm, 95, 18);
    case 'bitter':
      return past(features.colours.at(-2) ?? 0, 2.9, 0.5);
    case 'stuck':
      return past(features.sticking, 1, 0.3);
    case 'broke':
      return past(features.broken, 0.12, 0.05);
    case 'burst':
      return features.shutIn === 0 ? 0 : past(features.shutIn, 0.85, 0.06);
  }
}
