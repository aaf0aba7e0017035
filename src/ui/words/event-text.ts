import type { BatchEvent } from '../../core/run/batch-event';
import { prepTasks } from '../../core/prep/prep-tasks';
import type { PlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { massText, percentText, temperatureText, type UnitSystem } from './format';
import { EVENT_WORDS } from './labels';
import { STEP_NAMES } from './step-names';

const LOOKS = { 'as-shown': 'as in the picture', paler: 'paler than the picture', darker: 'darker than the picture' };
const BITES = { 'as-said': 'as said', softer: 'softer than said', crisper: 'crisper than said' };

/** The darkest browning that a word stands for. Source: the field's own words, in the middle between two. */
const COLOURS = [
  [0.65, 'pale'],
  [1.5, 'golden'],
  [3, 'dark'],
  [Infinity, 'burnt'],
] as const;

/** What happened, with which step and what was seen or read: "Soak begun", "Weighed: 320 g". */
export function eventText(event: BatchEvent, document: PlanFile, units: UnitSystem): string {
  const word = EVENT_WORDS[event.kind];
  switch (event.kind) {
    case 'prep-begun':
      return `${prepName(document, event.detail.step)} begun`;
    case 'prep-done':
      return `${prepName(document, event.detail.step)} done`;
    case 'prep-skipped':
      return `${prepName(document, event.detail.step)} left out`;
    case 'prep-took':
      return `${prepName(document, event.detail.step)} took ${Number(event.detail.minutes.toFixed(1))} min`;
    case 'after-begun':
      return `${afterName(document, event.detail.step)} begun`;
    case 'after-done':
      return `${afterName(document, event.detail.step)} done`;
    case 'looked': {
      const { look, browning } = event.detail;
      if (look) return `${word}: ${LOOKS[look]}`;
      return browning === undefined ? word : `${word}: ${COLOURS.find(([most]) => browning <= most)![1]}`;
    }
    case 'bent':
      return `${word}: ${BITES[event.detail.bite]}`;
    case 'weighed': {
      const { grams, lost } = event.detail;
      if (grams !== undefined) return `${word}: ${massText(grams, units)}`;
      return lost === undefined ? word : `${word}: ${percentText(lost)} lighter`;
    }
    case 'dial-turned':
      return `${word} to ${temperatureText(event.detail.celsius, units)}`;
    case 'air-read':
    case 'probed':
      return `${word}: ${temperatureText(event.detail.celsius, units)}`;
    case 'pulled-some':
      return event.detail.share === undefined ? word : `Pulled ${percentText(event.detail.share)} of the pieces`;
    case 'rehearsed':
      return event.detail.speed === 1
        ? 'Rehearsed in real time'
        : `Rehearsed, ${Number(event.detail.speed.toFixed(1))} times as fast`;
    default:
      return word;
  }
}

function prepName(document: PlanFile, step: number): string {
  const task = prepTasks(planFromFile(document))[step];
  return task ? STEP_NAMES[task.kind] : `Step ${step + 1} of the preparation`;
}

function afterName({ after }: PlanFile, step: number): string {
  const told = after[step];
  return told ? STEP_NAMES[told.step] : `Step ${step + 1} after the drawer`;
}
