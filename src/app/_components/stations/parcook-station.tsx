'use client';

import { useMemo } from 'react';
import { justHolds } from '@/core/prep/just-holds';
import type { ParcookMethod } from '@/core/plan/plan';
import { kelvinFromCelsius } from '@/core/units/temperature';
import { prepStep, withPrepStep } from '@/editing/edit-plan';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { percentText } from '@/ui/words/format';
import { PARCOOK_WORDS } from '@/ui/words/labels';
import { OutcomeTable } from './outcome-table';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { outerRamp } from '@/core/plan/outer-ramp';

const METHODS: readonly ParcookMethod[] = ['boil', 'steam', 'microwave', 'pressure', 'hot-soak'];

/** Water of a hot soak, °C. */
const HOT_SOAK_C = 75;

/** Cooked until it just holds, so that the fryer only has to crisp. */
export function ParcookStation({ document, plan, forecast, move, release }: StationProps) {
  const parcook = prepStep(document, 'parcook');
  const holding = useMemo(
    () => new Map(METHODS.map((method) => [method, justHolds(plan, method, kelvinFromCelsius(HOT_SOAK_C))] as const)),
    [plan],
  );
  const usualMinutes = (method: ParcookMethod) => {
    const holds = holding.get(method) ?? null;
    return holds === null ? 20 : Math.max(1, Math.round((holds / 60) * 2) / 2);
  };
  const withMethod = (method: ParcookMethod, minutes: number) =>
    withPrepStep(document, 'parcook', { step: 'parcook', method, minutes, water_c: HOT_SOAK_C });
  const prepared = forecast?.record.prepared;
  const ways = [
    {
      value: 'none' as const,
      word: 'Raw',
      note: undefined,
      document: parcook ? withPrepStep(document, 'parcook', null) : document,
    },
    ...METHODS.map((method) => ({
      value: method,
      word: PARCOOK_WORDS[method],
      note:
        (holding.get(method) ?? null) === null ? 'too slow for this cut' : `just holds at ${usualMinutes(method)} min`,
      document: parcook?.method === method ? document : withMethod(method, usualMinutes(method)),
    })),
  ];
  return (
    <div className="space-y-3">
      <PricedChoice
        label="Before the fryer"
        value={parcook?.method ?? 'none'}
        document={document}
        options={ways}
        onChoose={release}
      />
      <OutcomeTable caption="How each turns out" ways={ways} document={document} ramp={outerRamp(plan)} />
      {parcook && (
        <PricedLever
          label="Time"
          value={parcook.minutes}
          limits={[0.5, 40]}
          step={0.5}
          unit="min"
          nudge={1}
          document={document}
          withValue={(minutes) => withMethod(parcook.method, minutes)}
          move={move}
          release={release}
        />
      )}
      {parcook && prepared && (
        <p className="text-[14px]">
          A fork meets {softWord(prepared.coreSoftness)}: the heart is {percentText(prepared.coreSoftness)} soft, the
          skin {percentText(prepared.gelatinisedSkin)} set. {percentText(prepared.breakage)} may break while they are
          dried and tossed. Let them steam dry instead of rubbing.
        </p>
      )}
      {parcook && (
        <StationCaution>
          {
            STEP_CAUTIONS[
              parcook.method === 'microwave' ? 'microwave' : parcook.method === 'pressure' ? 'pressure' : 'soak'
            ]
          }
        </StationCaution>
      )}
    </div>
  );
}

/** What a fork feels. */
function softWord(softness: number): string {
  if (softness < 0.2) return 'a raw heart';
  if (softness < 0.45) return 'some resistance';
  return softness < 0.75 ? 'a piece that just holds' : 'a soft one that breaks easily';
}
