'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { clockBefore } from '@/ui/words/clock-before';
import { timeOfDayText } from '@/ui/words/time-of-day';
import { massText } from '@/ui/words/format';
import { hoursText } from '@/ui/words/plan-text';

const BOX = 'h-11 rounded-part border-2 border-enamel-deep bg-paper px-2 text-[16px] font-normal';

/** Sauces, dips and sides of one's own: amounts for the people there are, and when each must be begun. */
export function SidesList({
  document,
  serveAt,
  release,
}: {
  document: PlanFile;
  serveAt: string;
  release: (document: PlanFile) => void;
}) {
  const units = useUnits();
  const { portions, sides } = document;
  const [entry, setEntry] = useState({ name: '', grams: '40', hands: '5', lead: '1' });
  const numbers = [entry.grams, entry.hands, entry.lead].map((text) => Number(text.replace(',', '.')));
  const [grams, hands, lead] = numbers as [number, number, number];
  const isWhole =
    entry.name.trim() !== '' && grams >= 0 && grams <= 1000 && hands >= 0 && hands <= 240 && lead >= 0 && lead <= 72;
  const sayTime = (before: number) => {
    const time = clockBefore(serveAt, before);
    return time ? timeOfDayText(time, units) : '…';
  };
  return (
    <section aria-label="Sauces and sides" className="space-y-2 border-t-2 border-enamel-deep pt-3">
      <h2 className="text-[18px]">Sauces and sides</h2>
      <Lever
        label="For how many people"
        value={portions}
        limits={[1, 12]}
        step={1}
        unit=""
        onMove={(value) => release({ ...document, portions: value })}
        onRelease={(value) => release({ ...document, portions: value })}
      />
      <ul className="space-y-1">
        {sides.map((side, i) => (
          <li key={i} className="flex items-center gap-2 text-[15px]">
            <span className="flex-1">
              <strong>{side.name}</strong>, {massText(side.grams_per_head * portions, units)}; begin at{' '}
              {sayTime(side.hands_minutes * 60 + side.lead_hours * 3600)}
              {side.lead_hours > 0 && `, stands ${hoursText(side.lead_hours)}`}
            </span>
            <button
              type="button"
              aria-label={`Remove ${side.name}`}
              className="flex size-11 items-center justify-center text-rim"
              onClick={() => release({ ...document, sides: sides.filter((_, j) => j !== i) })}
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {sides.length < 8 && (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (!isWhole) return;
            const side = { name: entry.name.trim(), grams_per_head: grams, hands_minutes: hands, lead_hours: lead };
            release({ ...document, sides: [...sides, side] });
            setEntry({ ...entry, name: '' });
          }}
        >
          <label className="text-[14px] font-semibold">
            Name
            <input
              className={`${BOX} mt-1 block w-44`}
              maxLength={60}
              value={entry.name}
              onChange={(event) => setEntry({ ...entry, name: event.target.value })}
            />
          </label>
          {(
            [
              ['grams', 'g a head'],
              ['hands', 'min of hands'],
              ['lead', 'h before'],
            ] as const
          ).map(([key, word]) => (
            <label key={key} className="text-[14px] font-semibold">
              {word}
              <input
                className={`${BOX} mt-1 block w-20 text-right`}
                inputMode="decimal"
                value={entry[key]}
                onChange={(event) => setEntry({ ...entry, [key]: event.target.value })}
              />
            </label>
          ))}
          <Button type="submit" disabled={!isWhole}>
            Add it
          </Button>
        </form>
      )}
    </section>
  );
}
