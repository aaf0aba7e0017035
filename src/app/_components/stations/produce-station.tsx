'use client';

import { useMemo, useState } from 'react';
import { APPETITES, type Appetite } from '@/core/cut/produce-yield';
import { listFoods } from '@/core/food/catalogue';
import { STORAGES, type Storage } from '@/core/food/sugar';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { cookDuration } from '@/core/plan/plan';
import { withLoad } from '@/editing/amounts';
import { beginningOf, withBeginning } from '@/editing/beginning';
import { Button } from '@/ui/controls/button';
import { OwnFoodForm } from './own-food-form';
import { produceVolume } from '@/core/cut/produce';
import { planFromFile } from '@/schemas/plan-from-file';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { GridDrawing } from '@/ui/drawings/grid-drawing';
import { useUnits } from '@/ui/units-context';
import { FOOD_CAUTIONS, STEP_CAUTIONS } from '@/ui/words/cautions';
import { lengthText, massText, percentText, temperatureText } from '@/ui/words/format';
import { type Board, produceOnBoard, yieldOnBoard } from './board';
import { typedLength, typedMass } from '@/ui/words/typed-units';
import { KeptAmounts } from './kept-amounts';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { UsualWayOffer } from './usual-way-offer';

const STORAGE_WORDS: Record<Storage, string> = {
  new: 'New from the field',
  usual: 'As usually sold',
  late: 'Late in the season',
  cold: 'Kept in the fridge for days',
};

const LIMITS = [50, 1500] as const;
const clampMass = (grams: number) => Math.min(LIMITS[1], Math.max(LIMITS[0], Math.round(grams / 5) * 5));

/** What lies on the board, from people, from whole vegetables, or from the scale. */
export function ProduceStation({ document, plan, forecast, board, setBoard, move, release }: StationProps) {
  const units = useUnits();
  const [asking, setAsking] = useState(false);
  /** the food whose usual ways are offered, once it was chosen */
  const [offered, setOffered] = useState<string | null>(null);
  const beginning = beginningOf(document);
  const pullMinute = (pullTimeIn(forecast) ?? cookDuration(plan) * 0.75) / 60;
  const withMass = (mass: number) => withLoad(document, mass);
  const one = useMemo(() => yieldOnBoard(board, plan), [board, plan]);
  /* another source begins from the plan as it is; only what is then told changes the plan */
  const begin = (source: Board['source']) =>
    setBoard({
      ...board,
      source,
      count: wholeCount(document.mass_g, one.mass),
      people: Math.min(8, Math.max(1, Math.round(document.mass_g / 1000 / APPETITES[board.appetite]))),
    });
  const change = (part: Partial<Board>) => {
    const next = { ...board, ...part };
    setBoard(next);
    const { mass } = yieldOnBoard(next, planFromFile(document));
    const grams = next.source === 'people' ? next.people * APPETITES[next.appetite] : next.count * mass;
    const changed = withMass(clampMass(grams * 1000));
    release(next.source === 'people' ? { ...changed, portions: next.people } : changed);
  };
  return (
    <div className="space-y-3">
      <label className="block text-[14px] font-semibold">
        Food
        <select
          value={plan.food.id}
          onChange={(event) => {
            if (event.target.value === 'own') return setAsking(true);
            const food = listFoods().find((candidate) => candidate.id === event.target.value);
            if (!food) return;
            setBoard({ ...board, lengthMm: null, diameterMm: null });
            setOffered(food.id);
            release({ ...document, food: food.id, name: food.name });
          }}
          className="mt-1 block h-11 w-full max-w-72 rounded-part border-2 border-enamel-deep bg-paper px-2 text-[16px] font-normal"
        >
          {listFoods().map((food) => (
            <option key={food.id} value={food.id}>
              {food.name}
            </option>
          ))}
          <option value="own">{plan.food.id === 'own' ? `${plan.food.name} (own)` : 'A food of your own …'}</option>
        </select>
      </label>
      {offered === plan.food.id && (
        <UsualWayOffer
          food={plan.food}
          document={document}
          onTake={(taken) => {
            setOffered(null);
            release(taken);
          }}
          onKeep={() => setOffered(null)}
        />
      )}
      {plan.food.id === 'own' && !asking && (
        <Button look="quiet" className="px-0" onClick={() => setAsking(true)}>
          Change what its label says
        </Button>
      )}
      {asking && (
        <OwnFoodForm
          before={typeof document.food === 'string' ? null : document.food}
          onAnswer={(food) => {
            setAsking(false);
            if (food) release({ ...document, food, name: food.name });
          }}
        />
      )}
      <Choice
        label="How much, from"
        value={board.source}
        options={[
          { value: 'grams', word: 'The scale' },
          { value: 'board', word: 'What lies on the board' },
          { value: 'people', word: 'The people' },
        ]}
        onChange={begin}
      />
      {board.source === 'grams' && (
        <Lever
          label="Cut pieces on the board"
          say={units === 'us' ? massText(document.mass_g, units) : undefined}
          value={document.mass_g}
          limits={LIMITS}
          step={10}
          unit="g"
          typed={typedMass(units)}
          note={`${percentText(plan.food.composition.water)} of that is water. Weighed after peeling and cutting.`}
          onMove={(mass) => move(withMass(mass))}
          onRelease={(mass) => release(withMass(mass))}
        />
      )}
      {board.source === 'people' && (
        <>
          <Lever
            label="People"
            value={board.people}
            limits={[1, 8]}
            step={1}
            unit=""
            note={`${massText(document.mass_g, units)} of pieces: ${wholeWords(wholeCount(document.mass_g, one.mass))} of the usual size.`}
            onMove={(people) => change({ people })}
            onRelease={(people) => change({ people })}
          />
          <Choice
            label="Appetite"
            value={board.appetite}
            options={(Object.keys(APPETITES) as Appetite[]).map((appetite) => ({
              value: appetite,
              word: { light: 'Light', usual: 'Usual', hungry: 'Hungry' }[appetite],
              note: massText(APPETITES[appetite] * 1000, units),
            }))}
            onChange={(appetite) => change({ appetite })}
          />
        </>
      )}
      {board.source === 'board' && <WholeOnes plan={plan} board={board} change={change} one={one} />}
      <KeptAmounts document={document} release={release} />
      <Choice
        label="What the batch begins with"
        value={beginning}
        options={[
          { value: 'board', word: 'Raw, from the board' },
          { value: 'frozen', word: 'Raw, frozen' },
          { value: 'par-fried', word: 'Par-fried and frozen' },
          { value: 'kept', word: 'What was kept of it' },
        ]}
        onChange={(next) => release(withBeginning(document, next, pullMinute))}
      />
      {beginning === 'kept' && (
        <StationCaution>
          {STEP_CAUTIONS.keep} The first cook stands as it was planned; its hours in the fridge are under All steps.
        </StationCaution>
      )}
      {beginning === 'board' && (
        <Choice
          label="Where the pieces come from"
          value={String(document.start_temperature_c)}
          options={[4, 12, 20].map((temperature) => ({
            value: String(temperature),
            word: { 4: 'Fridge', 12: 'Cellar', 20: 'Room' }[temperature]!,
            note: temperatureText(temperature, units),
          }))}
          onChange={(temperature) => release({ ...document, start_temperature_c: Number(temperature) })}
        />
      )}
      <PricedChoice
        label="How it was kept"
        value={document.storage}
        document={document}
        options={STORAGES.map((storage) => ({
          value: storage,
          word: STORAGE_WORDS[storage],
          document: { ...document, storage },
        }))}
        onChoose={release}
      />
      {plan.food.cautions.map((caution) => (
        <StationCaution key={caution}>{FOOD_CAUTIONS[caution]}</StationCaution>
      ))}
    </div>
  );
}

