'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { findFood } from '@/core/food/catalogue';
import type { LogAsk } from '@/schemas/log-ask';
import { NEXT_WORDS, SHAPE_WORDS } from '@/ui/words/labels';
import { logAddress } from './log-address';

/** Waits this long after the last letter, ms. Source: chosen. */
const TYPED = 300;

/** Search, filters and order of the log; each changes the address, so that it can be kept and gone back to. */
export function LogFilters({
  ask,
  foods,
  shapes,
  fryers,
  total,
}: {
  ask: LogAsk;
  foods: readonly string[];
  shapes: readonly string[];
  fryers: readonly string[];
  total: number;
}) {
  const router = useRouter();
  const [words, setWords] = useState(ask.words);
  useEffect(() => {
    if (words.trim() === ask.words) return;
    const timer = setTimeout(() => router.replace(logAddress({ ...ask, words: words.trim(), page: 1 })), TYPED);
    return () => clearTimeout(timer);
  }, [words, ask, router]);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key !== '/' || event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement)
        return;
      event.preventDefault();
      document.getElementById('log-words')?.focus();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);
  const choose = (change: Partial<LogAsk>) => router.replace(logAddress({ ...ask, ...change, page: 1 }));
  return (
    <form
      role="search"
      className="flex items-center gap-x-2 gap-y-2 px-3 pt-3 max-sm:flex-wrap sm:flex-wrap sm:px-5"
      onSubmit={(event) => event.preventDefault()}
    >
      <input
        id="log-words"
        type="search"
        aria-label="Search the log"
        placeholder="food, word, fryer"
        value={words}
        onChange={({ target }) => setWords(target.value)}
        className="min-h-11 w-full rounded-part border-2 border-rim bg-paper px-3 text-[15px] sm:w-64"
      />
      <span className="flex max-w-full items-center gap-x-2 overflow-x-auto sm:contents">
        <Select label="Food" any="any food" value={ask.food} onChange={(food) => choose({ food })}>
          {foods.map((food) => [food, findFood(food)?.name ?? food])}
        </Select>
        <Select label="Cut" any="any cut" value={ask.shape} onChange={(shape) => choose({ shape })}>
          {shapes.map((shape) => [shape, SHAPE_WORDS[shape as keyof typeof SHAPE_WORDS] ?? shape])}
        </Select>
        <Select label="Fryer" any="any fryer" value={ask.fryer} onChange={(fryer) => choose({ fryer })}>
          {fryers.map((fryer) => [fryer, fryer])}
        </Select>
        <Select
          label="Next time"
          any="any verdict"
          value={ask.next}
          onChange={(next) => choose({ next: next as LogAsk['next'] })}
        >
          {[...Object.entries(NEXT_WORDS), ['none', 'Not said']]}
        </Select>
        <Select
          label="Since"
          any="of all time"
          value={ask.span}
          onChange={(span) => choose({ span: span as LogAsk['span'] })}
        >
          {[
            ['week', 'of the last week'],
            ['month', 'of the last month'],
            ['year', 'of the last year'],
          ]}
        </Select>
      </span>
      <span className="ml-auto flex items-center gap-x-2 text-[14px] text-iron-soft">
        <span role="status">{total === 1 ? 'one batch' : `${total} batches`}</span>
        <Select
          label="Order"
          any={null}
          value={ask.order}
          onChange={(order) => choose({ order: order as LogAsk['order'] })}
        >
          {[
            ['newest', 'newest first'],
            ['oldest', 'oldest first'],
            ['dish', 'by dish'],
          ]}
        </Select>
      </span>
    </form>
  );
}

function Select({
  label,
  any,
  value,
  onChange,
  children,
}: {
  label: string;
  /** what stands where nothing is chosen; null where something always is */
  any: string | null;
  value: string;
  onChange: (value: string) => void;
  children: readonly (readonly [string, string] | readonly string[])[];
}) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={({ target }) => onChange(target.value)}
      className="min-h-11 max-w-44 shrink-0 rounded-part bg-transparent px-2 text-[15px] font-semibold text-rim"
    >
      {any !== null && <option value="">{any}</option>}
      {children.map(([option, word]) => (
        <option key={option} value={option}>
          {word}
        </option>
      ))}
    </select>
  );
}
