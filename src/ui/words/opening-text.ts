import { foodOfFile } from '../../schemas/food-from-file';
import { currentLoad } from '../../schemas/load-order';
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

/** What naming an opening takes to know of its plan. */
export type OpeningOf = Pick<PlanFile, 'food' | 'loads' | 'fryer'>;

/** To which loads an amount belongs. */
function eachWord({ count, sizes, current = 1 }: PlanFile['loads']): string {
  if (count === 1) return '';
  return sizes ? `, load ${current} of ${count}` : ', each load';
}

/** An opening named in full: "Add 120 g of courgette, crumbed". */
export function openingText(opening: Opening, document: OpeningOf, units: UnitSystem): string {
  const { share } = currentLoad(document);
  const each = eachWord(document.loads);
  switch (opening.action) {
    case 'oil':
      return opening.mass_g === undefined
        ? ACTION_WORDS.oil
        : `Oil again with ${oilText(opening.mass_g * share)}${each}`;
    case 'season':
      return `Season with ${massText(opening.mass_g * share, units)}${each}`;
    case 'pull':
      return PULLED_WORDS[opening.which ?? 'right'];
    case 'add': {
      const { part } = opening;
      const told = part.prep.filter(({ step }) => TELLING.has(step)).map((step) => prepPhrase(step, units));
      const name = foodOfFile(part.food ?? document.food).name.toLowerCase();
      return [`Add ${massText(part.mass_g * share, units)} of ${name}${each}`, ...told].join(', ');
    }
    default:
      return ACTION_WORDS[opening.action];
  }
}

/** The openings of a plan that come before the pull, in their order; all of them where there is no pull. @param pullTime s */
export function openingsUntil({ cook }: Pick<PlanFile, 'cook'>, pullTime: number | null): Opening[] {
  return cook.events
    .filter(({ minute }) => pullTime === null || minute * 60 < pullTime)
    .toSorted((a, b) => a.minute - b.minute);
}

/** Openings of a plan in one line, those alike together: "Shake after 6, 10 min; add 120 g of courgette after 5 min". @param pullTime s, after which none comes */
export function openingsText(
  document: OpeningOf & Pick<PlanFile, 'cook'>,
  units: UnitSystem,
  pullTime: number | null = null,
): string {
  const minutes = new Map<string, string[]>();
  for (const opening of openingsUntil(document, pullTime)) {
    const text = openingText(opening, document, units);
    minutes.set(text, [...(minutes.get(text) ?? []), halfMinutes(opening.minute * 60)]);
  }
  return [...minutes]
    .map(([text, when]) => `${text.charAt(0).toLowerCase()}${text.slice(1)} after ${when.join(', ')} min`)
    .join('; ');
}
