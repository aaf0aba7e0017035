'use client';

import { batchYield } from '@/core/cut/batch-yield';
import { TOSS_EVERY } from '@/core/search/look-over';
import { freshLayers } from '@/core/fryer/layers';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useLoads } from '@/ui/study/use-loads';
import type { LoadsOutcome } from '@/workers/study/protocol';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { PlaceMapDrawing } from '@/ui/drawings/place-map-drawing';
import { extremesText } from '@/ui/words/place-text';
import { massText, percentText, wholeMinutes } from '@/ui/words/format';
import { withLay, withLoads, withServing } from '@/editing/edit-loads';
import { Choice } from '@/ui/controls/choice';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { withLoad } from '@/editing/amounts';
import { ONE_LAYER } from '@/editing/usual-amounts';
import { typedMass } from '@/ui/words/typed-units';
import { KeptAmounts } from './kept-amounts';
import { LoadsTable } from './loads-table';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { pullTimeIn } from '@/core/forecast/pull-time-in';

/** Numbers of loads that the bench offers. */
const LOADS = [1, 2, 3, 4] as const;

/** Loads that the bench offers, g. */
export const LOAD_LIMITS = [50, 1500] as const;

/** Where a single layer is shaken, share of the time to the pull. Source: assumed, a little before the middle. */
const MIDWAY = 0.45;

/** How much longer the last stage of a heap is looked at. Source: chosen, so that it gets done. */
const HEAP_LONGER = 1.8;

/** How full the basket is: one layer at a time, or all in a heap. */
export function LoadStation({ document, plan, forecast, move, release }: StationProps) {
  const units = useUnits();
  const layers = freshLayers(plan);
  const perLayer = (plan.mass * 1000) / layers;
  const { loads } = document;
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  return (
    <div className="space-y-3">
      <PricedLever
        label={loads.count === 1 ? 'Into the basket' : `On the board, for all ${loads.count} loads`}
        say={units === 'us' ? massText(document.mass_g, units) : undefined}
        value={document.mass_g}
        limits={LOAD_LIMITS}
        step={10}
        unit="g"
        typed={typedMass(units)}
        sayValue={(mass) => massText(mass, units)}
        nudge={Math.max(50, Math.round((document.mass_g * 0.2) / 10) * 10)}
        note={`${loads.count === 1 ? '' : `The first load ${massText(plan.mass * 1000, units)}, `}${count} pieces. One layer of this cut holds about ${massText(Math.round(perLayer / 10) * 10, units)}.`}
        document={document}
        withValue={(mass) => withLoad(document, mass)}
        move={move}
        release={release}
      />
      <KeptAmounts document={document} release={release} />
      <p className="text-[14px]">
        {layers <= 1
          ? 'The pieces lie side by side, with gaps for the air.'
          : `${layers.toFixed(1)} layers: what lies below is shaded from the fan until the basket is shaken.`}
      </p>
      <PricedChoice
        label="How many loads"
        value={String(loads.count)}
        document={document}
        options={LOADS.map((number) => ({
          value: String(number),
          word: number === 1 ? 'All at once' : `${number} loads`,
          document: number === loads.count ? document : withLoads(document, number),
        }))}
        onChoose={release}
      />
      {plan.fryer.places && <Laying document={document} strengths={plan.fryer.places} release={release} />}
      {loads.count > 1 && <LoadsTable document={document} release={release} />}
      {loads.count > 1 && (
        <Choice
          label="Coated and oiled"
          value={loads.coat}
          options={[
            { value: 'at-once', word: 'All at once' },
            { value: 'each-load', word: 'Each load as it goes in' },
          ]}
          onChange={(coat) => release({ ...document, loads: { ...loads, coat } })}
        />
      )}
      {loads.count > 1 && (
        <Choice
          label="Served"
          value={loads.serve}
          options={[
            { value: 'as-they-come', word: 'As they come' },
            { value: 'together', word: 'All together, back in at the end' },
          ]}
          onChange={(serve) => release(withServing(document, serve))}
        />
      )}
      {loads.count === 1 && layers > ONE_LAYER && (
        <LayersOrHeap
          document={document}
          layers={layers}
          pullMin={(pullTimeIn(forecast) ?? plan.stages.reduce((sum, stage) => sum + stage.duration, 0)) / 60}
          release={release}
        />
      )}
      <StationCaution>{STEP_CAUTIONS.load}</StationCaution>
    </div>
  );
}

