import { cutThickness } from '../../core/cut/piece-geometry';
import type { PlanFile } from '../../schemas/plan-file';
import { planFood, planFromFile } from '../../schemas/plan-from-file';
import { filmText, lengthText, massText, oilText, temperatureText, type UnitSystem } from './format';
import { DRYING_WORDS, PARCOOK_WORDS, SHAPE_WORDS } from './labels';

/** Food and cut: celeriac, 10 mm sticks. */
export function cutText(document: PlanFile, units: UnitSystem): string {
  const { cut } = planFromFile(document);
  const size = lengthText(cutThickness(cut) * 1000, units);
  return `${planFood(document).name}, ${size} ${SHAPE_WORDS[cut.shape].toLowerCase()}`;
}

/** Everything a plan says, a phrase a step, in working order. */
export function planPhrases(document: PlanFile, units: UnitSystem): string[] {
  const { preheat } = document.fryer;
  return [
    cutText(document, units),
    massText(document.mass_g, units),
    ...document.prep.map((step) => prepPhrase(step, units)),
    preheat ? `preheated ${preheat.minutes} min` : 'cold start',
    document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then '),
  ];
}

/** One preparation step in words. */
export function prepPhrase(step: PlanFile['prep'][number], units: UnitSystem): string {
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
    case 'dredge':
      return step.layers === 2 ? 'crumbed twice' : 'crumbed';
    case 'batter':
      return `batter ${massText(step.mass_g, units)}`;
  }
}
