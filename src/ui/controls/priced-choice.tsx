'use client';

import type { PlanFile } from '../../schemas/plan-file';
import { useOutcomes } from '../study/study-context';
import { priceOf } from '../words/price-text';
import { Choice } from './choice';

/** One way among several, with the plan that it makes. */
export interface PricedOption<Value extends string> {
  readonly value: Value;
  readonly word: string;
  readonly note?: string;
  readonly document: PlanFile;
}

/** A choice whose options each say what they would change against the plan as it stands. */
export function PricedChoice<Value extends string>({
  label,
  value,
  options,
  document,
  onChoose,
}: {
  label: string;
  value: Value;
  options: readonly PricedOption<Value>[];
  document: PlanFile;
  onChoose: (document: PlanFile) => void;
}) {
  const [base, ...others] = useOutcomes([document, ...options.map((option) => option.document)]);
  return (
    <Choice
      label={label}
      value={value}
      options={options.map((option, i) => {
        return {
          value: option.value,
          word: option.word,
          note: option.note,
          price: option.value === value ? 'chosen' : priceOf(base, others[i], 2),
        };
      })}
      onChange={(next) => {
        const chosen = options.find((option) => option.value === next);
        if (chosen) onChoose(chosen.document);
      }}
    />
  );
}
