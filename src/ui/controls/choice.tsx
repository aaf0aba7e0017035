'use client';

import { RadioGroup } from 'radix-ui';
import { memo, useCallback, useDeferredValue, useId, useLayoutEffect, useRef } from 'react';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  /** for screen readers alone, where the place says it to the eye */
  readonly hideLabel?: boolean;
  readonly value: Value;
  readonly options: readonly {
    readonly value: Value;
    readonly word: string;
    readonly note?: string;
    /** what it would change, shown smaller below */
    readonly price?: string;
  }[];
  readonly onChange: (value: Value) => void;
}

/** One of a few, all in view. Arrow keys move, as in any group of radio buttons. Its drawing may lag behind a moving lever; what is chosen changes the newest plan. */
export function Choice<Value extends string>(props: ChoiceProps<Value>) {
  const { onChange } = props;
  const newest = useRef(onChange);
  useLayoutEffect(() => void (newest.current = onChange), [onChange]);
  const choose = useCallback((value: string) => newest.current(value as Value), []);
  return <Radios shown={useDeferredValue<Omit<ChoiceProps<string>, 'onChange'>>(props)} choose={choose} />;
}

const Radios = memo(function Radios({
  shown: { label, hideLabel, value, options },
  choose,
}: {
  shown: Omit<ChoiceProps<string>, 'onChange'>;
  choose: (value: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <span id={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-[14px] font-semibold'}>
        {label}
      </span>
      <RadioGroup.Root aria-labelledby={id} value={value} onValueChange={choose} className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="min-h-11 min-w-11 rounded-part border-2 border-enamel-deep bg-paper px-3 py-1 text-left text-[14px] leading-tight data-[state=checked]:border-rim data-[state=checked]:bg-rim data-[state=checked]:text-on-rim"
          >
            <span className="block font-semibold">{option.word}</span>
            {option.note && <span className="block text-[12px]">{option.note}</span>}
            {option.price && <span className="block text-[12px] italic">{option.price}</span>}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
});
