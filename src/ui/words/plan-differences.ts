import type { PlanFile } from '../../schemas/plan-file';
import { areaText, halfMinutes, massText, percentText, temperatureText, type UnitSystem } from './format';
import { ACTION_WORDS, COLOUR_WORDS, CRISPNESS_WORDS } from './labels';
import { cutText, prepPhrase } from './plan-text';

/** One thing in which two plans differ, as each has it. */
export interface PlanDifference {
  readonly what: string;
  readonly one: string;
  readonly other: string;
}

/** Everything a plan says by what it is about, in working order. */
function aspects(document: PlanFile, units: UnitSystem): Map<string, string> {
  const { fryer, cook, target } = document;
  const said = new Map<string, string>([
    ['Name', document.name],
    ['Cut', cutText(document, units)],
    ['Evenness', `differs by ${percentText(document.cut.scatter)}`],
    ['Load', massText(document.mass_g, units)],
    ['From', temperatureText(document.start_temperature_c, units)],
    ['Kept', document.storage],
  ]);
  for (const step of document.prep) said.set(STEP_NAMES[step.step], prepPhrase(step, units));
  said.set(
    'Fryer',
    `${Math.round(fryer.power_w)} W, ${areaText(fryer.basket_cm2, units)}${fryer.liner ? ', liner' : ''}`,
  );
  said.set('Preheat', fryer.preheat ? `${fryer.preheat.minutes} min` : 'cold start');
  said.set(
    'Stages',
    cook.stages
      .map((stage) => `${Number(stage.minutes.toFixed(1))} min at ${temperatureText(stage.temperature_c, units)}`)
      .join(', '),
  );
  said.set(
    'Openings',
    cook.events
      .toSorted((a, b) => a.minute - b.minute)
      .map((event) => `${ACTION_WORDS[event.action].toLowerCase()} ${halfMinutes(event.minute * 60)} min`)
      .join(', ') || 'none',
  );
  said.set('Wished', `${COLOUR_WORDS[target.colour]}, ${CRISPNESS_WORDS[target.crispness].toLowerCase()}`);
  if (document.rest) said.set('Rest', `${document.rest.minutes} min, ${document.rest.place}`);
  return said;
}

const STEP_NAMES: Record<PlanFile['prep'][number]['step'], string> = {
  rinse: 'Rinse',
  soak: 'Soak',
  parcook: 'Par-cook',
  press: 'Press',
  'freeze-thaw': 'Freeze and thaw',
  marinate: 'Marinade',
  brine: 'Brine',
  dry: 'Dry',
  oil: 'Oil',
  starch: 'Starch',
  season: 'Salt and spice',
  dredge: 'Crumbs',
  batter: 'Batter',
};

/** Where two plans differ, in working order; what one does not do at all reads "none". */
export function planDifferences(one: PlanFile, other: PlanFile, units: UnitSystem): PlanDifference[] {
  const [first, second] = [aspects(one, units), aspects(other, units)];
  return [...new Set([...first.keys(), ...second.keys()])]
    .map((what) => ({ what, one: first.get(what) ?? 'none', other: second.get(what) ?? 'none' }))
    .filter((difference) => difference.one !== difference.other);
}
