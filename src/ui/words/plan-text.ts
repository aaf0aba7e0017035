import { findFood } from '../../core/food/catalogue';
import type { PlanFile } from '../../schemas/plan-file';
import { lengthText, massText, oilText, temperatureText, type UnitSystem } from './format';
import { DRYING_WORDS, SHAPE_WORDS } from './labels';

/** Food and cut: celeriac, 10 mm sticks. */
export function cutText({ food, cut }: PlanFile, units: UnitSystem): string {
  const name = findFood(food)?.name ?? food;
  return `${name}, ${lengthText(cut.thickness_mm, units)} ${SHAPE_WORDS[cut.shape].toLowerCase()}`;
}

/** Everything a plan says, a phrase a step, in working order. */
export function planPhrases(document: PlanFile, units: UnitSystem): string[] {
  const phrases = [cutText(document, units), massText(document.mass_g, units)];
  for (const step of document.prep) {
    if (step.step === 'rinse') phrases.push(`rinsed ${step.changes === 1 ? 'once' : `${step.changes} times`}`);
    else if (step.step === 'soak')
      phrases.push(`soaked ${step.minutes} min at ${temperatureText(step.water_c, units)}`);
    else if (step.step === 'dry') phrases.push(DRYING_WORDS[step.method].toLowerCase());
    else phrases.push(`oil ${oilText(step.mass_g)}`);
  }
  const { preheat } = document.fryer;
  phrases.push(preheat ? `preheated ${preheat.minutes} min` : 'cold start');
  phrases.push(document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then '));
  return phrases;
}
