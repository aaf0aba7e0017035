import { forecastPlan } from '../core/forecast/forecast';
import type { PlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';
import { withLoad } from './amounts';

/** What two batches can differ in, in working order. */
export const ASPECTS = ['food', 'cut', 'amount', 'preparation', 'start', 'fryer', 'known', 'dial', 'openings'] as const;

/** @see ASPECTS */
export type Aspect = (typeof ASPECTS)[number];

/** What a document says of an aspect. */
function aspectOf(document: PlanFile, aspect: Aspect): unknown {
  switch (aspect) {
    case 'food':
      return [document.food, document.storage];
    case 'cut':
      return document.cut;
    case 'amount':
      return [document.mass_g, document.loads.count, document.loads.lay];
    case 'preparation':
      return withLoad(document, 500).prep;
    case 'start':
      return [document.start_temperature_c, document.fryer.preheat?.minutes ?? 0];
    case 'fryer':
      return [
        document.fryer.power_w,
        document.fryer.basket_cm2,
        document.fryer.basket_height_mm,
        document.fryer.liner,
        document.fryer.racks,
      ];
    case 'known':
      return [document.learnt, document.fryer.thermostat_offset_c];
    case 'dial':
      return document.cook.stages.map(({ temperature_c }) => temperature_c);
    case 'openings':
      return document.cook.events.map(({ minute, action }) => [Math.round(minute), action]);
  }
}

/** A plan with one aspect of another. */
function withAspect(to: PlanFile, from: PlanFile, aspect: Aspect): PlanFile {
  switch (aspect) {
    case 'food':
      return { ...to, food: from.food, storage: from.storage };
    case 'cut':
      return { ...to, cut: from.cut };
    case 'amount':
      return { ...withLoad(to, from.mass_g), loads: from.loads };
    case 'preparation':
      return { ...to, prep: withLoad(from, to.mass_g).prep };
    case 'start':
      return {
        ...to,
        start_temperature_c: from.start_temperature_c,
        fryer: { ...to.fryer, preheat: from.fryer.preheat },
      };
    case 'fryer':
      return {
        ...to,
        fryer: { ...from.fryer, preheat: to.fryer.preheat, thermostat_offset_c: to.fryer.thermostat_offset_c },
      };
    case 'known':
      return {
        ...to,
        learnt: from.learnt,
        fryer: { ...to.fryer, thermostat_offset_c: from.fryer.thermostat_offset_c },
      };
    case 'dial':
      return { ...to, cook: { ...to.cook, stages: from.cook.stages } };
    case 'openings':
      return { ...to, cook: { ...to.cook, events: from.cook.events } };
  }
}

/** How the difference between two forecasts comes about, s of the moment to pull. */
export interface Explained {
  readonly one: number;
  readonly other: number;
  /** what each aspect that differs makes: changed in the one, and left out of the other, the mean of both orders */
  readonly parts: readonly { readonly aspect: Aspect; readonly makes: number }[];
  /** what they make only together */
  readonly together: number;
}

/** Takes the difference of two plans apart by trying each aspect by itself. Cost: two forecasts an aspect that differs, one a step. */
export function* explainDifference(one: PlanFile, other: PlanFile): Generator<void, Explained> {
  /* stages so long that neither ends too soon */
  const longest = Math.max(
    ...[one, other].map(({ cook }) => cook.stages.reduce((sum, { minutes }) => sum + minutes, 0)),
  );
  const pull = (document: PlanFile) => {
    const last = document.cook.stages.at(-1)!;
    const stages = [...document.cook.stages.slice(0, -1), { ...last, minutes: last.minutes + longest }];
    return forecastPlan(planFromFile({ ...document, cook: { ...document.cook, stages } })).pull.time;
  };
  const [from, to] = [pull(one), pull(other)];
  const differing = ASPECTS.filter(
    (aspect) => JSON.stringify(aspectOf(one, aspect)) !== JSON.stringify(aspectOf(other, aspect)),
  );
  const parts: { aspect: Aspect; makes: number }[] = [];
  for (const aspect of differing) {
    yield;
    const added = pull(withAspect(one, other, aspect)) - from;
    yield;
    const leftOut = to - pull(withAspect(other, one, aspect));
    parts.push({ aspect, makes: (added + leftOut) / 2 });
  }
  const sum = parts.reduce((all, { makes }) => all + makes, 0);
  return {
    one: from,
    other: to,
    parts: parts.toSorted((a, b) => Math.abs(b.makes) - Math.abs(a.makes)),
    together: to - from - sum,
  };
}
