import { addSeconds, subSeconds } from 'date-fns';
import { createEvents, type EventAttributes } from 'ics';
import { boardWork } from '@/core/prep/board-work';
import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import { afterSeconds } from '@/schemas/after-time';
import type { PlanFile } from '@/schemas/plan-file';
import { wholePlanFromFile } from '@/schemas/plan-from-file';
import { restOf } from '@/schemas/rest-of';
import { calendarParts } from '@/ui/calendar-parts';
import type { UnitSystem } from '@/ui/words/format';
import { openingsUntil, openingText } from '@/ui/words/opening-text';
import { STEP_NAMES } from '@/ui/words/step-names';

/**
 * The timeline back from the table as an iCalendar file: an event a task that waits or takes hands, the fryer with each opening of
 * the first load, then what follows. Null when the package refuses it.
 * @param pullTime s, of the first load @param atFryer s from the first loading to the last pull
 */
export function calendarOf(
  document: PlanFile,
  pullTime: number,
  atFryer: number,
  table: Date,
  units: UnitSystem,
): string | null {
  const plan = wholePlanFromFile(document);
  const tasks = prepTasks(plan);
  const load = subSeconds(table, atFryer + plan.toTable);
  let at = subSeconds(load, prepDuration(tasks));
  const events: EventAttributes[] = [];
  const add = (title: string, from: Date, seconds: number) =>
    events.push({
      title: `${plan.name}: ${title}`,
      start: calendarParts(from),
      duration: { minutes: Math.max(1, Math.round(seconds / 60)) },
      productId: 'drubek',
    });
  const onBoard = boardWork(plan);
  if (onBoard > 0) add('peel and cut', subSeconds(at, onBoard), onBoard);
  for (const task of tasks) {
    if (task.kind === 'preheat') add('preheat', subSeconds(load, task.duration), task.duration);
    else {
      add(STEP_NAMES[task.kind].toLowerCase(), at, task.duration);
      at = addSeconds(at, task.duration);
    }
  }
  add(document.loads.count > 1 ? `in the fryer, ${document.loads.count} loads` : 'in the fryer', load, atFryer);
  for (const opening of openingsUntil(document, pullTime)) {
    add(openingText(opening, document, units).toLowerCase(), addSeconds(load, opening.minute * 60), 60);
  }
  if (document.loads.count > 1) add('pull the first load', addSeconds(load, pullTime), 60);
  at = addSeconds(load, atFryer);
  add('pull', at, 60);
  for (const step of document.after.length > 0 ? document.after : [restOf(document)]) {
    if (step.step === 'keep') continue;
    add(STEP_NAMES[step.step].toLowerCase(), at, afterSeconds(step, document));
    at = addSeconds(at, afterSeconds(step, document));
  }
  for (const { name, hands_minutes, lead_hours } of document.sides) {
    add(name, subSeconds(table, hands_minutes * 60 + lead_hours * 3600), hands_minutes * 60);
  }
  const { value } = createEvents(events);
  return value ?? null;
}
