'use client';

import { RadioGroup } from 'radix-ui';
import { memo, useCallback, useDeferredValue, useId, useLayoutEffect, useRef } from 'react';
import { RadioRoot } from './radio-root';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  /** for screen readers alone, where the place says it to the eye */
  readonly hideLabel?: boolean;
  readonly value: Value;
  readonly options: readonly {
    readonly value: Value;
    readonly word: string;
    readonly note?: string;
    /** what it would change, shown smaller below; it has its place before it is known, so that nothing moves under a finger */
    readonly price?: string;
  }[];
  readonly onChange: (value: Value) => void;
}

/** One of a few, all in view. Arrow keys move, as in any group of radio buttons. Its drawing may lag behind a moving lever; what is tapped changes the newest plan, also where the drawing still has it chosen. */
export function Choice<Value extends string>(props: ChoiceProps<Value>) {
  const { value, onChange } = props;
  const newest = useRef({ value, onChange });
  useLayoutEffect(() => void (newest.current = { value, onChange }), [value, onChange]);
  const choose = useCallback((tapped: string) => {
    if (tapped !== newest.current.value) newest.current.onChange(tapped as Value);
  }, []);
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
  const priced = options.some(({ price }) => price !== undefined);
  return (
    <div>
      <span id={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-[14px] font-semibold'}>
        {label}
      </span>
      <RadioRoot
        aria-labelledby={id}
        value={value}
        className={`gap-1.5 ${priced ? 'grid grid-cols-[repeat(auto-fill,minmax(9.6rem,1fr))]' : 'flex flex-wrap'}`}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            onClick={() => choose(option.value)}
            className={`flex min-h-11 min-w-11 flex-col rounded-part border-2 border-enamel-deep bg-paper px-3 py-1 text-left text-[14px] leading-tight data-[state=checked]:border-rim data-[state=checked]:bg-rim data-[state=checked]:text-on-rim ${priced ? '' : 'justify-center'}`}
          >
            <span className="block font-semibold">{option.word}</span>
            {option.note && <span className="block text-[12px]">{option.note}</span>}
            {option.price !== undefined && <span className="block min-h-[2lh] text-[12px] italic">{option.price}</span>}
          </RadioGroup.Item>
        ))}
      </RadioRoot>
    </div>
  );
});
