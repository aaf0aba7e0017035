import { cutText } from '../schemas/storable-text';
import { batchYield } from '../core/cut/batch-yield';
import { COAT_INGREDIENTS } from '../core/food/coat-by-recipe';
import { listFoods } from '../core/food/catalogue';
import type { Food } from '../core/food/food';
import { withPrepStep, withShape } from './edit-plan';
import { FIRST_PLAN } from '../schemas/first-plan';
import { type PlanFile, planFileSchema } from '../schemas/plan-file';
import { writePlanFile, type WrittenPlan } from '../schemas/write-plan';
import { findRecipe, minutesOfDuration, texts } from './recipe-node';
import { planFood, wholePlanFromFile } from '../schemas/plan-from-file';

/** A schema.org Recipe, as far as it is written here. */
export interface RecipeJsonLd {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: readonly { readonly '@type': 'HowToStep'; readonly text: string }[];
  readonly prepTime?: string;
  readonly cookTime?: string;
  readonly recipeYield: string;
  readonly cookingMethod: string;
  /** the whole plan, so that Drubek reads back exactly what it wrote */
  readonly 'drubek:plan'?: WrittenPlan;
}

/** Minutes as an ISO 8601 duration. */
function isoMinutes(minutes: number): string {
  return `PT${Math.max(1, Math.round(minutes))}M`;
}

/**
 * A plan as a Recipe. Steps in words are given by the caller, who knows the units; the plan itself goes along.
 * @param cookMin forecast minutes in the fryer, or null @param prepMin from the first task to loading
 */
export function recipeFromPlan(
  document: PlanFile,
  steps: readonly string[],
  prepMin: number,
  cookMin: number | null,
): RecipeJsonLd {
  const food = planFood(document);
  const ingredients = [`${Math.round(document.mass_g)} g ${food.name.toLowerCase()}, cut`];
  const { surface } = batchYield(food, wholePlanFromFile(document).cut, document.mass_g / 1000);
  for (const step of document.prep) {
    if (step.step === 'oil')
      ingredients.push(`${Number((step.mass_g ?? (step.film_g_m2 ?? 0) * surface).toFixed(1))} g oil`);
    if (step.step === 'starch') ingredients.push(`${step.mass_g} g starch`);
    if (step.step === 'season') ingredients.push(`${step.mass_g} g salt and spice`);
    if (step.step === 'coat') {
      for (const name of COAT_INGREDIENTS) {
        if (step[`${name}_g`] > 0) ingredients.push(`${step[`${name}_g`]} g ${name}, for the coat`);
      }
    }
    if (step.step === 'batter') ingredients.push(`${step.mass_g} g batter`);
    if (step.step === 'dredge') ingredients.push('flour, egg and crumbs');
  }
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: document.name,
    recipeIngredient: ingredients,
    recipeInstructions: steps.map((text) => ({ '@type': 'HowToStep', text })),
    prepTime: isoMinutes(prepMin),
    ...(cookMin === null ? {} : { cookTime: isoMinutes(cookMin) }),
    recipeYield: `${Math.round(document.mass_g)} g of pieces`,
    cookingMethod: 'Hot-air frying',
    'drubek:plan': writePlanFile(document),
  };
}

/** What was made of a recipe: the plan, what was understood, and what was not and stands as in an ordinary plan. */
export interface RecipeReading {
  readonly document: PlanFile;
  readonly understood: readonly string[];
  readonly assumed: readonly string[];
}

/** The longest text that is looked through, characters. */
const LONGEST_TEXT = 20_000;

/** The food whose name stands in the text, longest name first; plurals count. */
function foodIn(text: string): Food | null {
  const words = text.toLowerCase();
  const byLength = [...listFoods()].sort((a, b) => b.name.length - a.name.length);
  const named = byLength.find((food) => words.includes(food.name.toLowerCase()));
  if (named) return named;
  const last = (food: Food) => food.name.toLowerCase().split(' ').at(-1)!;
  return byLength.find((food) => words.includes(last(food))) ?? null;
}

function shapeIn(text: string): PlanFile['cut']['shape'] | null {
  if (/\b(crisps|chips|slices|rounds|coins)\b/i.test(text)) return 'slice';
  if (/\b(fries|batons|sticks|matchsticks)\b/i.test(text)) return 'stick';
  if (/\b(cubes?|dice|diced)\b/i.test(text)) return 'cube';
  if (/\bwedges?\b/i.test(text)) return 'wedge';
  if (/\bflorets?\b/i.test(text)) return 'floret';
  return null;
}