/** About three whole ones, one whole one. */
function wholeWords(count: number): string {
  return count === 1 ? 'one whole one' : `about ${count} whole ones`;
}

function wholeCount(massG: number, each: number): number {
  return each > 0 ? Math.max(1, Math.ceil(massG / 1000 / each)) : 1;
}

/** Count and size of whole vegetables, and how they are cut, with the grid drawn on one. */
function WholeOnes({
  plan,
  board,
  change,
  one,
}: Pick<StationProps, 'plan' | 'board'> & {
  change: (part: Partial<Board>) => void;
  one: ReturnType<typeof yieldOnBoard>;
}) {
  const units = useUnits();
  const produce = produceOnBoard(board, plan.food.id);
  const whole = produceVolume(produce) * plan.food.density;
  const [short, middle, long] = one.lengths.map((length) => lengthText(length * 1000, units));
  const size = (field: 'lengthMm' | 'diameterMm', label: string, value: number, limits: readonly [number, number]) => (
    <Lever
      label={label}
      say={units === 'us' ? lengthText(value, units) : undefined}
      value={Math.round(value)}
      limits={limits}
      step={1}
      unit="mm"
      typed={typedLength(units)}
      onMove={(mm) => change({ [field]: mm })}
      onRelease={(mm) => change({ [field]: mm })}
    />
  );
  return (
    <>
      <Lever
        label="Whole ones"
        value={board.count}
        limits={[1, 12]}
        step={1}
        unit=""
        note={`Each about ${massText(whole * 1000, units)} as bought.`}
        onMove={(count) => change({ count })}
        onRelease={(count) => change({ count })}
      />
      {size('lengthMm', 'Length of one', produce.length * 1000, [15, 300])}
      {size('diameterMm', 'Across', produce.diameter * 1000, [8, 250])}
      <Choice
        label="Cut"
        value={board.style.squaredOff ? 'square' : 'rustic'}
        options={[
          { value: 'rustic', word: 'As it grew', note: 'rounded pieces kept' },
          { value: 'square', word: 'Squared off', note: 'only whole pieces' },
        ]}
        onChange={(cut) => change({ style: { ...board.style, squaredOff: cut === 'square' } })}
      />
      <Choice
        label="Skin"
        value={board.style.skinOn ? 'on' : 'off'}
        options={[
          { value: 'off', word: 'Peeled' },
          { value: 'on', word: 'Left on' },
        ]}
        onChange={(skin) => change({ style: { ...board.style, skinOn: skin === 'on' } })}
      />
      <GridDrawing plan={plan} produce={produce} grid={one.grid} />
      <p className="text-[14px]">
        {board.count * one.mass * 1000 > LIMITS[1] &&
          `More than one load: the plan is for ${massText(LIMITS[1], units)} of it. `}
        One gives {one.count} pieces, {massText(one.mass * 1000, units)}; offcuts {massText(one.offcuts * 1000, units)},
        peel and ends {massText(one.trimmed * 1000, units)}.{' '}
        {one.grid.length > 0 && `Lengths: a tenth below ${short}, half below ${middle}, a tenth above ${long}.`}
      </p>
    </>
  );
}
