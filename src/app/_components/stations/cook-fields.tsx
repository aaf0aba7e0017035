'use client';

import type { EarlierCookStep } from '@/schemas/plan-steps';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import type { AnyStep } from '@/ui/words/step-names';
import { typedTemperature } from '@/ui/words/typed-units';
import type { SetStep } from './set-step';

/** What ends a cook before the last, how long and how hot it is, and its one shake. */
export function CookFields({ step, set }: { step: EarlierCookStep; set: SetStep }) {
  const units = useUnits();
  const [first] = step.stages;
  if (!first) return null;
  /* the one shake stays at half time */
  const withStage = (part: Partial<typeof first>): AnyStep => {
    const stage = { ...first, ...part };
    const events = step.events.map((event) =>
      step.events.length === 1 ? { ...event, minute: stage.minutes / 2 } : event,
    );
    return { ...step, stages: step.stages.with(0, stage), events };
  };
  const turns = step.events.length > 0;
  return (
    <>
      <Choice
        label="Ends"
        value={step.until}
        options={[
          { value: 'stages', word: 'By the clock' },
          { value: 'soft', word: 'When soft enough to press' },
          { value: 'pale', word: 'At the first colour' },
        ]}
        onChange={(until) => set({ ...step, until }, true)}
      />
      <Lever
        label={step.until === 'stages' ? 'Minutes' : 'At most'}
        value={first.minutes}
        limits={[1, 60]}
        step={1}
        unit="min"
        onMove={(minutes) => set(withStage({ minutes }), false)}
        onRelease={(minutes) => set(withStage({ minutes }), true)}
      />
      <Lever
        label="Dial"
        value={first.temperature_c}
        limits={[100, 230]}
        step={5}
        unit="°C"
        typed={typedTemperature(units)}
        onMove={(temperature_c) => set(withStage({ temperature_c }), false)}
        onRelease={(temperature_c) => set(withStage({ temperature_c }), true)}
      />
      <Choice
        label="Shake at half time"
        value={turns ? 'yes' : 'no'}
        options={[
          { value: 'no', word: 'No' },
          { value: 'yes', word: 'Yes' },
        ]}
        onChange={(answer) =>
          set({ ...step, events: answer === 'yes' ? [{ minute: first.minutes / 2, action: 'shake' }] : [] }, true)
        }
      />
    </>
  );
}
