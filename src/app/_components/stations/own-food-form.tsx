'use client';

import { useState } from 'react';
import { findFood, listFoods } from '@/core/food/catalogue';
import { type FoodLabel, labelOf, mixedFood, ownFood, waterOf } from '@/editing/own-food';
import type { OwnFood } from '@/schemas/own-food';
import { Button } from '@/ui/controls/button';

const FIELDS = [
  ['protein', 'Protein'],
  ['fat', 'Fat'],
  ['carbohydrate', 'Carbohydrate'],
  ['fibre', 'Fibre'],
] as const;

const BOX = 'h-11 rounded-part border-2 border-enamel-deep bg-paper px-2 text-[16px] font-normal';

/** Least and most water of what can be fried, g per 100 g. Source: as the plan file allows. */
const WATER = [5, 97] as const;

/** A food that is in no catalogue: by its label and its nearest kin, or as a dough of two foods. Null when it is given up. */
export function OwnFoodForm({
  before,
  onAnswer,
}: {
  before: OwnFood | null;
  onAnswer: (food: OwnFood | null) => void;
}) {
  const [name, setName] = useState(before?.name ?? '');
  const [kin, setKin] = useState('potato-floury');
  const [other, setOther] = useState('');
  const [share, setShare] = useState('30');
  const [label, setLabel] = useState<Record<keyof FoodLabel, string>>(() =>
    texts(before ? labelOf(before) : labelOf(findFood('potato-floury')!)),
  );
  const said = numbers(label);
  const water = waterOf(said);
  const part = Number(share.replace(',', '.')) / 100;
  const isMixed = other !== '';
  const problem =
    name.trim() === ''
      ? 'Give it a name.'
      : isMixed
        ? part > 0 && part < 1
          ? null
          : 'The second food must be between 1 and 99 %.'
        : !Object.values(said).every((value) => value >= 0)
          ? 'Each line of the label must be a number, as 12.5.'
          : water < WATER[0] || water > WATER[1]
            ? `With these the food would hold ${Math.round(water)} g of water in 100 g; between ${WATER[0]} and ${WATER[1]} can be reckoned.`
            : null;
  const choose = (id: string) => {
    setKin(id);
    setLabel(texts(labelOf(findFood(id)!)));
  };
  return (
    <form
      aria-label="A food of your own"
      className="space-y-3 rounded-part border-2 border-rim p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (problem) return;
        const [one, two] = [findFood(kin)!, findFood(other)];
        onAnswer(two ? mixedFood(name.trim(), one, two, part) : ownFood(name.trim(), one, said));
      }}
    >
      <label className="block text-[14px] font-semibold">
        Name
        <input
          className={`${BOX} mt-1 block w-full`}
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <label className="block text-[14px] font-semibold">
        Nearest kin
        <select className={`${BOX} mt-1 block w-full`} value={kin} onChange={(event) => choose(event.target.value)}>
          {listFoods().map((food) => (
            <option key={food.id} value={food.id}>
              {food.name}
            </option>
          ))}
        </select>
      </label>
      <label className="block text-[14px] font-semibold">
        Mixed with, for a dough
        <select className={`${BOX} mt-1 block w-full`} value={other} onChange={(event) => setOther(event.target.value)}>
          <option value="">nothing: go by the label</option>
          {listFoods().map((food) => (
            <option key={food.id} value={food.id}>
              {food.name}
            </option>
          ))}
        </select>
      </label>
      {isMixed ? (
        <label className="flex items-center gap-2 text-[14px] font-semibold">
          Of the second, %
          <input
            className={`${BOX} w-20 text-right`}
            inputMode="decimal"
            value={share}
            onChange={(event) => setShare(event.target.value)}
          />
        </label>
      ) : (
        <fieldset>
          <legend className="text-[14px] font-semibold">The label, g in 100 g</legend>
          <div className="mt-1 grid grid-cols-2 gap-2">
            {FIELDS.map(([key, word]) => (
              <label key={key} className="flex items-center justify-between gap-2 text-[14px]">
                {word}
                <input
                  className={`${BOX} w-20 text-right`}
                  inputMode="decimal"
                  value={label[key]}
                  onChange={(event) => setLabel({ ...label, [key]: event.target.value })}
                />
              </label>
            ))}
          </div>
          <p className="mt-1 text-[13px] text-iron-soft">That leaves {Math.round(water * 10) / 10} g of water.</p>
        </fieldset>
      )}
      <p className="text-[13px] text-iron-soft">
        Colour, softening and starch are taken from the kin. Allergens are yours to know.
      </p>
      {problem && (
        <p role="status" className="text-[14px]">
          {problem}
        </p>
      )}
      <div className="flex gap-2">
        <Button look="main" type="submit" disabled={problem !== null}>
          Use it
        </Button>
        <Button onClick={() => onAnswer(null)}>Leave it</Button>
      </div>
    </form>
  );
}

function texts(label: FoodLabel): Record<keyof FoodLabel, string> {
  return {
    protein: String(label.protein),
    fat: String(label.fat),
    carbohydrate: String(label.carbohydrate),
    fibre: String(label.fibre),
  };
}

function numbers(label: Record<keyof FoodLabel, string>): FoodLabel {
  const read = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
  return {
    protein: read(label.protein),
    fat: read(label.fat),
    carbohydrate: read(label.carbohydrate),
    fibre: read(label.fibre),
  };
}
