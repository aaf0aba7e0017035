import type { Window } from '../../core/forecast/best-moment';
import { halfMinutes, wholeMinutes } from '../words/format';
import type { TimeScale } from './time-scale';

/** px from the bracket to its words, that a letter of them takes at most, and that they may stand into the field's margin. */
const BESIDE = 10;
const LETTER = 6.3;
const INTO_MARGIN = 24;

/** The window as a bracket under the field, open where not all are right together, with the moment to pull as its stem and its minutes beside. */
export function WindowBracket({ window, pull, x, top }: { window: Window; pull: number; x: TimeScale; top: number }) {
  const from = x(window.from);
  const to = Math.max(from + 4, x(window.to));
  const [start, end] = x.range() as [number, number];
  const minutes = `${halfMinutes(window.from)} to ${halfMinutes(window.to)} min`;
  const wordings = window.held ? [`right from ${minutes}`, minutes] : ['never all right together', 'never all right'];
  const isRoom = (words: string, rightwards: boolean) => {
    const wide = BESIDE + LETTER * words.length;
    return rightwards ? to + wide < end : from - wide > start - INTO_MARGIN;
  };
  const [words, rightwards] = wordings
    .flatMap((wording) => [[wording, true] as const, [wording, false] as const])
    .find(([wording, side]) => isRoom(wording, side)) ?? [wordings[1], true];
  return (
    <g className="stroke-current">
      <path
        d={`M${from} ${top}V${top + 9}H${to}V${top}`}
        fill="none"
        strokeWidth={2}
        strokeDasharray={window.held ? undefined : '3 3'}
      />
      <line x1={x(pull)} x2={x(pull)} y1={top + 3} y2={top + 15} strokeWidth={2.5} />
      <text
        x={rightwards ? to + BESIDE : from - BESIDE}
        y={top + 12}
        textAnchor={rightwards ? 'start' : 'end'}
        className="fill-current stroke-none text-[12px]"
      >
        {words}
      </text>
    </g>
  );
}

/** Minutes under the field, the moment to pull among them in bold. */
export function FieldAxis({ x, duration, top, pull }: { x: TimeScale; duration: number; top: number; pull: number }) {
  const minutes = duration / 60;
  const step = minutes > 45 ? 10 : minutes > 12 ? 5 : 2;
  const ticks = Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step);
  return (
    <g className="fill-current text-[12px]">
      {ticks.map(
        (tick) =>
          Math.abs(x(tick * 60) - x(pull)) > 16 && (
            <text key={tick} x={x(tick * 60)} y={top + 12} textAnchor="middle">
              {tick === 0 ? '0 min' : tick}
            </text>
          ),
      )}
      <text x={x(pull)} y={top + 12} textAnchor="middle" className="text-[13px] font-bold">
        {wholeMinutes(pull)}
      </text>
    </g>
  );
}
