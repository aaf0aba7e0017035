import { EVENING_LIMITS, type OwnDishFile } from '../schemas/evening-file';
import { cutText } from '../schemas/storable-text';
import { jsonIn } from './json-in-text';
import { type OwnStep, readOwnSteps } from './own-steps';
import { findRecipe, minutesOfDuration, texts } from './recipe-node';

/** The longest instruction that is looked through, characters, and lines of what is bought. */
const LONGEST = 2000;
const NEEDS = 30;

/** A dish of one's own as a recipe has it. */
export interface OwnRecipe {
  readonly name: string;
  readonly steps: readonly OwnStep[];
  readonly needs: OwnDishFile['needs'];
  /** for how many it is written; null where it does not say */
  readonly people: number | null;
}

/** Words before a time that mean nothing without it, and of two times the longer counts. */
const BEFORE_TIME = /\b(?:for|about|another|around|within the|after)\s{1,3}(?=\d)/gi;
const RANGE = /\d+(?:[.,]\d+)?\s{0,3}(?:-|–|to)\s{0,3}(?=\d+(?:[.,]\d+)?\s{0,3}(?:h|hours?|min(?:utes?)?)\b)/gi;

/** Heat that goes on by itself, which recipes say without “waiting”. */
const BY_ITSELF = /\b(boil|cook|steam|marinate|freeze|cool|prove|proof)\b/i;

/** Words of a step, no longer than a bar can say. */
function shortWords(words: string): string {
  const [first] = words.replace(/\s+/g, ' ').split(/(?<=[a-z)])\.\s/i);
  const sentence = first!.replace(/[\s,;.]+$/, '').trim();
  return sentence.length <= 60 ? sentence : cutText(sentence, 60).replace(/[\s,;]+\S*$/, '');
}

function stepsOf(instruction: string): OwnStep[] {
  const line = instruction.slice(0, LONGEST).replace(/\s+/g, ' ').replace(RANGE, '').replace(BEFORE_TIME, '');
  const timed = BY_ITSELF.test(line) ? line.replace(/(\d\s{0,3}(?:h|hours?|min(?:utes?)?))\b/gi, '$1 waiting') : line;
  const read = readOwnSteps(timed);
  if (!Array.isArray(read)) return [];
  return read.map((step) => ({ ...step, word: shortWords(step.word) })).filter(({ word }) => word !== '');
}

/** Steps that follow one another without a wait, made one, until there are no more than an evening holds. */
function fewEnough(steps: readonly OwnStep[]): OwnStep[] {
  const few = [...steps];
  while (few.length > EVENING_LIMITS.steps) {
    const sums = few.slice(1).map((step, i) => few[i]!.waits_min * 100 + few[i]!.hands_min + step.hands_min);
    const at = sums.indexOf(Math.min(...sums));
    const [one, other] = [few[at]!, few[at + 1]!];
    few.splice(at, 2, {
      ...other,
      word: shortWords(`${one.word}; ${other.word}`),
      hands_min: one.hands_min + other.hands_min,
      waits_min: one.waits_min + other.waits_min,
    });
  }
  return few;
}

/** A Recipe as steps with hands, waits and places, as far as its words say them; null when there is none or it has no steps. */
export function ownDishFromRecipe(value: unknown): OwnRecipe | null {
  const recipe = findRecipe(value);
  if (!recipe) return null;
  const steps = fewEnough(
    texts(recipe.recipeInstructions)
      .flatMap((text) => text.split('\n'))
      .flatMap(stepsOf),
  );
  if (steps.length === 0) return null;
  const [cook, last] = [minutesOfDuration(recipe.cookTime) ?? 0, steps.at(-1)!];
  /* where the steps say no time at all, the recipe’s own stands at the last */
  const timed = steps.some(({ waits_min }) => waits_min > 0) || cook === 0;
  const within = (minutes: number, most: number) => Math.min(most, minutes);
  return {
    name: cutText(texts(recipe.name).join(' ').trim(), 60) || 'A dish from a recipe',
    steps: (timed ? steps : [...steps.slice(0, -1), { ...last, waits_min: cook }]).map((step) => ({
      ...step,
      hands_min: within(step.hands_min, 180),
      waits_min: within(step.waits_min, EVENING_LIMITS.minutes),
    })),
    needs: texts(recipe.recipeIngredient)
      .map((line) => cutText(line.replace(/\s+/g, ' ').trim(), 80))
      .filter(Boolean)
      .slice(0, NEEDS),
    people: Number(/\d{1,2}/.exec(texts(recipe.recipeYield).join(' '))?.[0] ?? 0) || null,
  };
}

/** What came of a recipe file: the dish, or what is wrong with it. */
export type OwnRecipeReading =
  { readonly kind: 'dish'; readonly dish: OwnRecipe } | { readonly kind: 'refused'; readonly lines: readonly string[] };

/** Reads a Recipe in JSON-LD, also inside a saved page, as a dish of one's own. */
export function readOwnRecipe(text: string): OwnRecipeReading {
  const refused = (line: string): OwnRecipeReading => ({ kind: 'refused', lines: [line] });
  let value: unknown;
  try {
    value = JSON.parse(jsonIn(text));
  } catch {
    return refused('This is not JSON. A recipe in JSON-LD is needed, or a saved page that carries one.');
  }
  const dish = ownDishFromRecipe(value);
  return dish ? { kind: 'dish', dish } : refused('No recipe with steps stands in this file.');
}