/** Reads a Recipe as far as a plan can hold it; null when it is none. A plan of Drubek's own inside is taken whole. */
export function planFromRecipe(value: unknown): RecipeReading | null {
  const recipe = findRecipe(value);
  if (!recipe) return null;
  const own = planFileSchema.safeParse(recipe['drubek:plan']);
  if (own.success) return { document: own.data, understood: ['the whole plan, as Drubek wrote it'], assumed: [] };
  const title = cutText(texts(recipe.name).join(' '), 120);
  const ingredients = texts(recipe.recipeIngredient).join('\n').slice(0, LONGEST_TEXT);
  const steps = texts(recipe.recipeInstructions).join('\n').slice(0, LONGEST_TEXT);
  const everything = `${title}\n${ingredients}\n${steps}`;
  const understood: string[] = [];
  const assumed: string[] = [];
  const take = <T>(what: string, found: T | null, put: (found: T) => void) => {
    if (found === null) return void assumed.push(what);
    understood.push(what);
    put(found);
  };
  let document: PlanFile = { ...FIRST_PLAN, name: title || FIRST_PLAN.name, prep: [] };
  take(
    'food',
    foodIn(`${title}\n${ingredients}`) ?? foodIn(steps),
    (food) => (document = { ...document, food: food.id }),
  );
  take('shape', shapeIn(everything), (shape) => (document = withShape(document, shape)));
  take('thickness', millimetresIn(everything), (mm) => (document = withThickness(document, mm)));
  take('amount', gramsOfFood(ingredients), (grams) => (document = { ...document, mass_g: grams }));
  take('dial', celsiusIn(steps), (celsius) => {
    const stages = [{ minutes: Math.min(90, (minutesIn(steps, recipe.cookTime) ?? 20) * 1.5), temperature_c: celsius }];
    document = { ...document, cook: { ...document.cook, stages } };
  });
  take('soak', soakIn(steps), (minutes) => {
    document = withPrepStep(document, 'soak', { step: 'soak', water_c: 15, minutes });
  });
  if (/\b(pat|towel|dry)\b/i.test(steps)) {
    understood.push('drying');
    document = withPrepStep(document, 'dry', { step: 'dry', method: 'towel' });
  } else assumed.push('drying');
  take('oil', oilIn(ingredients), (grams) => {
    document = withPrepStep(document, 'oil', { step: 'oil', mass_g: grams });
  });
  const parsed = planFileSchema.safeParse(writePlanFile(document));
  return parsed.success ? { document: parsed.data, understood, assumed } : null;
}

function withThickness(document: PlanFile, mm: number): PlanFile {
  const { cut } = document;
  return 'thickness_mm' in cut ? { ...document, cut: { ...cut, thickness_mm: mm } } : document;
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));

function millimetresIn(text: string): number | null {
  const found = /(?<!\d)(\d{1,5}(?:[.,]\d{1,5})?)\s{0,9}(mm|cm)\b/i.exec(text);
  if (found) {
    const value = Number(found[1]!.replace(',', '.'));
    return clamp(found[2]!.toLowerCase() === 'cm' ? value * 10 : value, 0.8, 45);
  }
  const inch = /(?<!\d)(\d{1,3})\/(\d{1,3})[\s-]{0,9}(?:in\b|inch)/i.exec(text);
  return inch ? clamp((Number(inch[1]) / Number(inch[2])) * 25.4, 0.8, 45) : null;
}

function gramsOfFood(text: string): number | null {
  const found = /(?<!\d)(\d{1,6}(?:[.,]\d{1,5})?)\s{0,9}(kg|g|lb|oz)\b/i.exec(text);
  if (!found) return null;
  const unit = { kg: 1000, g: 1, lb: 453.6, oz: 28.35 }[found[2]!.toLowerCase()]!;
  return clamp(Math.round(Number(found[1]!.replace(',', '.')) * unit), 20, 3000);
}

function celsiusIn(text: string): number | null {
  const celsius = /(\d{2,3})\s{0,9}°?\s{0,9}C\b/i.exec(text);
  if (celsius) return clamp(Number(celsius[1]), 60, 250);
  const fahrenheit = /(\d{3})\s{0,9}°?\s{0,9}F\b/i.exec(text);
  return fahrenheit ? clamp(Math.round((Number(fahrenheit[1]) - 32) / 1.8), 60, 250) : null;
}

function minutesIn(steps: string, cookTime: unknown): number | null {
  const iso = minutesOfDuration(cookTime);
  if (iso !== null) return iso;
  const found = /(\d{1,2})(?:\s{0,9}(?:-|–|to)\s{0,9}(\d{1,2}))?\s{0,9}min/i.exec(steps);
  return found ? Number(found[2] ?? found[1]) : null;
}

function soakIn(text: string): number | null {
  const found = /soak[^.]{0,200}?(\d{1,3})\s{0,9}min/i.exec(text);
  return found ? clamp(Number(found[1]), 0.5, 600) : null;
}

function oilIn(text: string): number | null {
  const line = text.split('\n').find((one) => /\boil\b/i.test(one));
  if (!line) return null;
  const grams = /(?<!\d)(\d{1,5}(?:[.,]\d{1,5})?)\s{0,9}(?:g|ml)\b/i.exec(line);
  if (grams) return clamp(Number(grams[1]!.replace(',', '.')), 0, 200);
  const spoons = /(?<!\d)(\d{1,3}(?:[.,/]\d{1,3})?)\s{0,9}(tbsp|tablespoons?|tsp|teaspoons?)/i.exec(line);
  if (!spoons) return null;
  const [whole, part] = spoons[1]!.split('/');
  const count = part ? Number(whole) / Number(part) : Number(whole!.replace(',', '.'));
  return clamp(count * (/^t(bsp|able)/i.test(spoons[2]!) ? 13.6 : 4.5), 0, 200);
}
