import type { Advice } from '@/core/coach/advice';
import { percentText, temperatureGapText, type UnitSystem, wholeMinutes } from '@/ui/words/format';
import { stretchText } from '@/ui/words/price-text';
import type { Correction } from '@/workers/coach/protocol';

/** Shifts below this are not worth a word, s. */
const NOTICED = 20;

/** What the answers so far have changed, in one sentence. @param pull s, the run's one moment, as the countdown and the field have it; null where it is not done in time */
export function correctionText({ interval, taken }: Correction, pull: number | null): string {
  const from = taken === 1 ? 'one answer' : `${taken} answers and readings`;
  if (pull === null) return `After ${from}: not done within the stages.`;
  const range =
    interval.p10 !== null && interval.p90 !== null
      ? `, most likely between ${wholeMinutes(interval.p10)} and ${wholeMinutes(interval.p90)} min`
      : '';
  return `After ${from}: pull after about ${wholeMinutes(pull)} min${range}.`;
}

/** What following an advice wins, where that was worked out. */
export function gainText(advice: Advice): string | null {
  return advice.kind === 'dial' ? `It brings ${percentText(advice.gain)} more right.` : null;
}

/** What to do otherwise, with the reason. */
export function adviceText(advice: Advice, units: UnitSystem): string {
  if (advice.kind === 'dial') {
    const turn = `${temperatureGapText(Math.abs(advice.by), units)} ${advice.by < 0 ? 'down' : 'up'}`;
    const reason =
      advice.reason === 'colour-ahead'
        ? 'the colour runs ahead of bite and heart'
        : 'the colour stays behind while the pieces dry';
    return `Turn the dial ${turn}: ${reason}.`;
  }
  if (Math.abs(advice.shift) < NOTICED) return 'Go on as planned.';
  return advice.shift > 0
    ? `Give it ${stretchText(advice.shift)} more than planned: it browns more slowly than expected.`
    : `Pull ${stretchText(advice.shift)} sooner than planned: it browns faster than expected.`;
}
