import type { PlanFile } from '../../schemas/plan-file';
import { wholePlanFromFile } from '../../schemas/plan-from-file';
import { halfMinutes, massText, type UnitSystem } from './format';
import { openingsUntil } from './opening-text';
import { prepPhrase, sizedCut } from './plan-text';

/**
 * What must stand ready beside the fryer, as it goes in later: "120 g of courgette, 8 mm slices, oil 3 g; goes in after 11 min".
 * @param pullTime s, after which nothing goes in; null where that is not known
 */
export function besideTexts(document: PlanFile, units: UnitSystem, pullTime: number | null): string[] {
  const { events } = wholePlanFromFile(document);
  return openingsUntil(document, pullTime).flatMap((opening) => {
    const part = events[document.cook.events.indexOf(opening)]?.part;
    if (opening.action !== 'add' || !part) return [];
    const what = [
      `${massText(opening.part.mass_g, units)} of ${part.food.name.toLowerCase()}`,
      sizedCut(part.cut, units),
      ...opening.part.prep.map((step) => prepPhrase(step, units)),
    ];
    return [`${what.join(', ')}; goes in after ${halfMinutes(opening.minute * 60)} min`];
  });
}
