'use client';

import { Plus, X } from 'lucide-react';
import { cookDuration, isMixing } from '@/core/plan/plan';
import { withMixing, withOpenings, withOpeningsBy, withStages } from '@/editing/edit-cook';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { temperatureText } from '@/ui/words/format';
import { ACTION_WORDS, COLOUR_WORDS, CRISPNESS_WORDS } from '@/ui/words/labels';
import { FindBetter } from './find-better';
import { OpeningsList } from './openings-list';
import { typedTemperature } from '@/ui/words/typed-units';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { pullTimeIn } from '@/core/forecast/pull-time-in';

/** Most stages the station offers. */
const MOST_STAGES = 3;

/** Stages, openings, and what is wished for. */
export function CookStation({ document, plan, forecast, move, release }: StationProps) {
  const units = useUnits();
  const { stages, events } = document.cook;
  const mixings = events.filter((event) => isMixing(event.action));
  const mixing = mixings.map(({ action }) => action).find(isMixing);
  const withStage = (index: number, part: Partial<PlanFile['cook']['stages'][number]>) =>
    withStages(
      document,
      stages.map((stage, i) => (i === index ? { ...stage, ...part } : stage)),
    );
  const minutes = (pullTimeIn(forecast) ?? cookDuration(plan) * 0.75) / 60;
  return (
    <div className="space-y-3">
      {stages.map((stage, i) => (
        <fieldset key={i} className="grid grid-cols-1 gap-x-5 sm:grid-cols-2">
          <legend className="flex w-full items-center justify-between font-display text-[15px] font-semibold">
            Stage {i + 1}
            {stages.length > 1 && (
              <button
                type="button"
                aria-label={`Remove stage ${i + 1}`}
                className="flex size-11 items-center justify-center text-rim"
                onClick={() =>
                  release(
                    withStages(
                      document,
                      stages.filter((_, j) => j !== i),
                    ),
                  )
                }
              >
                <X size={18} aria-hidden />
              </button>
            )}
          </legend>
          <PricedLever
            label="Dial"
            say={units === 'us' ? temperatureText(stage.temperature_c, units) : undefined}
            sayValue={(value) => temperatureText(value, units)}
            value={stage.temperature_c}
            limits={[100, 230]}
            step={5}
            unit="°C"
            typed={typedTemperature(units)}
            nudge={10}
            document={document}
            withValue={(value) => withStage(i, { temperature_c: value })}
            move={move}
            release={release}
          />
          <Lever
            label={i === stages.length - 1 ? 'Up to' : 'For'}
            value={stage.minutes}
            limits={[1, 60]}
            step={1}
            unit="min"
            onMove={(value) => move(withStage(i, { minutes: value }))}
            onRelease={(value) => release(withStage(i, { minutes: value }))}
          />
        </fieldset>
      ))}
      {stages.length < MOST_STAGES && (
        <Button
          look="quiet"
          className="flex items-center gap-1 px-0"
          onClick={() =>
            release(
              withStages(document, [
                { minutes: 8, temperature_c: Math.max(100, stages[0]!.temperature_c - 25) },
                ...stages,
              ]),
            )
          }
        >
          <Plus size={16} aria-hidden /> Add a gentler stage before
        </Button>
      )}
      <PricedChoice
        label="Openings"
        value={String(mixings.length)}
        document={document}
        options={[0, 1, 2, 3, 4, 5].map((count) => ({
          value: String(count),
          word: String(count),
          document: count === mixings.length ? document : withOpenings(document, count, minutes),
        }))}
        onChoose={release}
      />
      <Choice
        label="Who sets them"
        value={document.cook.openings ?? 'set'}
        options={[
          { value: 'chosen', word: 'Follow the forecast' },
          { value: 'set', word: 'Leave them as they are' },
        ]}
        onChange={(openings) => release(withOpeningsBy(document, openings))}
      />
      {mixings.length > 0 && (
        <PricedChoice
          label="At each opening"
          value={mixing ?? 'shake'}
          document={document}
          options={(['shake', 'toss', 'flip'] as const).map((action) => ({
            value: action,
            word: ACTION_WORDS[action],
            document: withMixing(document, action),
          }))}
          onChoose={release}
        />
      )}
      <OpeningsList document={document} pullMinute={minutes} move={move} release={release} />
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-2">
        <Choice
          label="Wished colour"
          value={document.target.colour}
          options={(['first', 'pale', 'golden', 'brown'] as const).map((value) => ({
            value,
            word: COLOUR_WORDS[value],
          }))}
          onChange={(colour) => release({ ...document, target: { ...document.target, colour } })}
        />
        <Choice
          label="Wished bite"
          value={document.target.crispness}
          options={(['soft', 'chewy', 'tender', 'crisp', 'very-crisp'] as const).map((value) => ({
            value,
            word: CRISPNESS_WORDS[value],
          }))}
          onChange={(crispness) => release({ ...document, target: { ...document.target, crispness } })}
        />
        <Choice
          label="On which sides"
          value={document.target.faces ?? 'both'}
          options={[
            { value: 'both', word: 'Both' },
            { value: 'one', word: 'One is enough' },
          ]}
          onChange={(faces) => release({ ...document, target: { ...document.target, faces } })}
        />
        <Choice
          label="Among the pieces"
          value={document.target.spread ?? 'even'}
          options={[
            { value: 'even', word: 'All alike' },
            { value: 'mixed', word: 'Some soft, some dark' },
          ]}
          onChange={(spread) => release({ ...document, target: { ...document.target, spread } })}
        />
      </div>
      <FindBetter document={document} release={release} />
      <StationCaution>{STEP_CAUTIONS.cook}</StationCaution>
    </div>
  );
}
