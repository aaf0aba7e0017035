import type { DrawerDeed } from '@/core/evening/evening-problem';
import type { WarmUp } from '@/core/evening/warm-ups';
import { keepOf } from '@/core/evening/way-id';
import type { DishAtTable, PlacedStep } from '@/workers/evening/protocol';
import { dishName, type EveningDishFile, type EveningFile } from '@/schemas/evening-file';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { ACTION_WORDS } from './labels';
import { temperatureText, type UnitSystem, wholeMinutes } from './format';
import { STEP_NAMES } from './step-names';

/** The food of a dish in a word or two: what stands before the colon of a plan's name. */
export function shortDishName(dish: EveningDishFile): string {
  return dishName(dish).split(':')[0]!.trim();
}

/** The number at the end of a step's id, from 1 on. */
function numberOf(step: string): number {
  return Number(/-(\d+)$/.exec(step)?.[1] ?? 1);
}

/** Hearts above which nobody asks how hot it is, °C. */
const PIPING = 80;

/** Bite from which on food is called hard. */
const DRIED = 1.15;

/** A step as an order, without its dish. */
function verbOf(step: Pick<PlacedStep, 'id' | 'kind'>, dish: EveningDishFile | undefined): string {
  if (!dish || step.kind === 'serve') return 'All to the table';
  switch (step.kind) {
    case 'board':
      return 'Peel and cut';
    case 'load':
      return dish.kind === 'plan' && dish.plan.loads.count > 1
        ? `Load ${numberOf(step.id)} of ${dish.plan.loads.count}`
        : 'Load';
    case 'back':
      return 'All back for 4 min';
    case 'own':
      return dish.kind === 'own' ? (dish.steps[numberOf(step.id) - 1]?.word ?? dish.name) : '';
    default:
      return STEP_NAMES[step.kind];
  }
}

/** A step with its dish: “Dry: carrots”; what brings all to the table has none. */
export function stepText(step: Pick<PlacedStep, 'id' | 'kind'>, dish: EveningDishFile | undefined): string {
  const verb = verbOf(step, dish);
  return !dish || step.kind === 'own' ? verb : `${verb}: ${shortDishName(dish).toLowerCase()}`;
}

/** The same without the dish, for where there is little room. */
export function deedVerb(
  step: Pick<PlacedStep, 'id' | 'kind'>,
  deed: DrawerDeed | undefined,
  dish: EveningDishFile | undefined,
): string {
  if (deed === undefined || deed === 'fill') return verbOf(step, dish);
  return deed === 'empty' ? 'Out' : ACTION_WORDS[deed];
}

/** What hands do in a step at the drawer, with its dish; the step itself where they do nothing of its own. */
export function deedText(
  step: Pick<PlacedStep, 'id' | 'kind'>,
  deed: DrawerDeed | undefined,
  dish: EveningDishFile | undefined,
): string {
  if (!dish || deed === undefined || deed === 'fill') return stepText(step, dish);
  const word = deed === 'empty' ? 'Out' : ACTION_WORDS[deed];
  const load = step.kind === 'load' && dish.kind === 'plan' && dish.plan.loads.count > 1 ? ` ${numberOf(step.id)}` : '';
  return `${word}: ${shortDishName(dish).toLowerCase()}${load}`;
}

/** What is switched on: “Switch on: Large drawer, 195 °C”. @param fryerNames of the evening's fryers, in their order */
export function warmUpText(
  { resource, temperature }: Pick<WarmUp, 'resource' | 'temperature'>,
  { fryers }: Pick<EveningFile, 'fryers'>,
  fryerNames: readonly string[],
  units: UnitSystem,
): string {
  const inFryer = fryers.findIndex(({ fryer_id }) => resource === `fryer:${fryer_id}`);
  const what = fryerNames[inFryer] ?? 'the oven';
  return `Switch on: ${what}${temperature === null ? '' : `, ${temperatureText(celsiusFromKelvin(temperature), units)}`}`;
}

/** How a dish is at the table: “crisp 88 %, 74 °C”. */
export function atTableText(table: DishAtTable, dish: EveningDishFile, units: UnitSystem): string[] {
  if (table.kept === null || table.heart === null) {
    const since = Math.round(table.since / 60);
    if (dish.kind === 'own' && dish.at_table === 'keeps') return ['ready'];
    return [since < 1 ? 'just done' : `done ${since} min before`];
  }
  const bite = table.kept > DRIED ? 'dried a little' : `crisp ${Math.round(100 * Math.min(1, table.kept))} %`;
  const celsius = celsiusFromKelvin(table.heart);
  return [bite, celsius > PIPING ? 'piping hot' : temperatureText(celsius, units)];
}

const KEEP_WORDS = {
  rack: 'on a rack',
  oven: 'in the warm oven',
  back: 'all back at the end',
} as const;

/** Where a dish waits, and for how long. */
export function keepText(table: DishAtTable): string | null {
  const keep = keepOf({ id: table.way });
  if (keep === null) return null;
  if (keep === 'back') return KEEP_WORDS.back;
  return table.since < 90 ? null : `${KEEP_WORDS[keep]} ${wholeMinutes(table.since)} min`;
}

/** What has lain too long, and what that means: cooked food is not served any more, pieces go on at once. @param beyond s over the longest */
export function overdueText(step: string, beyond: number, dish: EveningDishFile): string {
  const name = shortDishName(dish);
  return step.includes(':load-') || step.endsWith(':back')
    ? `${name}: cooked more than two hours ago; do not serve what stood at room temperature.`
    : `${name} has lain ${wholeMinutes(beyond)} min too long; go on with it now.`;
}

/** The dish of this id. */
export function dishOfEvening(evening: Pick<EveningFile, 'dishes'>, id: string): EveningDishFile | undefined {
  return evening.dishes.find((dish) => dish.id === id);
}

/** Two words for how two ways differ at the table: “celeriac 12 % less crisp, tofu 9 °C hotter”. */
export function differenceText(
  one: readonly DishAtTable[],
  other: readonly DishAtTable[],
  evening: EveningFile,
  units: UnitSystem,
): string[] {
  return other.flatMap((table) => {
    const dish = dishOfEvening(evening, table.dish);
    const before = one.find((own) => own.dish === table.dish);
    if (!dish || !before) return [];
    const name = shortDishName(dish).toLowerCase();
    if (table.kept === null || before.kept === null || table.heart === null || before.heart === null) {
      const later = Math.round((table.since - before.since) / 60);
      return Math.abs(later) < 3 || (dish.kind === 'own' && dish.at_table === 'keeps')
        ? []
        : [`${name} done ${Math.abs(later)} min ${later > 0 ? 'earlier' : 'later'}`];
    }
    const crisper = Math.round(100 * (Math.min(1, table.kept) - Math.min(1, before.kept)));
    const hotter = Math.round((table.heart - before.heart) * (units === 'us' ? 1.8 : 1));
    const said: string[] = [];
    if (Math.abs(crisper) >= 3) said.push(`${name} ${Math.abs(crisper)} % ${crisper > 0 ? 'crisper' : 'softer'}`);
    else if (Math.abs(hotter) >= 4) {
      said.push(`${name} ${Math.abs(hotter)} ${units === 'us' ? '°F' : '°C'} ${hotter > 0 ? 'hotter' : 'cooler'}`);
    }
    return said;
  });
}
