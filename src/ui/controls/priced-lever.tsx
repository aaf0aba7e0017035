'use client';

import type { ComponentProps } from 'react';
import type { PlanFile } from '../../schemas/plan-file';
import { useOutcomes } from '../study/study-context';
import { priceOf } from '../words/price-text';
import { Lever } from './lever';

/** A lever that says what a step to either side would change; `withValue` makes the plan for a value. */
export function PricedLever({
  document,
  withValue,
  nudge,
  sayValue,
  move,
  release,
  ...lever
}: Omit<ComponentProps<typeof Lever>, 'onMove' | 'onRelease' | 'prices'> & {
  document: PlanFile;
  withValue: (value: number) => PlanFile;
  /** how far the neighbours are, in the lever's unit */
  nudge: number;
  sayValue?: (value: number) => string;
  move: (document: PlanFile) => void;
  release: (document: PlanFile) => void;
}) {
  const { value, limits, unit } = lever;
  const say = sayValue ?? ((number: number) => `${Number(number.toFixed(2))} ${unit}`);
  const neighbours = [value - nudge, value + nudge].filter((number) => number >= limits[0] && number <= limits[1]);
  const [base, ...others] = useOutcomes([document, ...neighbours.map((number) => withValue(number))]);
  return (
    <Lever
      {...lever}
      stepBy={Number.isFinite(nudge) ? nudge : undefined}
      prices={neighbours.map((number, i) => {
        return { value: number, word: say(number), price: priceOf(base, others[i], 2) };
      })}
      onMove={(number) => move(withValue(number))}
      onRelease={(number) => release(withValue(number))}
    />
  );
}
