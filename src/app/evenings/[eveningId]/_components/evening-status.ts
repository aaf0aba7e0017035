import type { EveningFile } from '@/schemas/evening-file';
import { differenceText } from '@/ui/words/evening-text';
import type { UnitSystem } from '@/ui/words/format';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';

/** What a line costs against the plan: “with celeriac 20 % softer”, or all as planned. */
export function leastWords(
  shown: ShownSchedule,
  planned: ShownSchedule | null,
  evening: EveningFile,
  units: UnitSystem,
): string {
  const said = planned ? differenceText(planned.table, shown.table, evening, units) : [];
  const worse = said.filter((words) => !/crisper|hotter/.test(words));
  return worse.length > 0 ? `with ${worse.join(', ')}` : 'all as planned';
}

/** How far the evening is behind its line, s; 0 where it is not. */
export function behind(view: EveningView): number {
  return view.lines.at(-1)?.by ?? 0;
}
