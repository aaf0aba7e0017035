'use client';

import { useMemo, useState } from 'react';
import type { CookRecord } from '@/core/batch/cook-record';
import { medianBrowning, medianCrispness } from '@/core/batch/record-statistics';
import type { CutShape } from '@/core/cut/cut';
import { cutThickness } from '@/core/cut/piece-geometry';
import { RIGHT_BROWNING } from '@/core/piece/judge-piece';
import type { Plan } from '@/core/plan/plan';
import { Basket } from '@/ui/basket/basket';
import { foodColour } from '@/ui/colour/food-colours';
import { Button } from '@/ui/controls/button';
import { outerRamp } from '@/core/plan/outer-ramp';

/** How a piece can be, from too early to too late. */
export const JUDGED = ['under', 'soon', 'best', 'over'] as const;

/** @see JUDGED */
export type Judged = (typeof JUDGED)[number];

const HEADS: Record<Judged, string> = {
  under: 'Too early: stays soft',
  soon: 'Soft now, crisp once cool',
  best: 'At its best',
  over: 'Too far',
};

/** Crispness over that wished from which a skin sets while it cools. Source: assumed; crispness is reckoned at eating temperature, and the last third forms on the rack. */
const SETS_FROM = 0.65;

/** Where the typical piece stands by the forecast. `crispness` over that wished. */
export function judgedAs(crispness: number, browning: number, plan: Plan): Judged {
  const { from, to } = RIGHT_BROWNING[plan.target.colour];
  if (browning > to) return 'over';
  if (crispness < SETS_FROM) return 'under';
  return crispness >= 1 && browning >= from ? 'best' : 'soon';
}

/** The sample in the middle of the stretch in which the typical piece is judged so; null where there is none. */
function samplesOf(cook: CookRecord | null, plan: Plan): Record<Judged, number | null> {
  if (!cook) return { under: null, soon: null, best: null, over: null };
  const judged = Array.from({ length: cook.samples }, (_, s) =>
    judgedAs(medianCrispness(cook, s), medianBrowning(cook, s), plan),
  );
  const middle = (of: Judged) => {
    const own = judged.flatMap((one, s) => (one === of ? [s] : []));
    return own[own.length >> 1] ?? null;
  };
  return { under: middle('under'), soon: middle('soon'), best: middle('best'), over: middle('over') };
}

type TestKind = 'bend' | 'snap' | 'squeeze';

const TEST_OF: Record<CutShape, TestKind> = {
  stick: 'bend',
  cylinder: 'bend',
  wedge: 'bend',
  slice: 'snap',
  sheet: 'snap',
  cube: 'squeeze',
  floret: 'squeeze',
  disc: 'squeeze',
  formed: 'squeeze',
};

/** The test to make, by the kind of piece, and what it tells at each point. */
const TESTS: Record<TestKind, { readonly how: string } & Record<Judged, string>> = {
  bend: {
    how: 'Hold one by its end, and bend it.',
    under: 'Hangs down and folds without a sound.',
    soon: 'Dips, and the skin creaks. Lay it on the rack a minute and bend again.',
    best: 'Stands straight; the skin cracks when bent.',
    over: 'Snaps right through; dark at the edges, dry inside.',
  },
  snap: {
    how: 'Break one over the edge of a plate.',
    under: 'Folds like leather; wet in the middle.',
    soon: 'Bends a little, dry to the touch. A minute on the rack, then try again.',
    best: 'Breaks clean with a snap.',
    over: 'Shatters, tastes bitter; brown in the middle.',
  },
  squeeze: {
    how: 'Tap one on the plate, then squeeze it.',
    under: 'Taps dull; gives all round and feels damp.',
    soon: 'Taps dull, but the skin is dry. A minute on the rack, then tap again.',
    best: 'Taps hard; the shell cracks, the heart gives.',
    over: 'Hard right through; dark corners.',
  },
};

/** How dark each drawing is, for the colour wished. */
function browningOf(judged: Judged, plan: Plan): number {
  const { from, to } = RIGHT_BROWNING[plan.target.colour];
  return { under: from * 0.35, soon: from * 0.9, best: (from + to) / 2, over: to * 1.7 }[judged];
}

