import { stageEnd, withOpeningAt, withStageEdge } from '@/editing/edit-cook';
import type { PlanFile } from '@/schemas/plan-file';
import type { FieldHandle } from '@/ui/field/field-handles';
import type { UnitSystem } from '@/ui/words/format';
import { openingText } from '@/ui/words/opening-text';

/** The openings and stage edges of a plan as marks to drag. @param newest the plan that a drag changes; the marks may lag behind it */
export function fieldMarks(
  document: PlanFile,
  units: UnitSystem,
  newest: () => PlanFile,
  move: (document: PlanFile) => void,
  release: (document: PlanFile) => void,
): FieldHandle[] {
  const openings = document.cook.events.map((event, i) => ({
    key: `opening-${i}`,
    word: openingText(event, document, units),
    at: event.minute * 60,
    onMove: (seconds: number) => move(withOpeningAt(newest(), i, seconds / 60)),
    onRelease: (seconds: number) => release(withOpeningAt(newest(), i, seconds / 60)),
  }));
  const edges = document.cook.stages.slice(0, -1).map((_, i) => ({
    key: `edge-${i}`,
    word: `End of stage ${i + 1}`,
    at: stageEnd(document, i) * 60,
    onMove: (seconds: number) => move(withStageEdge(newest(), i, seconds / 60)),
    onRelease: (seconds: number) => release(withStageEdge(newest(), i, seconds / 60)),
  }));
  return [...openings, ...edges];
}
