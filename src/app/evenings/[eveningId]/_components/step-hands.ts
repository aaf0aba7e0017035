import { useMemo } from 'react';
import { withHands, withPin } from '@/editing/edit-evening';
import type { EveningFile } from '@/schemas/evening-file';
import type { ShownSchedule } from '@/workers/evening/protocol';

/** Moments to which a step is moved, ms: half a minute. Source: chosen. */
const GRAIN = 30_000;

/** What is done to a step by hand. */
export interface StepHands {
  /** begins so many s earlier (or later) than it does, and stays there */
  readonly move: (step: string, bySeconds: number) => void;
  readonly togglePin: (step: string) => void;
  readonly give: (step: string, cook: number) => void;
}

/** Moving, keeping and giving steps of the evening as it is shown. */
export function useStepHands(
  shown: ShownSchedule | null,
  change: (next: (before: EveningFile) => EveningFile) => void,
): StepHands {
  return useMemo(() => {
    const beginOf = (step: string) => {
      const placed = shown?.steps.find((one) => one.id === step);
      return placed && shown ? shown.serveAt - placed.begin * 1000 : null;
    };
    return {
      move: (step, by) =>
        change((before) => {
          const own = before.pins.find((pin) => pin.step === step);
          const at = own ? Date.parse(own.at) : beginOf(step);
          return at === null ? before : withPin(before, step, Math.round((at - by * 1000) / GRAIN) * GRAIN);
        }),
      togglePin: (step) =>
        change((before) => {
          const isPinned = before.pins.some((pin) => pin.step === step);
          const at = beginOf(step);
          return at === null ? before : withPin(before, step, isPinned ? null : at);
        }),
      give: (step, cook) => change((before) => withHands(before, step, before.hands[step] === cook ? null : cook)),
    };
  }, [shown, change]);
}
