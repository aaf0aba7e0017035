'use client';

import { listFoods } from '@/core/food/catalogue';
import { FOOD_CAUTIONS } from '@/ui/words/cautions';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { massText, percentText, temperatureText } from '@/ui/words/format';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

/** What lies on the board. */
export function ProduceStation({ document, plan, move, release }: StationProps) {
  const units = useUnits();
  const withMass = (mass: number) => ({ ...document, mass_g: mass });
  return (
    <div className="space-y-3">
      <label className="block text-[14px] font-semibold">
        Food
        <select
          value={plan.food.id}
          onChange={(event) => {
            const food = listFoods().find((candidate) => candidate.id === event.target.value);
            if (food) release({ ...document, food: food.id, name: food.name });
          }}
          className="mt-1 block h-11 w-full max-w-72 rounded-part border-2 border-enamel-deep bg-white px-2 text-[16px] font-normal"
        >
          {listFoods().map((food) => (
            <option key={food.id} value={food.id}>
              {food.name}
            </option>
          ))}
        </select>
      </label>
      <Lever
        label="Cut pieces on the board"
        say={units === 'us' ? massText(document.mass_g, units) : undefined}
        value={document.mass_g}
        limits={[50, 1500]}
        step={10}
        unit="g"
        note={`${percentText(plan.food.composition.water)} of that is water. Weighed after peeling and cutting.`}
        onMove={(mass) => move(withMass(mass))}
        onRelease={(mass) => release(withMass(mass))}
      />
      <Choice
        label="Where the pieces come from"
        value={String(document.start_temperature_c)}
        options={[4, 12, 20].map((temperature) => ({
          value: String(temperature),
          word: { 4: 'Fridge', 12: 'Cellar', 20: 'Room' }[temperature]!,
          note: temperatureText(temperature, units),
        }))}
        onChange={(temperature) => release({ ...document, start_temperature_c: Number(temperature) })}
      />
      {plan.food.cautions.map((caution) => (
        <StationCaution key={caution}>{FOOD_CAUTIONS[caution]}</StationCaution>
      ))}
    </div>
  );
}
