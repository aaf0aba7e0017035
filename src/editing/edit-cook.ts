import { spreadOpenings } from '../core/search/spread-openings';
import { isMixing } from '../core/plan/plan';
import type { PlanFile } from '../schemas/plan-file';
import { PLAN_LIMITS } from '../schemas/plan-limits';

type Mixing = 'shake' | 'toss' | 'flip';

/** Shortest stage that dragging leaves, min. */
const SHORTEST_STAGE = 1;

/** The plan with other stages; the preheat goes to the temperature of the first, whichever that becomes. */
export function withStages(document: PlanFile, stages: PlanFile['cook']['stages']): PlanFile {
  const { preheat } = document.fryer;
  return {
    ...document,
    fryer: { ...document.fryer, preheat: preheat && { ...preheat, temperature_c: stages[0]!.temperature_c } },
    cook: { ...document.cook, stages },
  };
}

/** The plan with this many openings of the kind it has, spread over `minutes`; those that carry something stay. */
export function withOpenings(document: PlanFile, count: number, minutes: number): PlanFile {
  const { events } = document.cook;
  const action = events.map((event) => event.action).find(isMixing) ?? 'shake';
  const others = events.filter((event) => !isMixing(event.action));
  const spread = spreadOpenings(count, minutes).map((minute) => ({ minute, action }));
  return withSetOpenings(document, [...others, ...spread]);
}

/** The plan with another action at every opening that mixes. */
export function withMixing(document: PlanFile, action: Mixing): PlanFile {
  const events = document.cook.events.map((event) =>
    isMixing(event.action) ? { minute: event.minute, action } : event,
  );
  return { ...document, cook: { ...document.cook, events } };
}

/** The plan with openings that the cook has set: they stay where they are. */
function withSetOpenings(document: PlanFile, events: PlanFile['cook']['events']): PlanFile {
  return { ...document, cook: { ...document.cook, events, openings: 'set' } };
}

/** The plan with its openings left to Drubek, or kept as they are. */
export function withOpeningsBy(document: PlanFile, openings: 'set' | 'chosen'): PlanFile {
  return { ...document, cook: { ...document.cook, openings } };
}

/** The plan with the openings that were chosen for it; the same plan where they are there already. */
export function withChosenOpenings(
  document: PlanFile,
  chosen: readonly { minute: number; action: Mixing }[],
): PlanFile {
  const { events } = document.cook;
  const mixing = events.filter((event) => isMixing(event.action));
  const same =
    mixing.length === chosen.length &&
    mixing.every(({ minute, action }, i) => minute === chosen[i]!.minute && action === chosen[i]!.action);
  if (same) return document;
  const others = events.filter((event) => !isMixing(event.action));
  return { ...document, cook: { ...document.cook, events: [...others, ...chosen] } };
}

/** Minute at which stage `index` ends. */
export function stageEnd(document: PlanFile, index: number): number {
  return document.cook.stages.slice(0, index + 1).reduce((sum, stage) => sum + stage.minutes, 0);
}

/** The plan with the edge after stage `index` moved to `minute`; what one stage gains the next loses, the end of all stays. */
export function withStageEdge(document: PlanFile, index: number, minute: number): PlanFile {
  const { stages } = document.cook;
  const next = stages[index + 1];
  if (!next) return document;
  const from = stageEnd(document, index - 1);
  const to = stageEnd(document, index + 1);
  const edge = Math.round(Math.min(to - SHORTEST_STAGE, Math.max(from + SHORTEST_STAGE, minute)) * 2) / 2;
  return withStages(
    document,
    stages.map((stage, i) =>
      i === index ? { ...stage, minutes: edge - from } : i === index + 1 ? { ...stage, minutes: to - edge } : stage,
    ),
  );
}

/** The plan with opening `index` at another minute, within the stages, to half a minute. */
export function withOpeningAt(document: PlanFile, index: number, minute: number): PlanFile {
  const end = stageEnd(document, document.cook.stages.length - 1);
  const at = Math.round(Math.min(end, Math.max(0.5, minute)) * 2) / 2;
  const events = document.cook.events.map((event, i) => (i === index ? { ...event, minute: at } : event));
  return withSetOpenings(document, events);
}

type Opening = PlanFile['cook']['events'][number];

/** The plan with one opening changed. */
export function withOpeningChanged(document: PlanFile, index: number, opening: Opening): PlanFile {
  return withSetOpenings(
    document,
    document.cook.events.map((own, i) => (i === index ? opening : own)),
  );
}

/** The plan with one opening more. */
export function withOpeningPutIn(document: PlanFile, opening: Opening): PlanFile {
  return withSetOpenings(document, [...document.cook.events, opening]);
}

/** The plan without one of its openings. */
export function withoutOpening(document: PlanFile, index: number): PlanFile {
  return withSetOpenings(
    document,
    document.cook.events.filter((_, i) => i !== index),
  );
}

/** Shortest stage a plan may hold, min. */
const LEAST_STAGE = 0.5;

/** Stages with the dial turned to `celsius` at `minute`; later stages are turned by as much. */
export function withDialTurn(
  stages: PlanFile['cook']['stages'],
  minute: number,
  celsius: number,
): PlanFile['cook']['stages'] {
  let from = 0;
  let turn: number | null = null;
  const [coolest, hottest] = PLAN_LIMITS.dialC;
  const turned = (stage: PlanFile['cook']['stages'][number], minutes: number) => ({
    minutes,
    temperature_c: Math.min(hottest, Math.max(coolest, stage.temperature_c + turn!)),
  });
  return stages.flatMap((stage) => {
    const [begin, end] = [from, from + stage.minutes];
    from = end;
    if (turn !== null) return [turned(stage, stage.minutes)];
    if (minute >= end - LEAST_STAGE) return [stage];
    turn = celsius - stage.temperature_c;
    const before = minute - begin;
    return before < LEAST_STAGE
      ? [turned(stage, stage.minutes)]
      : [{ ...stage, minutes: before }, turned(stage, end - minute)];
  });
}
