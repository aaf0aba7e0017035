import type { PlanFile } from '../../schemas/plan-file';
import { areaText, massText, percentText, temperatureText, type UnitSystem } from './format';
import { wishText } from './labels';
import { openingsText } from './opening-text';
import { afterPhrase, cutText, hoursText, prepPhrase, unheatedText } from './plan-text';
import { STEP_NAMES } from './step-names';

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
    ['Loads', loadsPhrase(document)],
    ['From', temperatureText(document.start_temperature_c, units)],
    ['Kept', document.storage],
  ]);
  for (const step of document.prep) sayOnce(said, STEP_NAMES[step.step], prepPhrase(step, units));
  said.set(
    'Fryer',
    `${Math.round(fryer.power_w)} W, ${areaText(fryer.basket_cm2, units)}${fryer.liner ? ', liner' : ''}`,
  );
  said.set('Preheat', fryer.preheat ? `${fryer.preheat.minutes} min` : unheatedText(document, units));
  said.set(
    'Stages',
    cook.stages
      .map((stage) => `${Number(stage.minutes.toFixed(1))} min at ${temperatureText(stage.temperature_c, units)}`)
      .join(', '),
  );
  said.set('Openings', openingsText(document, units) || 'none');
  said.set('Wished', wishText(target));
  for (const step of document.after) sayOnce(said, STEP_NAMES[step.step], afterPhrase(step, units));
  for (const { name, lead_hours } of document.sides) sayOnce(said, 'Side', `${name}, ${hoursText(lead_hours)} before`);
  return said;
}

/** "2 loads, all back together". */
function loadsPhrase({ loads: { count, serve } }: PlanFile): string {
  if (count === 1) return 'all at once';
  return `${count} loads${serve === 'together' ? ', all back together' : ''}`;
}

/** Says a thing that may be done more than once: the second time under its number. */
function sayOnce(said: Map<string, string>, what: string, phrase: string): void {
  let times = 1;
  while (said.has(times === 1 ? what : `${what} ${times}`)) times++;
  said.set(times === 1 ? what : `${what} ${times}`, phrase);
}

/** Where two plans differ, in working order; what one does not do at all reads "none". */
export function planDifferences(one: PlanFile, other: PlanFile, units: UnitSystem): PlanDifference[] {
  const [first, second] = [aspects(one, units), aspects(other, units)];
  return [...new Set([...first.keys(), ...second.keys()])]
    .map((what) => ({ what, one: first.get(what) ?? 'none', other: second.get(what) ?? 'none' }))
    .filter((difference) => difference.one !== difference.other);
}
