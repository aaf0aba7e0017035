'use client';

import { scaleLinear } from 'd3';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { type Belief, EIGHT_IN_TEN } from '@/core/learn/beliefs';
import type { CardBatch, FryerCard } from '@/schemas/fryer-card';
import { Switch } from '@/ui/controls/switch';
import { LocalTime } from '@/ui/local-time';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { dialText, saysText, sureText, taughtByText } from '@/ui/words/belief-text';
import { format } from 'date-fns';
import Link from 'next/link';

const HEIGHT = 136;
/** Width of a batch, where there are few and where there are many. */
const COLUMN = { few: 74, many: 60 };
const MANY = 7;
const LEFT = 46;

/** Scale either side of the dial, standard deviations of what any kitchen expects. Source: chosen. */
const REACH = 3;

const between = ({ mean, deviation }: Belief) =>
  [mean - EIGHT_IN_TEN * deviation, mean + EIGHT_IN_TEN * deviation] as const;

/** How what is believed of the thermostat narrowed with each batch, what each said by itself, and a switch to leave it out. */
export function NarrowingChart({ card }: { card: FryerCard }) {
  const units = useUnits();
  const { batches, before, now } = card;
  const column = batches.length > MANY ? COLUMN.many : COLUMN.few;
  const reach = REACH * before.offset.deviation;
  const y = scaleLinear([-reach, reach], [HEIGHT - 8, 8]).clamp(true);
  const width = LEFT + column * (batches.length + 1.3);
  const steps = useMemo(
    () => batches.reduce<Belief[]>((sofar, { after }) => [...sofar, after ?? sofar.at(-1)!], [before.offset]),
    [batches, before.offset],
  );
  const box = (belief: Belief, from: number, to: number) => {
    const [low, high] = between(belief);
    return { x: from, y: y(high), width: to - from, height: Math.max(2, y(low) - y(high)) };
  };
  const unit = units === 'us' ? 1.8 : 1;
  return (
    <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label="How it narrowed, batch by batch">
      <div style={{ width }}>
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`${dialText(now.offset, units)}, ${sureText(now.offset, units)} after ${taughtByText(card.counting, card.testsCounting)}; ${sureText(before.offset, units)} before the first`}
        >
          <defs>
            <pattern id="before-now" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <path d="M0 0V6" stroke="var(--color-ash)" strokeWidth={1.6} />
            </pattern>
          </defs>
          {[-20, -10, 10, 20].map((tick) => (
            <g key={tick}>
              <line x1={LEFT} x2={width} y1={y(tick)} y2={y(tick)} stroke="var(--color-enamel-deep)" />
              <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" fontSize={12} fill="var(--color-iron-soft)">
                {tick > 0 ? '+' : '−'}
                {Math.round(Math.abs(tick) * unit)}
              </text>
            </g>
          ))}
          {steps.slice(0, -1).map((belief, i) => (
            <rect
              key={i}
              {...box(belief, LEFT + column * i, LEFT + column * (i + 1))}
              fill="url(#before-now)"
              stroke="var(--color-ash)"
            />
          ))}
          <rect {...box(now.offset, LEFT + column * batches.length, width)} fill="var(--color-iron)" />
          <line
            x1={LEFT + column * batches.length}
            x2={width}
            y1={y(now.offset.mean)}
            y2={y(now.offset.mean)}
            stroke="var(--color-enamel)"
            strokeWidth={2}
          />
          <line x1={LEFT} x2={width} y1={y(0)} y2={y(0)} stroke="var(--color-iron)" strokeDasharray="2 3" />
          <text x={LEFT - 6} y={y(0) + 4} textAnchor="end" fontSize={12} fill="var(--color-iron-soft)">
            dial
          </text>
          {batches.map((batch, i) => {
            const [low, high] = between({ ...batch.says, deviation: batch.says.deviation / EIGHT_IN_TEN });
            const x = LEFT + column * (i + 0.5);
            const counts = batch.after !== null;
            return (
              <g key={batch.id} stroke="var(--color-iron)" strokeWidth={2} opacity={counts ? 1 : 0.5}>
                <line x1={x} x2={x} y1={y(low)} y2={y(high)} strokeDasharray={counts ? undefined : '2 3'} />
                <circle
                  cx={x}
                  cy={y(batch.says.mean)}
                  r={5}
                  fill={counts ? 'var(--color-iron)' : 'var(--color-enamel)'}
                />
              </g>
            );
          })}
        </svg>
        <ul className="flex" style={{ paddingLeft: LEFT }}>
          {batches.map((batch) => (
            <BatchColumn key={batch.id} batch={batch} inUse={card.inUse} width={column} />
          ))}
        </ul>
      </div>
    </div>
  );
}

/** One batch below the chart: its colours, its day, what it said, and whether it counts. */
function BatchColumn({ batch, inUse, width }: { batch: CardBatch; inUse: boolean; width: number }) {
  const router = useRouter();
  const units = useUnits();
  const choose = async (use: boolean) => {
    const path = batch.isTest ? `/api/kitchen/fryer-tests/${batch.id}` : `/api/batches/${batch.id}/place`;
    const sent = await send('PUT', path, { leftOut: !use });
    if (sent.kind === 'done') router.refresh();
    else notifyError(sent.error);
  };
  return (
    <li className="flex shrink-0 flex-col items-center px-1 text-center" style={{ width }}>
      {batch.isTest ? (
        <span className="flex min-h-11 flex-col items-center justify-center text-[12px] leading-tight">
          <span className="line-clamp-2 font-semibold">{batch.name}</span>
          <LocalTime at={batch.begunAt} write={(date) => format(date, 'd MMM')} />
        </span>
      ) : (
        <Link
          href={`/log/${batch.id}`}
          className="flex min-h-11 min-w-11 flex-col items-center justify-center text-[12px] leading-tight text-rim"
        >
          <span className="line-clamp-2 font-semibold">{batch.name}</span>
          <LocalTime at={batch.begunAt} write={(date) => format(date, 'd MMM')} />
        </Link>
      )}
      <span className="text-[12px] text-iron-soft">{saysText(batch.says, units) ?? 'says little'}</span>
      <Switch
        label={`Learn from ${batch.name}`}
        checked={!batch.leftOut && !batch.before}
        disabled={!inUse || batch.before}
        onChange={choose}
      />
    </li>
  );
}
