import { listFoods } from '../../core/food/catalogue';
import type { Outcome } from '../../schemas/batch';
import { WISHED_BROWNING } from '../wished-browning';

/** The food that a word of the notes most likely means: all its words in the name, or the name's first word in it; '' where none. */
export function guessFood(value: string): string {
  const said = value.toLowerCase();
  const words = said.split(/[^a-zà-ÿ]+/).filter((word) => word.length > 2);
  const names = listFoods().map(({ id, name }) => ({ id, name: name.toLowerCase() }));
  const whole = names.find(
    ({ name }) => words.length > 0 && words.every((word) => name.includes(word.replace(/s$/, ''))),
  );
  return (whole ?? names.find(({ name }) => said.includes(name.split(/[^a-zà-ÿ]/)[0]!)))?.id ?? '';
}

/** Colours as cooks write them, with the browning of the swatch they mean; 1 is golden. Source: the swatches; dark assumed, halfway to burnt. */
export const NOTE_COLOURS = {
  pale: WISHED_BROWNING.pale,
  golden: WISHED_BROWNING.golden,
  brown: WISHED_BROWNING.brown,
  dark: 3,
} as const;

/** @see NOTE_COLOURS */
export type NoteColour = keyof typeof NOTE_COLOURS;

const BITE_WORDS: readonly (readonly [RegExp, Outcome['crispness']])[] = [
  [/very|extra|super/i, 'very-crisp'],
  [/hard|tough|leather/i, 'hard'],
  [/soft|soggy|limp|sad/i, 'soft'],
  [/tender|ok|fine|meh/i, 'tender'],
  [/crisp|crunch|good|great/i, 'crisp'],
];
const COLOUR_WORDS: readonly (readonly [RegExp, NoteColour])[] = [
  [/burn|black|dark/i, 'dark'],
  [/pale|white|light|blond/i, 'pale'],
  [/gold|yellow|good/i, 'golden'],
  [/brown/i, 'brown'],
];
const EVEN_WORDS: readonly (readonly [RegExp, Outcome['evenness']])[] = [
  [/uneven|patch|mixed/i, 'uneven'],
  [/some|mostly|half/i, 'some-differ'],
  [/even|same|alike|yes/i, 'even'],
];

/** Dial above which it can only be Fahrenheit. Source: no such fryer has more than 260 °C. */
const ONLY_FAHRENHEIT = 260;

/** The unit of a column of dials. @param usual the kitchen's own */
export function guessDialUnit(values: readonly string[], usual: 'C' | 'F'): 'C' | 'F' {
  return values.some((value) => Number.parseFloat(value) > ONLY_FAHRENHEIT) ? 'F' : usual;
}

const guessBy =
  <Word>(words: readonly (readonly [RegExp, Word])[]) =>
  (value: string): Word | null =>
    words.find(([said]) => said.test(value))?.[1] ?? null;

export const guessBite = guessBy(BITE_WORDS);
export const guessColour = guessBy(COLOUR_WORDS);
export const guessEvenness = guessBy(EVEN_WORDS);
