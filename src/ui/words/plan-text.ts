import { COAT_INGREDIENTS } from '../../core/food/coat-by-recipe';
import type { Cut } from '../../core/cut/cut';
import { cutThickness } from '../../core/cut/piece-geometry';
import type { PlanFile } from '../../schemas/plan-file';
import { planFood, planFromFile } from '../../schemas/plan-from-file';
import { cutFromFile } from '../../schemas/cut-from-file';
import type { AfterStep, PrepStep } from '../../schemas/plan-steps';
import { filmText, halfMinutes, lengthText, massText, oilText, temperatureText, type UnitSystem } from './format';
import { BATH_WORDS, COAT_WORDS, DRYING_WORDS, PARCOOK_WORDS, SHAPE_WORDS } from './labels';
import { DRESSING_ORDERS } from './dressing-orders';
import { REST_PLACES } from './rest-places';

/** Food and cut: celeriac, 10 mm sticks. */
export function cutText(document: PlanFile, units: UnitSystem): string {
  return `${planFood(document).name}, ${sizedCut(planFromFile(document).cut, units)}`;
}

/** A cut with its size: 10 mm sticks; whole, 12 mm thick. */
export function sizedCut(cut: Cut, units: UnitSystem): string {
  const size = lengthText(cutThickness(cut) * 1000, units);
  return cut.shape === 'cylinder' ? `whole, ${size} thick` : `${size} ${SHAPE_WORDS[cut.shape].toLowerCase()}`;
}

/** Everything a plan says, a phrase a step, in working order. */
export function planPhrases(document: PlanFile, units: UnitSystem): string[] {
  const { preheat } = document.fryer;
  return [
    cutText(document, units),
    massText(document.mass_g, units),
    ...document.prep.map((step) => prepPhrase(step, units)),
    preheat ? `preheated ${preheat.minutes} min` : unheatedText(document, units),
    document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then '),
  ];
}

/** How the fryer is as the load goes in where it is not heated for it: cold, or as hot as another load left it. */
export function unheatedText({ fryer: { start_c } }: Pick<PlanFile, 'fryer'>, units: UnitSystem): string {
  return start_c === undefined ? 'cold start' : `warm, ${temperatureText(start_c, units)}`;
}

/** One preparation step in words. */
export function prepPhrase(step: PrepStep, units: UnitSystem): string {
  switch (step.step) {
    case 'rinse':
      return `rinsed ${step.changes === 1 ? 'once' : `${step.changes} times`}`;
    case 'soak':
      return `soaked ${step.minutes} min at ${temperatureText(step.water_c, units)}`;
    case 'parcook':
      return `${PARCOOK_WORDS[step.method].toLowerCase()} ${step.minutes} min`;
    case 'press':
      return `pressed ${step.minutes} min`;
    case 'freeze-thaw':
      return 'frozen and thawed';
    case 'marinate':
      return `marinated ${step.minutes} min`;
    case 'brine':
      return `brined ${step.minutes} min`;
    case 'dry':
      return DRYING_WORDS[step.method].toLowerCase();
    case 'oil':
      return step.mass_g === undefined ? `oil ${filmText(step.film_g_m2 ?? 0, units)}` : `oil ${oilText(step.mass_g)}`;
    case 'starch':
      return `starch ${massText(step.mass_g, units)}`;
    case 'season':
      return `seasoned with ${massText(step.mass_g, units)}`;
    case 'bind':
      return `bound with ${massText(step.mass_g, units)} of ${COAT_WORDS[step.with]}`;
    case 'dredge':
      return step.layers === 2 ? 'crumbed twice' : 'crumbed';
    case 'batter':
      return `batter ${massText(step.mass_g, units)}`;
    case 'coat':
      return `coated with ${coatWords(step)}`;
    case 'dip':
      return `dipped ${Math.round(step.seconds)} s in ${BATH_WORDS[step.bath]}`;
    case 'cool':
      return `cooled ${step.minutes} min`;
    case 'chill':
      return `chilled ${hoursText(step.hours)}`;
    case 'freeze':
      return `frozen ${hoursText(step.hours)}`;
    case 'press-flat':
      return `pressed flat to ${lengthText(step.thickness_mm, units)}`;
    case 'cut': {
      const cut = cutFromFile(step.cut);
      return `cut into ${SHAPE_WORDS[cut.shape].toLowerCase()} of ${lengthText(cutThickness(cut) * 1000, units)}`;
    }
    case 'cook':
      return `fried ${step.stages.map((stage) => `${halfMinutes(stage.minutes * 60)} min at ${temperatureText(stage.temperature_c, units)}`).join(', then ')}${END_WORDS[step.until]}`;
  }
}

/** What a step after the last cook says, a phrase. */
export function afterPhrase(step: AfterStep, units: UnitSystem): string {
  switch (step.step) {
    case 'rest':
      return `rested ${step.minutes} min ${REST_PLACES[step.place]}${step.salt_g > 0 ? `, ${massText(step.salt_g, units)} salt` : ''}`;
    case 'dress':
      return `${massText(step.mass_g, units)} ${DRESSING_ORDERS[step.with].word}`;
    case 'refresh':
      return `refreshed ${step.minutes} min at ${temperatureText(step.temperature_c, units)}`;
    case 'temper':
      return `cooled to ${temperatureText(step.to_c, units)}`;
    case 'keep':
      return `kept ${hoursText(step.hours)} in the ${step.place}`;
  }
}

/** What a coat of one's own is made of, most first: crumbs, cheese and egg. */
export function coatWords(step: Extract<PrepStep, { step: 'coat' }>): string {
  const names = COAT_INGREDIENTS.filter((name) => step[`${name}_g`] > 0).sort(
    (a, b) => step[`${b}_g`] - step[`${a}_g`],
  );
  return names.map((name) => COAT_WORDS[name]).join(', ') || 'nothing yet';
}

const END_WORDS = { stages: '', soft: ' until soft enough to press', pale: ' until the first colour' } as const;

/** 2 h, or 30 min. */
export function hoursText(hours: number): string {
  return hours < 1 ? `${Math.round(hours * 60)} min` : `${Number(hours.toFixed(1))} h`;
}
