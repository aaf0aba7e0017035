'use client';

import { useState } from 'react';
import { wantsBite } from '@/core/food/wish';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { LoadOutcome } from '@/workers/study/protocol';
import { withLoadDrawer, withLoadMass } from '@/editing/edit-loads';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import { planFromFile } from '@/schemas/plan-from-file';
import { Basket } from '@/ui/basket/basket';
import { loadOrder } from '@/schemas/load-order';
import type { PlanFile } from '@/schemas/plan-file';
import { useLoads } from '@/ui/study/use-loads';
import { useUnits } from '@/ui/units-context';
import { massText, percentText, temperatureText, wholeMinutes } from '@/ui/words/format';
import { REST_PLACES } from '@/ui/words/rest-places';
import { restOf } from '@/schemas/rest-of';
import { typedMass } from '@/ui/words/typed-units';

/** Least of a load, g. */
const LEAST = 30;

/** Each load with its size, its drawer, its own times, and what it keeps until the last is out. */
export function LoadsTable({ document, release }: { document: PlanFile; release: (document: PlanFile) => void }) {
  const units = useUnits();
  const outcome = useLoads(document);
  const order = loadOrder(document);
  const together = document.loads.serve === 'together';
  const drawers = document.fryer.drawers === 2;
  const bite = wantsBite(document.target);
  const standsAt = ({ kept, refreshed, heart, heartRefreshed }: LoadOutcome) =>
    bite
      ? percentText(Math.min(1, together ? refreshed : kept))
      : temperatureText(Math.round(celsiusFromKelvin(together ? heartRefreshed : heart)), units);
  return (
    <div>
      <ul aria-label="The baskets when they are pulled" className="mb-2 flex gap-3 overflow-x-auto pb-1">
        {order.map(({ share }, i) => {
          const own = outcome?.each[i];
          return (
            <li key={i} className="w-[116px] shrink-0 text-[13px] leading-snug">
              {own ? (
                <Basket
                  plan={asLoaded(planFromFile({ ...document, loads: { ...document.loads, current: i + 1 } }))}
                  record={own.looks}
                  sample={1}
                  label={`Load ${i + 1} when it is pulled`}
                  className="w-full"
                />
              ) : (
                <span className="block aspect-square rounded-tray border-2 border-enamel-deep" />
              )}
              <span className="mt-1 block font-semibold">
                Load {i + 1}: {massText(share * document.mass_g, units)}
              </span>
              {own
                ? `pull after ${wholeMinutes(own.to - own.from)} min, ${bite ? 'bite' : 'inside'} ${standsAt(own)} at the table`
                : 'working it out …'}
            </li>
          );
        })}
      </ul>
      <table className="w-full border-collapse text-[14px]">
        <caption className="sr-only">The loads, one by one</caption>
        <thead>
          <tr className="border-b-2 border-enamel-deep text-left align-bottom">
            {[
              'Load',
              'Size',
              ...(drawers ? ['Drawer'] : []),
              'In',
              'Pull',
              'Right',
              bite ? (together ? 'Refreshed' : 'Kept') : 'Inside',
            ].map((word) => (
              <th key={word} scope="col" className="py-1 pr-2">
                {word}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {order.map(({ share, drawer }, i) => {
            const own = outcome?.each[i];
            return (
              <tr key={i} className="border-b border-enamel-deep">
                <th scope="row" className="py-1 pr-2 text-left font-semibold">
                  {i + 1}
                </th>
                <td className="py-1 pr-2">
                  <LoadMass
                    number={i + 1}
                    massG={share * document.mass_g}
                    most={document.mass_g - LEAST * (order.length - 1)}
                    set={(massG) => release(withLoadMass(document, i, massG))}
                  />
                </td>
                {drawers && (
                  <td className="py-1 pr-2">
                    <select
                      aria-label={`Drawer of load ${i + 1}`}
                      value={drawer + 1}
                      onChange={(event) => release(withLoadDrawer(document, i, event.target.value === '2' ? 2 : 1))}
                      className="h-11 rounded-part border-2 border-enamel-deep bg-paper px-1"
                    >
                      <option value={1}>left</option>
                      <option value={2}>right</option>
                    </select>
                  </td>
                )}
                <td className="py-1 pr-2 whitespace-nowrap">{own ? `${wholeMinutes(own.from)} min` : '…'}</td>
                <td className="py-1 pr-2 whitespace-nowrap">{own ? `${wholeMinutes(own.to)} min` : '…'}</td>
                <td className="py-1 pr-2">{own ? percentText(own.right) : '…'}</td>
                <td className="py-1">{own ? standsAt(own) : '…'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-[13px] text-iron-soft">
        {`Minutes after the first goes in. ${bite ? (together ? 'Refreshed: bite after all are back in together' : 'Kept: bite left') : together ? 'Inside: hearts after all are back in together' : 'Inside: hearts'} once the last is out, waiting ${REST_PLACES[restOf(document).place]}. All ${massText(document.mass_g, units)}.`}
      </p>
    </div>
  );
}

/** The size of one load, typed; the others share the rest as they did before. */
function LoadMass({
  number,
  massG,
  most,
  set,
}: {
  number: number;
  massG: number;
  most: number;
  set: (massG: number) => void;
}) {
  const units = useUnits();
  const field = typedMass(units);
  const [typed, setTyped] = useState<string | null>(null);
  const settle = () => {
    if (typed === null) return;
    setTyped(null);
    const value = field.read(typed);
    if (Number.isFinite(value)) set(Math.min(most, Math.max(LEAST, value)));
  };
  return (
    <span className="whitespace-nowrap">
      <input
        aria-label={`Size of load ${number}, ${field.unit}`}
        inputMode="decimal"
        value={typed ?? field.show(Math.round(massG))}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={settle}
        onKeyDown={(event) => {
          if (event.key === 'Enter') settle();
        }}
        className="h-11 w-16 rounded-part border-2 border-enamel-deep bg-paper px-2"
      />{' '}
      {field.unit}
    </span>
  );
}
