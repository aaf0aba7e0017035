import { foodOfFile } from '../../schemas/food-from-file';
import type { PlanFile } from '../../schemas/plan-file';
import { halfMinutes, massText, oilText, type UnitSystem } from './format';
import { ACTION_WORDS } from './labels';
import { prepPhrase } from './plan-text';

/** An opening of a plan file. */
export type Opening = PlanFile['cook']['events'][number];

const PULLED_WORDS = {
  right: 'Pull what is right',
  darkest: 'Pull the darkest third',
  palest: 'Pull the palest third',
} as const;

/** Steps that say what added food is like at a glance. */
const TELLING: ReadonlySet<string> = new Set(['dredge', 'batter', 'starch', 'marinate', 'parcook']);

/** An opening named in full: "Add 120 g of courgette, crumbed". */
export function openingText(opening: Opening, document: Pick<PlanFile, 'food' | 'loads'>, units: UnitSystem): string {
  const { count } = document.loads;
  const each = count > 1 ? ', each load' : '';
  switch (opening.action) {
    case 'oil':
      return opening.mass_g === undefined
        ? ACTION_WORDS.oil
        : `Oil again with ${oilText(opening.mass_g / count)}${each}`;
    case 'season':
      return `Season with ${massText(opening.mass_g / count, units)}${each}`;
    case 'pull':
      return PULLED_WORDS[opening.which ?? 'right'];
    case 'add': {
      const { part } = opening;
      const told = part.prep.filter(({ step }) => TELLING.has(step)).map((step) => prepPhrase(step, units));
      const name = foodOfFile(part.food ?? document.food).name.toLowerCase();
      return [`Add ${massText(part.mass_g / count, units)} of ${name}${each}`, ...told].join(', ');
    }
    default:
      return ACTION_WORDS[opening.action];
  }
}

/** All openings of a plan in one line, those alike together: "Shake after 6, 10 min; add 120 g of courgette after 5 min". */
export function openingsText(document: Pick<PlanFile, 'food' | 'cook' | 'loads'>, units: UnitSystem): string {
  const minutes = new Map<string, string[]>();
  for (const opening of document.cook.events.toSorted((a, b) => a.minute - b.minute)) {
    const text = openingText(opening, document, units);
    minutes.set(text, [...(minutes.get(text) ?? []), halfMinutes(opening.minute * 60)]);
  }
  return [...minutes]
    .map(([text, when]) => `${text.charAt(0).toLowerCase()}${text.slice(1)} after ${when.join(', ')} min`)
    .join('; ');
}
