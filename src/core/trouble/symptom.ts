import { sampleAt } from '../batch/record-statistics';
import type { CookRecord } from '../batch/cook-record';
import { quantileOfSorted } from '../numeric/quantile';
import { RIGHT_BROWNING } from '../piece/judge-piece';
import type { Plan } from '../plan/plan';

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
}

/** Bite that is left of a wait in a bowl, by the time in which it halves. Source: `forecastHold`, heaped sticks, 6–10 min. */
const HALVES = 480;

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
  }
}
