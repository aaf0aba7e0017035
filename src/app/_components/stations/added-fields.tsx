'use client';

import { useEffect, useState } from 'react';
import { listFoods } from '@/core/food/catalogue';
import type { JoinMoment } from '@/core/search/when-to-add';
import { waysOf } from '@/editing/ways/plan-of-way';
import { foodOfFile } from '@/schemas/food-from-file';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { useStudy } from '@/ui/study/study-context';
import { halfMinutes, percentText } from '@/ui/words/format';
import type { Opening } from '@/ui/words/opening-text';
import { CutFields } from './cut-fields';

/** An opening that adds food. */
type Added = Extract<Opening, { action: 'add' }>;

/** How added pieces are coated, each with the steps that do it. */
const ADDED_WAYS = {
  plain: { word: 'As cut', prep: [] },
  oiled: { word: 'Oiled', prep: [{ step: 'oil', mass_g: 3 }] },
  starch: {
    word: 'Oiled, in starch',
    prep: [
      { step: 'oil', mass_g: 3 },
      { step: 'starch', mass_g: 3 },
    ],
  },
  crumbed: {
    word: 'Crumbed',
    prep: [
      { step: 'dredge', layers: 1 },
      { step: 'oil', mass_g: 3 },
    ],
  },
} as const satisfies Record<string, { word: string; prep: readonly Added['part']['prep'][number][] }>;

/** What is added at an opening: which food in which cut, how much, how prepared, and when it goes in best. */
export function AddedFields({
  opening,
  index,
  document,
  set,
  children,
}: {
  opening: Added;
  /** of the opening in the plan */
  index: number;
  document: PlanFile;
  set: (opening: Opening, settled: boolean) => void;
  children: React.ReactNode;
}) {
  const { part } = opening;
  const cut = part.cut ?? document.cut;
  const food = part.food ?? document.food;
  const steps = (prep: readonly { readonly step: string }[]) => prep.map(({ step }) => step).join();
  const way = (Object.keys(ADDED_WAYS) as (keyof typeof ADDED_WAYS)[]).find(
    (key) => steps(ADDED_WAYS[key].prep) === steps(part.prep),
  );
  return (
    <>
      <label className="block text-[14px] font-semibold">
        Food
        <select
          className="mt-1 block h-11 w-full rounded-part border-2 border-enamel-deep bg-paper px-2 font-normal"
          value={typeof food === 'string' ? food : ''}
          onChange={(event) => {
            /* another food comes in its own usual cut */
            const [usual] = waysOf(event.target.value);
            const own = usual ? { cut: usual.cut } : {};
            set({ ...opening, part: { ...part, food: event.target.value, ...own } }, true);
          }}
        >
          {typeof food !== 'string' && <option value="">{foodOfFile(food).name}</option>}
          {listFoods().map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {children}
      <CutFields
        step={{ step: 'cut', cut }}
        set={(step, settled) => step.step === 'cut' && set({ ...opening, part: { ...part, cut: step.cut } }, settled)}
      />
      <Choice
        label="Prepared"
        value={way ?? 'own'}
        options={[
          ...(Object.keys(ADDED_WAYS) as (keyof typeof ADDED_WAYS)[]).map((value) => ({
            value,
            word: ADDED_WAYS[value].word,
          })),
          ...(way === undefined ? [{ value: 'own' as const, word: 'As in the file' }] : []),
        ]}
        onChange={(chosen) => {
          if (chosen !== 'own') set({ ...opening, part: { ...part, prep: [...ADDED_WAYS[chosen].prep] } }, true);
        }}
      />
      <WhenBest opening={opening} index={index} document={document} set={set} />
    </>
  );
}

/** Rest after the last change before it is asked when the food goes in best, ms. */
const SETTLE = 400;

/** When the added food goes in so that most of all is right together; a tap puts it there. */
function WhenBest({
  opening,
  index,
  document,
  set,
}: {
  opening: Added;
  index: number;
  document: PlanFile;
  set: (opening: Opening, settled: boolean) => void;
}) {
  const study = useStudy();
  const [answer, setAnswer] = useState<{ from: PlanFile; found: JoinMoment } | null>(null);
  useEffect(() => {
    if (!study) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = study.whenToAdd(document, index, (found) => setAnswer({ from: document, found }));
    }, SETTLE);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, document, index]);
  if (answer?.from !== document)
    return <p className="text-[14px] text-iron-soft">When it goes in best: working it out …</p>;
  const { time, share, planned } = answer.found;
  const minute = time / 60;
  if (share - planned < NOTICED) {
    return (
      <p className="text-[14px]">{`It goes in at a good moment: ${percentText(planned)} of all right together.`}</p>
    );
  }
  return (
    <p className="flex flex-wrap items-center gap-x-3 text-[14px]">
      <Button onClick={() => set({ ...opening, minute }, true)}>
        {minute === 0 ? 'Put it in from the start' : `Put it in at ${halfMinutes(time)} min`}
      </Button>
      {`${percentText(share)} of all right together, not ${percentText(planned)}`}
    </p>
  );
}

/** A share less than this better is not worth moving anything. Source: assumed, one piece in fifty. */
const NOTICED = 0.02;
