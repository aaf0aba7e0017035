'use client';

import { type ReactNode, useId, useState } from 'react';
import type { TypedUnit } from '../words/typed-units';
import { type NeighbourPrice, NeighbourPrices } from './neighbour-prices';
import { type Clamped, TypedNumber } from './typed-number';

/** What every control of a number says and takes: its name, the number to type, its neighbours' prices and a note. */
export interface SizedProps {
  readonly label: string;
  readonly value: number;
  readonly limits: readonly [number, number];
  /** unit of the number */
  readonly unit: string;
  /** how it is shown and typed where that is another unit */
  readonly typed?: TypedUnit;
  /** the value in the cook's own words and units, shown beside the name */
  readonly say?: string;
  readonly note?: string;
  /** what neighbouring values would change; touching one goes there */
  readonly prices?: readonly NeighbourPrice[];
  readonly onMove: (value: number) => void;
  readonly onRelease: (value: number) => void;
}

/** Name and typed number above, prices and note below what moves the number by hand. */
export function SizedControl({
  label,
  value,
  limits,
  stepBy,
  unit,
  typed,
  say,
  note,
  prices = [],
  onRelease,
  children,
}: Omit<SizedProps, 'onMove'> & {
  /** of the buttons beside the number */
  stepBy: number;
  /** @param labelId of the name @param moved to be called when the number is moved by hand */
  children: (labelId: string, moved: () => void) => ReactNode;
}) {
  const id = useId();
  const [clamped, setClamped] = useState<Clamped>(null);
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label id={`${id}-label`} htmlFor={id} className="text-[14px] font-semibold">
          {label}
          {say && <span className="ml-2 font-normal text-iron-soft">{say}</span>}
        </label>
        <TypedNumber
          id={id}
          label={label}
          describedBy={clamped || note ? `${id}-note` : undefined}
          value={value}
          limits={limits}
          step={stepBy}
          unit={unit}
          typed={typed}
          onRelease={onRelease}
          onClamped={setClamped}
        />
      </div>
      {children(`${id}-label`, () => setClamped(null))}
      <NeighbourPrices prices={prices} onTake={onRelease} />
      {(clamped ?? note) && (
        <p id={`${id}-note`} role={clamped ? 'status' : undefined} className="text-[13px] text-iron-soft">
          {clamped ?? note}
        </p>
      )}
    </div>
  );
}
