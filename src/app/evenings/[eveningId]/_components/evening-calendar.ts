import { createEvents, type EventAttributes } from 'ics';
import { dishOf } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { calendarParts } from '@/ui/calendar-parts';
import { deedText, dishOfEvening } from '@/ui/words/evening-text';
import type { ShownSchedule } from '@/workers/evening/protocol';

/** The evening as an iCalendar file, an event with its alarm for each thing hands do; null when the package refuses it. */
export function calendarOfEvening(shown: ShownSchedule, evening: EveningFile): string | null {
  const events = (shown.work ?? []).flatMap((work): EventAttributes[] => {
    const step = shown.steps.find(({ id }) => id === work.step);
    const dish = step && dishOfEvening(evening, dishOf(work.step));
    if (!step) return [];
    return [
      {
        title: `${deedText(step, work.deed, dish)} (${evening.cooks[work.cook]})`,
        start: calendarParts(new Date(shown.serveAt - work.from * 1000)),
        duration: { minutes: Math.max(1, Math.round((work.from - work.to) / 60)) },
        alarms: [
          { action: 'display', description: deedText(step, work.deed, dish), trigger: { minutes: 0, before: true } },
        ],
        productId: 'drubek',
      },
    ];
  });
  const table: EventAttributes = {
    title: `${evening.name}: on the table`,
    start: calendarParts(new Date(shown.serveAt)),
    duration: { minutes: 30 },
    productId: 'drubek',
  };
  return createEvents([...events, table]).value ?? null;
}
