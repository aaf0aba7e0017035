'use client';

import { prepStep, withPrepStep } from '@/editing/edit-plan';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useUnits } from '@/ui/units-context';
import { massText } from '@/ui/words/format';
import { pressedShare, THAWED_SHARE } from '@/core/prep/press';
import type { StationProps } from './station';

/** Whey pressed out does not have to boil off. */
export function PressStation({ document, plan, move, release }: StationProps) {
  const units = useUnits();
  const press = prepStep(document, 'press');
  const frozen = prepStep(document, 'freeze-thaw') !== null;
  const withPress = (minutes: number) => withPrepStep(document, 'press', { step: 'press', minutes });
  const pressed = plan.preparation.filter(({ step }) => step === 'press' || step === 'freeze-thaw');
  const water = pressedWater(plan.mass * plan.food.composition.water, press?.minutes ?? 0, frozen);
  return (
    <div className="space-y-3">
      <PricedChoice
        label="Press"
        value={press ? 'yes' : 'no'}
        document={document}
        options={[
          { value: 'no', word: 'As it comes', document: withPrepStep(document, 'press', null) },
          { value: 'yes', word: 'Under a weight', document: withPress(press?.minutes ?? 20) },
        ]}
        onChoose={release}
      />
      {press && (
        <PricedLever
          label="Time under the weight"
          value={press.minutes}
          limits={[5, 60]}
          step={5}
          unit="min"
          nudge={10}
          note="The first twenty minutes give most of it."
          document={document}
          withValue={withPress}
          move={move}
          release={release}
        />
      )}
      <PricedChoice
        label="Frozen and thawed before"
        value={frozen ? 'yes' : 'no'}
        document={document}
        options={[
          { value: 'no', word: 'No', document: withPrepStep(document, 'freeze-thaw', null) },
          {
            value: 'yes',
            word: 'Yes, overnight',
            document: withPrepStep(document, 'freeze-thaw', { step: 'freeze-thaw' }),
          },
        ]}
        onChoose={release}
      />
      {pressed.length > 0 && (
        <p className="text-[14px]">
          About {massText(water * 1000, units)} of the {massText(plan.mass * 1000, units)} leaves as whey, and need not
          be boiled off.
        </p>
      )}
    </div>
  );
}

/** kg of water that leaves a block holding `water` kg. */
function pressedWater(water: number, minutes: number, frozen: boolean): number {
  const thawed = frozen ? THAWED_SHARE * water : 0;
  return thawed + (water - thawed) * pressedShare(minutes * 60);
}
