import { type Belief, EIGHT_IN_TEN } from '@/core/learn/beliefs';

/** Width of the scale either side of the label, standard deviations of what any kitchen expects. Source: chosen; the hatched bar takes half. */
const REACH = 2.4;

/** Eight times in ten: hatched before any batch, solid now, its middle white, what the label says dotted. */
export function BeliefBar({ before, now, label }: { before: Belief; now: Belief; label: string }) {
  const at = (value: number) =>
    `${Math.min(100, Math.max(0, 50 + (50 * (value - before.mean)) / (REACH * before.deviation)))}%`;
  const bar = ({ mean, deviation }: Belief) => {
    const [from, to] = [mean - EIGHT_IN_TEN * deviation, mean + EIGHT_IN_TEN * deviation];
    return { left: at(from), width: `calc(${at(to)} - ${at(from)})` };
  };
  return (
    <span className="relative block h-9" aria-hidden>
      <span className="absolute top-1.5 h-3 rounded-[2px] border border-iron-soft hatched" style={bar(before)} />
      <span className="absolute top-1.5 h-3 rounded-[2px] bg-iron" style={bar(now)} />
      <span className="absolute top-1.5 h-3 w-0.5 -translate-x-1/2 bg-enamel" style={{ left: at(now.mean) }} />
      <span
        className="absolute top-0 h-6 -translate-x-1/2 border-l-2 border-dotted border-iron"
        style={{ left: at(before.mean) }}
      />
      <span
        className="absolute top-6 -translate-x-1/2 text-[12px] whitespace-nowrap text-iron-soft"
        style={{ left: at(before.mean) }}
      >
        {label}
      </span>
    </span>
  );
}
