'use client';

import { extent, scaleLinear } from 'd3';
import { wholeMinutes, percentText } from '../words/format';
import type { FoundPlan } from '../../workers/study/protocol';

const [WIDTH, HEIGHT, LEFT, BASE] = [500, 210, 44, 172];

/** What a point says when it is reached by key or pointer. */
function pointWords({ batches, score, asItStands }: FoundPlan): string {
  return `${asItStands ? 'the plan as it was: ' : ''}about ${wholeMinutes(score.time)} min, ${percentText(score.evenness)} right, ${score.attention} openings, ${batches} ${batches === 1 ? 'batch' : 'batches'}`;
}

/** The trade-off front: total minutes across, share right up, openings as the number in each point. Touching a point tries it. */
export function TradeOffChart({
  found,
  best,
  onTry,
}: {
  found: readonly FoundPlan[];
  best: FoundPlan | null;
  onTry: (found: FoundPlan) => void;
}) {
  const [from = 0, to = 1] = extent(found, ({ score }) => score.time / 60);
  const [low = 0, high = 1] = extent(found, ({ score }) => score.evenness);
  const x = scaleLinear([from - 1, to + 1], [LEFT, WIDTH - 16]).nice();
  const y = scaleLinear([Math.max(0, low - 0.05), Math.min(1, high + 0.05)], [BASE, 14]).nice();
  return (
    <div className="relative max-w-[500px]">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-auto w-full" aria-hidden>
        {x.ticks(6).map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={14} y2={BASE} className="stroke-enamel-shadow" />
            <text x={x(tick)} y={BASE + 16} textAnchor="middle" className="fill-iron-soft text-[12px]">
              {tick}
            </text>
          </g>
        ))}
        {y.ticks(5).map((tick) => (
          <g key={tick}>
            <line x1={LEFT} x2={WIDTH - 16} y1={y(tick)} y2={y(tick)} className="stroke-enamel-deep" />
            <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="fill-iron-soft text-[12px]">
              {Math.round(tick * 100)} %
            </text>
          </g>
        ))}
        <text x={WIDTH - 16} y={HEIGHT - 4} textAnchor="end" className="fill-iron-soft text-[12px]">
          minutes with preheat; share right upwards; openings in each point; dashed: as it was
        </text>
      </svg>
      <ul aria-label="Ways that no other beats">
        {found.map((one, i) => {
          const isBest = best?.document === one.document;
          return (
            <li
              key={i}
              className="absolute"
              style={{
                left: `${(x(one.score.time / 60) / WIDTH) * 100}%`,
                top: `${(y(one.score.evenness) / HEIGHT) * 100}%`,
              }}
            >
              <button
                type="button"
                title={pointWords(one)}
                aria-label={`Try ${pointWords(one)}`}
                onClick={() => onTry(one)}
                className="flex size-11 -translate-1/2 items-center justify-center"
              >
                <span
                  className={`flex size-7 items-center justify-center border-2 ${one.asItStands ? 'border-iron outline-2 outline-offset-2 outline-iron outline-dashed' : 'border-rim'} text-[13px] font-semibold ${one.batches > 1 ? 'rounded-[4px]' : 'rounded-full'} ${isBest ? 'bg-rim text-on-rim' : 'bg-enamel text-rim'}`}
                >
                  {one.score.attention}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
