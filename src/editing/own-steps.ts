import type { OwnDishFile, OwnPlace } from '../schemas/evening-file';

/** One step of a dish of the cook's own, as it is kept. */
export type OwnStep = OwnDishFile['steps'][number];

/** Words by which a cook says where something stands. */
const PLACES: readonly (readonly [OwnPlace, RegExp])[] = [
  ['fridge', /\b(fridge|refrigerator|chill(ed|ing)?)\b/i],
  ['ring', /\b(hob|ring|stove|pan|pot|boil(ed|ing)?|simmer(ing)?)\b/i],
  ['oven', /\b(oven|bake|baked|baking|roast(ed|ing)?)\b/i],
  ['sink', /\b(sink|wash(ed|ing)?|rins(e|ed|ing)|spin)\b/i],
  ['board', /\b(chop(ped|ping)?|slice|slicing|cut(ting)?|peel(ing)?|board)\b/i],
];

const TIME = /(\d+(?:[.,]\d+)?)\s*(h|hours?|min(?:utes?)?)\b/gi;

/** Beside a time: it passes by itself; and what is done by itself where no such word is there. */
const WAITING = /\b(wait(s|ing)?|by itself)\b/i;
const BY_ITSELF = /\b(rest(s|ing)?|stand(s|ing)?|leave|simmer|bake|roast|chill|rise|soak)\b/i;

/** Within how long the next must follow. */
const WITHIN = /\bwithin\s+(\d+(?:[.,]\d+)?)\s*(h|hours?|min(?:utes?)?)\b/i;

function minutesOf(number: string, unit: string): number {
  const value = Number(number.replace(',', '.'));
  return /^h/i.test(unit) ? value * 60 : value;
}

/** Hands for a step that only waits, and for one without a time, min. Source: assumed. */
const SET_UP = 1;
const UNSAID = 5;

/**
 * A dish's steps as a cook writes them, a line each: “chop herbs 5 min”, “simmer rice 3 min, 12 min waiting”, “chill 1 h, fridge”,
 * “dress 2 min, within 10 min”. A time is hands unless it says that it waits; what is left of the line is what is done.
 * @returns the steps, or the number of the first line that has no words
 */
export function readOwnSteps(text: string): OwnStep[] | { readonly line: number } {
  const lines = text.split('\n').map((line) => line.trim());
  const steps: OwnStep[] = [];
  for (const [i, line] of lines.entries()) {
    if (line === '') continue;
    const within = WITHIN.exec(line);
    const rest = line.replace(WITHIN, '');
    const byItself = WAITING.test(rest) ? WAITING : BY_ITSELF;
    let [hands, waits] = [0, 0];
    for (const part of rest.split(/[,;]/)) {
      for (const [, number, unit] of part.matchAll(TIME)) {
        if (byItself.test(part)) waits += minutesOf(number!, unit!);
        else hands += minutesOf(number!, unit!);
      }
    }
    const isTimed = hands + waits > 0;
    const word = rest
      .replace(TIME, '')
      .replace(/\b(waiting|waits|hands)\b/gi, '')
      .split(/[,;]/)
      .map((part) => part.trim())
      .filter((part) => part !== '' && !/^(in the |on the )?(fridge|hob|ring|oven|board|sink)$/i.test(part))
      .join(', ')
      .replace(/\s+/g, ' ')
      .trim();
    if (word === '') return { line: i + 1 };
    steps.push({
      word: word.slice(0, 60),
      hands_min: isTimed ? (hands > 0 ? hands : SET_UP) : UNSAID,
      waits_min: waits,
      place: PLACES.find(([, words]) => words.test(line))?.[0] ?? 'aside',
      ...(within ? { most_min: minutesOf(within[1]!, within[2]!) } : {}),
    });
  }
  return steps;
}

/** The steps as they would be written. */
export function writeOwnSteps(steps: readonly OwnStep[]): string {
  const time = (minutes: number) => (minutes >= 60 && minutes % 60 === 0 ? `${minutes / 60} h` : `${minutes} min`);
  return steps
    .map(({ word, hands_min, waits_min, place, most_min }) =>
      [
        `${word} ${time(hands_min)}`,
        ...(waits_min > 0 ? [`${time(waits_min)} waiting`] : []),
        ...(place === 'aside' ? [] : [place]),
        ...(most_min === undefined ? [] : [`within ${time(most_min)}`]),
      ].join(', '),
    )
    .join('\n');
}