/** Four pieces as cut, drawn as they pass the test, the likeliest marked. */
export function Judging({
  plan,
  cook,
  now,
}: {
  plan: Plan;
  /** the cook as it is forecast, for what the drawer looks like then; null while it is not known */
  cook: CookRecord | null;
  now: Judged | null;
}) {
  const [open, setOpen] = useState(false);
  const kind = TEST_OF[plan.cut.shape];
  const words = TESTS[kind];
  const samples = useMemo(() => samplesOf(cook, plan), [cook, plan]);
  return (
    <div className="mt-2">
      <Button look="quiet" className="!px-0 !text-rim-light" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Hide how to judge it' : 'How to judge it'}
      </Button>
      {open && (
        <section aria-label="How to judge it">
          <p className="text-[17px]">{words.how} Mind the steam, and let a piece cool a moment before you touch it.</p>
          <ol className="mt-2 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
            {JUDGED.map((judged) => (
              <li
                key={judged}
                aria-current={judged === now ? 'step' : undefined}
                className={`rounded-part border-2 p-3 ${judged === now ? 'border-rim-light' : 'border-iron-line'}`}
              >
                {cook && samples[judged] !== null && (
                  <span className="mb-2 flex h-20 items-center justify-center overflow-hidden rounded-part">
                    <Basket
                      plan={plan}
                      record={cook}
                      sample={samples[judged]}
                      label={`The drawer: ${HEADS[judged].toLowerCase()}`}
                      className="w-[190%] max-w-none shrink-0"
                    />
                  </span>
                )}
                <PieceTested judged={judged} kind={kind} plan={plan} />
                <p className="mt-1 text-[17px] font-semibold">
                  {HEADS[judged]}
                  {judged === now && <span className="font-normal text-ash"> · forecast now</span>}
                </p>
                <p className="text-[16px] text-ash">{words[judged]}</p>
              </li>
            ))}
          </ol>
        </section>
      )}
    </div>
  );
}

/** One piece under its test: bent or broken, its crust as thick as it is then. */
function PieceTested({ judged, kind, plan }: { judged: Judged; kind: TestKind; plan: Plan }) {
  const colour = foodColour(outerRamp(plan), browningOf(judged, plan));
  const heart = foodColour(plan.food.ramp, 0.05);
  const thickness = Math.min(26, Math.max(6, cutThickness(plan.cut) * 1000 * 1.6));
  const crust = { under: 1, soon: 2.5, best: 4, over: Math.max(6, thickness / 2.6) }[judged];
  const sag = { under: 20, soon: 9, best: 1, over: 0 }[judged];
  if (kind === 'squeeze') {
    const side = Math.min(52, thickness * 2.2);
    const dent = { under: 12, soon: 6, best: 3, over: 0 }[judged];
    const bottom = 58;
    return (
      <svg viewBox="0 0 200 64" className="h-16 w-full" role="img" aria-label={`Squeezed: ${HEADS[judged]}`}>
        <rect
          x={100 - side / 2 - dent / 2}
          y={bottom - side + dent}
          width={side + dent}
          height={side - dent}
          rx={dent + 3}
          fill={heart}
          stroke={colour}
          strokeWidth={crust * 1.6}
        />
        {judged === 'best' && <Crack x={100} y={bottom - side + dent} />}
      </svg>
    );
  }
  const broken = judged === 'over' || (kind === 'snap' && judged === 'best');
  const paths = broken
    ? ['M18 30 Q60 22 91 18', 'M109 18 Q140 22 182 30']
    : [`M18 ${26 + sag} Q100 ${26 - sag * 0.8} 182 ${26 + sag}`];
  return (
    <svg viewBox="0 0 200 64" className="h-16 w-full" role="img" aria-label={`Bent: ${HEADS[judged]}`}>
      {paths.map((path) => (
        <g key={path} fill="none" strokeLinecap={broken ? 'butt' : 'round'}>
          <path d={path} stroke={colour} strokeWidth={thickness} />
          <path d={path} stroke={heart} strokeWidth={Math.max(1, thickness - 2 * crust)} />
        </g>
      ))}
      {judged === 'best' && !broken && <Crack x={100} y={27 - thickness / 2} />}
    </svg>
  );
}

function Crack({ x, y }: { x: number; y: number }) {
  return <path d={`M${x - 3} ${y - 2} l4 5 l-3 4 l4 5`} fill="none" className="stroke-iron" strokeWidth={2} />;
}
