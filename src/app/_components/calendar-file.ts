import { addSeconds, roundToNearestMinutes, subSeconds } from 'date-fns';
import { createEvents, type EventAttributes } from 'ics';
import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import type { Plan } from '@/core/plan/plan';
import { STEP_NAMES } from '@/ui/words/step-names';

/** Local wall time to the minute as the package wants it. */
function parts(exact: Date): [number, number, number, number, number] {
  const date = roundToNearestMinutes(exact);
  return [date.getFullYear(), date.getMonth() + 1, date.getDate(), date.getHours(), date.getMinutes()];
}

/**
 * The prep timeline back from the table as an iCalendar file: an event a task that waits or takes hands, then the fryer.
 * Null when the package refuses it.
 */
export function calendarOf(plan: Plan, pullTime: number, table: Date): string | null {
  const tasks = prepTasks(plan);
  const load = subSeconds(table, pullTime + plan.toTable);
  let at = subSeconds(load, prepDuration(tasks));
  const events: EventAttributes[] = [];
  const add = (title: string, from: Date, seconds: number) =>
    events.push({
      title,
      start: parts(from),
      duration: { minutes: Math.max(1, Math.round(seconds / 60)) },
      productId: 'drubek',
    });
  for (const task of tasks) {
    if (task.kind === 'preheat') add(`${plan.name}: preheat`, subSeconds(load, task.duration), task.duration);
    else {
      add(`${plan.name}: ${STEP_NAMES[task.kind].toLowerCase()}`, at, task.duration);
      at = addSeconds(at, task.duration);
    }
  }
  add(`${plan.name}: in the fryer`, load, pullTime);
  add(`${plan.name}: pull`, addSeconds(load, pullTime), plan.toTable);
  const { value } = createEvents(events);
  return value ?? null;
}
