'use client';

import { useState } from 'react';
import type { KitchenFryer } from '@/schemas/kitchen';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { QuickFryerForm } from '@/ui/controls/quick-fryer-form';
import { useUnits } from '@/ui/units-context';
import { areaText } from '@/ui/words/format';

/** In which of the kitchen's fryers. */
export function FryerChoice({
  fryers,
  chosen,
  onChoose,
  onAdd,
}: {
  fryers: readonly KitchenFryer[];
  chosen: string;
  onChoose: (id: string) => void;
  onAdd: (fryer: KitchenFryer) => void;
}) {
  const [adding, setAdding] = useState(false);
  const units = useUnits();
  return (
    <div>
      <h2 className="mb-1 font-display text-[20px] font-semibold">Which fryer?</h2>
      <Choice
        label="Fryer"
        hideLabel
        value={chosen}
        options={fryers.map((fryer) => ({
          value: fryer.id,
          word: fryer.name,
          note: `${areaText(fryer.basketCm2, units)}, ${(fryer.powerW / 1000).toFixed(1)} kW`,
        }))}
        onChange={onChoose}
      />
      {adding ? (
        <div className="mt-2">
          <QuickFryerForm
            onUse={(fryer) => {
              setAdding(false);
              onAdd(fryer);
            }}
            onLeave={() => setAdding(false)}
          />
        </div>
      ) : (
        <Button look="quiet" className="px-0" onClick={() => setAdding(true)}>
          Another fryer
        </Button>
      )}
    </div>
  );
}