/** Strong and weak places of this drawer, and whether the thicker pieces are laid over the stronger. */
function Laying({
  document,
  strengths,
  release,
}: {
  document: PlanFile;
  strengths: readonly number[];
  release: (document: PlanFile) => void;
}) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
      <PlaceMapDrawing map={{ strengths, deviations: strengths.map(() => 0) }} className="w-40 shrink-0" />
      <div className="min-w-0 flex-1 basis-56">
        <p className="text-[14px]">{extremesText(strengths)}</p>
        <PricedChoice
          label="How they are laid"
          value={document.loads.lay ?? 'as-they-fall'}
          document={document}
          options={[
            { value: 'as-they-fall', word: 'As they fall', document: withLay(document, 'as-they-fall') },
            {
              value: 'thick-to-strong',
              word: 'Thicker over the strong places',
              document: withLay(document, 'thick-to-strong'),
            },
          ]}
          onChoose={release}
        />
      </div>
    </div>
  );
}

/** The same pieces in single layers one after the other, or in one heap that is tossed: both computed, side by side. */
function LayersOrHeap({
  document,
  layers,
  pullMin,
  release,
}: {
  document: PlanFile;
  layers: number;
  pullMin: number;
  release: (document: PlanFile) => void;
}) {
  const batches = Math.ceil(layers - (ONE_LAYER - 1));
  const layered: PlanFile = {
    ...document,
    cook: { ...document.cook, openings: 'set', events: [{ minute: Math.round(pullMin * MIDWAY), action: 'shake' }] },
  };
  const tosses = Array.from({ length: Math.max(1, Math.floor((pullMin - 1) / (TOSS_EVERY / 60))) }, (_, i) => ({
    minute: ((i + 1) * TOSS_EVERY) / 60,
    action: 'toss' as const,
  }));
  /* a heap may need longer than was planned for fewer */
  const stages = document.cook.stages.map((stage, i) =>
    i === document.cook.stages.length - 1 ? { ...stage, minutes: Math.min(90, stage.minutes * HEAP_LONGER) } : stage,
  );
  const heap: PlanFile = { ...document, cook: { stages, events: tosses, openings: 'set' } };
  const inLayers = useLoads(withLoads(layered, batches));
  const inHeap = useLoads(heap);
  const columns = [
    {
      word: `${batches} batches, one layer each`,
      outcome: inLayers,
      openings: batches * 2 - 1,
      document: withLoads(layered, batches),
    },
    { word: 'One heap, tossed often', outcome: inHeap, openings: tosses.length, document: heap },
  ];
  return (
    <table className="w-full border-collapse text-[14px]">
      <caption className="mb-1 text-left font-semibold">Single layers against one tossed heap</caption>
      <thead>
        <tr className="border-b-2 border-enamel-deep text-left">
          <th scope="col" className="py-1 font-normal text-iron-soft">
            for this batch
          </th>
          {columns.map((column) => (
            <th key={column.word} scope="col" className="py-1 pl-3">
              {column.word}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {(
          [
            ['At the fryer', (o) => (o.time === null ? 'not done' : `${wholeMinutes(o.time)} min`)],
            ['Right at best', (o) => percentText(o.evenness)],
            ['Openings', (_, openings) => String(openings)],
            ['Energy', (o) => `${(o.energy / 3.6e6).toFixed(2)} kWh`],
          ] as const satisfies readonly (readonly [string, (o: LoadsOutcome, openings: number) => string])[]
        ).map(([label, say]) => (
          <tr key={label} className="border-b border-enamel-deep">
            <th scope="row" className="py-1 text-left font-normal">
              {label}
            </th>
            {columns.map((column) => (
              <td key={column.word} className="py-1 pl-3">
                {column.outcome ? say(column.outcome, column.openings) : '…'}
              </td>
            ))}
          </tr>
        ))}
        <tr>
          <td />
          {columns.map((column) => (
            <td key={column.word} className="pt-2 pl-3">
              <Button onClick={() => release(column.document)}>Plan this</Button>
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
