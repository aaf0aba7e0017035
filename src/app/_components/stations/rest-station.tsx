'use client';

import { tableSalt } from '@/core/prep/coat-amounts';
import { wantsBite } from '@/core/food/wish';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { type HoldForecast, type HoldPlace, WARM_OVEN_C } from '@/core/forecast/hold';
import type { PlanFile } from '@/schemas/plan-file';
import { restOf } from '@/schemas/rest-of';
import { withRest } from '@/editing/edit-steps';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { HoldDrawing } from '@/ui/drawings/hold-drawing';
import { useHold } from '@/ui/study/use-hold';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { wholeMinutes, massText, percentText, temperatureText } from '@/ui/words/format';
import type { StationProps } from './station';
import { SidesList } from './sides-list';
import { StationCaution } from './station-caution';
import { pullTimeIn } from '@/core/forecast/pull-time-in';

const PLACES: readonly { value: HoldPlace; word: string }[] = [
  { value: 'rack', word: 'On a rack' },
  { value: 'heap', word: 'In a heap' },
  { value: 'covered', word: 'Covered' },
  { value: 'warm-oven', word: 'Warm oven' },
];

/** Between drawer and table: how long the bite lasts, what a few minutes back in the fryer restore, and the salt. */
export function RestStation({ document, plan, forecast, serveAt, move, release }: StationProps) {
  const units = useUnits();
  const rest = restOf(document);
  const withPart = (part: Partial<typeof rest>): PlanFile => withRest(document, { ...rest, ...part });
  const pulledAt = pullTimeIn(forecast);
  const holds = useHold(document, pulledAt);
  const served = servedMass(plan.mass, forecast, pulledAt);
  const here = holds?.[rest.place];
  const minute = Math.round(rest.minutes);
  const bite = wantsBite(document.target);
  const degrees = (kelvin: number) => temperatureText(Math.round(celsiusFromKelvin(kelvin)), units);
  return (
    <div className="space-y-3">
      {holds ? (
        <HoldDrawing
          holds={holds}
          what={bite ? 'bite' : 'warmth'}
          units={units}
          chosen={rest.place}
          minutes={rest.minutes}
        />
      ) : (
        <p className="aspect-[10/3] w-full max-w-[500px] text-[14px] text-iron-soft">
          {pulledAt === null
            ? 'Not done within the stages, so there is nothing to rest.'
            : 'Working out how they keep …'}
        </p>
      )}
      <Choice
        label="Until the table"
        value={rest.place}
        options={PLACES.map((place) => ({
          ...place,
          word: place.value === 'warm-oven' ? `Oven at ${temperatureText(WARM_OVEN_C, units)}` : place.word,
          price: holds
            ? !bite
              ? `${degrees(heartAt(holds[place.value], minute))} inside by then`
              : holds[place.value].halfLife === null
                ? 'keeps for the hour'
                : `half gone after ${Math.round(holds[place.value].halfLife! / 60)} min${holds[place.value].dried > DRIES_HARD ? ', dried hard' : ''}`
            : pulledAt === null
              ? undefined
              : '…',
        }))}
        onChange={(place) => release(withPart({ place }))}
      />
      <Lever
        label="Waiting"
        value={rest.minutes}
        limits={[0, 60]}
        step={1}
        unit="min"
        note={
          here && !bite
            ? `${degrees(heartAt(here, minute))} inside then. Four minutes back in the hot fryer warm them to ${degrees(here.heartRefreshed)} after an hour.`
            : here
              ? `${percentText(Math.min(1, here.kept[minute] ?? here.kept.at(-1)!))} of the bite is left then. Four minutes back in the hot fryer bring it to ${percentText(Math.min(1, here.refreshed))} after an hour.`
              : pulledAt === null
                ? undefined
                : 'Working out what is left then, and what four minutes back in the hot fryer bring it to after an hour …'
        }
        onMove={(minutes) => move(withPart({ minutes }))}
        onRelease={(minutes) => release(withPart({ minutes }))}
      />
      <Lever
        label="Salt while hot"
        value={rest.salt_g}
        limits={[0, 15]}
        step={0.5}
        unit="g"
        note={`The pieces weigh about ${massText(served * 1000, units)} then: ${massText(tableSalt(served) * 1000, units)} of salt is usual, the less if it went on before.`}
        onMove={(salt_g) => move(withPart({ salt_g }))}
        onRelease={(salt_g) => release(withPart({ salt_g }))}
      />
      {pulledAt !== null && (
        <p className="text-[14px]">
          Pulled after about {wholeMinutes(pulledAt)} min. Spread out, not in a bowl: steam from the hearts softens what
          lies above it.
        </p>
      )}
      <SidesList document={document} serveAt={serveAt} release={release} />
      <StationCaution>{STEP_CAUTIONS.rest}</StationCaution>
    </div>
  );
}

/** K of the hearts after so many minutes. */
function heartAt({ hearts }: HoldForecast, minute: number): number {
  return hearts[minute] ?? hearts.at(-1)!;
}

/** Share of the water lost in the hour from which a piece is hard rather than soft. Source: assumed. */
const DRIES_HARD = 0.6;

/** kg when they come out. */
function servedMass(mass: number, forecast: StationProps['forecast'], at: number | null): number {
  if (!forecast || at === null) return mass;
  const { record } = forecast;
  const sample = Math.min(record.samples - 1, Math.round(at / record.interval));
  return record.weight[sample]!;
}
