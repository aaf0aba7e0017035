'use client';

import { useState } from 'react';
import type { PlanFile } from '../../schemas/plan-file';
import { useOutcomes } from '../study/study-context';
import { wholeMinutes } from '../words/format';
import { priceOf } from '../words/price-text';
import type { TypedUnit } from '../words/typed-units';
import { SlotGauge } from './slot-gauge';

/** Slots in view at once. */
const IN_VIEW = 7;

/** Sizes of a plate in view: the value among its neighbours, in rising order. */
export function slotsAround(value: number, sizes: readonly number[]): number[] {
  const all = [...new Set([...sizes, value])].sort((a, b) => a - b);
  const at = all.indexOf(value);
  const from = Math.max(0, Math.min(all.length - IN_VIEW, at - Math.floor(IN_VIEW / 2)));
  return all.slice(from, from + IN_VIEW);
}

/** A plate of slots, each with the moment to pull that it gives; the neighbours of the chosen one also with their price in words. */
export function PricedGauge({
  label,
  value,
  sizes,
  unit,
  typed,
  limits,
  step,
  note,
  fill,
  document,
  pull,
  withValue,
  sayValue,
  move,
  release,
}: {
  label: string;
  value: number;
  /** of the plate's slots */
  sizes: readonly number[];
  unit: string;
  typed?: TypedUnit;
  limits: readonly [number, number];
  step: number;
  note?: string;
  fill: string;
  document: PlanFile;
  /** s, as the forecast has it for the plan as it stands; null where there is none */
  pull: number | null;
  withValue: (value: number) => PlanFile;
  sayValue: (value: number) => string;
  move: (document: PlanFile) => void;
  release: (document: PlanFile) => void;
}) {
  /* while a finger is on the plate its slots stay where they are, or they would run away from under it */
  const [held, setHeld] = useState<readonly number[] | null>(null);
  const values = held ?? slotsAround(value, sizes);
  const documents = values.map((one) => (one === value ? document : withValue(one)));
  const outcomes = useOutcomes(documents);
  const here = values.indexOf(value);
  const base = outcomes[here];
  const gives = (i: number): string => {
    const outcome = outcomes[i];
    if (i === here) return pull === null ? '–' : `${wholeMinutes(pull)} min`;
    if (outcome === undefined || base === undefined) return '…';
    if (!outcome?.pullTime) return '–';
    /* the same number as the head's where nothing differs, whatever either was rounded from */
    const shift = pull !== null && base?.pullTime ? pull - base.pullTime : 0;
    return `${wholeMinutes(outcome.pullTime + shift)} min`;
  };
  const neighbours = [here - 1, here + 1].filter((i) => i >= 0 && i < values.length);
  return (
    <SlotGauge
      label={label}
      value={value}
      slots={values.map((one, i) => ({
        value: one,
        word: (typed?.show ?? String)(one),
        gives: gives(i),
      }))}
      unit={unit}
      givesWord="pull after"
      fill={fill}
      typed={typed}
      limits={limits}
      step={step}
      note={note}
      prices={neighbours.map((i) => ({
        value: values[i]!,
        word: sayValue(values[i]!),
        price: priceOf(base, outcomes[i], 2),
      }))}
      onMove={(next) => {
        setHeld(values);
        move(withValue(next));
      }}
      onRelease={(next) => {
        setHeld(null);
        release(withValue(next));
      }}
    />
  );
}
