import { isMixing } from '../core/plan/plan';
import type { Alternative } from '../core/search/trade-off';
import { celsiusFromKelvin } from '../core/units/temperature';
import type { PlanFile } from '../schemas/plan-file';
import { withLoads } from './edit-loads';

const tenth = (value: number) => Math.round(value * 10) / 10;

/** The plan file with what a found alternative changes: loads, preheat, stages and openings. What is on the board stays. */
export function fileWithAlternative(document: PlanFile, { plan, batches, asItStands }: Alternative): PlanFile {
  if (asItStands) return document;
  const { preheat } = plan;
  const share = batches === document.loads.count ? document : withLoads(document, batches);
  return {
    ...share,
    fryer: {
      ...share.fryer,
      preheat: preheat && {
        minutes: tenth(preheat.duration / 60),
        temperature_c: Math.round(celsiusFromKelvin(preheat.temperature)),
      },
    },
    cook: {
      openings: 'set',
      stages: plan.stages.map((stage) => ({
        minutes: tenth(stage.duration / 60),
        temperature_c: Math.round(celsiusFromKelvin(stage.temperature)),
      })),
      events: [
        ...share.cook.events.filter((event) => !isMixing(event.action)),
        ...plan.events.flatMap(({ time, action }) => (isMixing(action) ? [{ minute: time / 60, action }] : [])),
      ],
    },
  };
}
