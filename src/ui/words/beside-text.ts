import { cutThickness } from '../../core/cut/piece-geometry';
import type { PlanFile } from '../../schemas/plan-file';
import { wholePlanFromFile } from '../../schemas/plan-from-file';
import { halfMinutes, lengthText, massText, type UnitSystem } from './format';
import { SHAPE_WORDS } from './labels';
import { prepPhrase } from './plan-text';

/** What must stand ready beside the fryer, as it goes in later: "120 g of courgette, 8 mm slices, oil 3 g; goes in after 11 min". */
export function besideTexts(document: PlanFile, units: UnitSystem): string[] {
  const { events } = wholePlanFromFile(document);
  return document.cook.events.flatMap((opening, i) => {
    const part = events[i]?.part;
    if (opening.action !== 'add' || !part) return [];
    const what = [
      `${massText(opening.part.mass_g, units)} of ${part.food.name.toLowerCase()}`,
      `${lengthText(cutThickness(part.cut) * 1000, units)} ${SHAPE_WORDS[part.cut.shape].toLowerCase()}`,
      ...opening.part.prep.map((step) => prepPhrase(step, units)),
    ];
    return [`${what.join(', ')}; goes in after ${halfMinutes(opening.minute * 60)} min`];
  });
}
