'use client';

import { X } from 'lucide-react';
import { servedAt, withoutDish, withPeople } from '@/editing/edit-evening';
import type { Pace } from '@/core/evening/pace';
import { EVENING_LIMITS, type EveningDishFile, type EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import { Choice } from '@/ui/controls/choice';
import { FormField } from '@/ui/controls/form-field';
import { SizedControl } from '@/ui/controls/sized-control';
import { useUnits } from '@/ui/units-context';
import { shortDishName } from '@/ui/words/evening-text';
import { planPhrases } from '@/ui/words/plan-text';
import { AddDish, type OfferedPlan } from './add-dish';

/** What each dish is, in a line. */
function dishLine(dish: EveningDishFile, units: 'metric' | 'us'): string {
  if (dish.kind === 'own') return dish.steps.map(({ word }) => word.toLowerCase()).join(', ');
  const { count } = dish.plan.loads;
  const [, ...phrases] = planPhrases(dish.plan, units);
  return [...phrases.slice(0, 3), ...(count > 1 ? [`${count} loads`] : [])].join(', ');
}

/** The dishes of the evening, and one more. */
export function Dishes({
  evening,
  fryer,
  plans,
  change,
}: {
  evening: EveningFile;
  fryer: KitchenFryer;
  plans: readonly OfferedPlan[];
  change: (next: (before: EveningFile) => EveningFile) => void;
}) {
  const units = useUnits();
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
      <ul aria-label="Dishes" className="divide-y divide-enamel-deep">
        {evening.dishes.map((dish) => (
          <li key={dish.id} className="flex items-center gap-2 py-1.5">
            <p className="min-w-0 grow text-[14px]">
              <strong className="block text-[16px]">{dish.kind === 'plan' ? dish.plan.name : dish.name}</strong>
              {dishLine(dish, units)}
            </p>
            <button
              type="button"
              aria-label={`Remove ${shortDishName(dish)}`}
              className="flex size-11 shrink-0 items-center justify-center text-rim"
              onClick={() => change((before) => withoutDish(before, dish.id))}
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
        {evening.dishes.length === 0 && <li className="py-2 text-[16px]">Nothing is on the table yet.</li>}
      </ul>
      <AddDish
        evening={evening}
        fryer={fryer}
        plans={plans}
        onAdd={(dish) => change((before) => ({ ...before, dishes: [...before.dishes, dish], order: undefined }))}
      />
    </div>
  );
}

/** When it is served, for whom, by whose hands, with what. */
export function WhoAndWhatWith({
  evening,
  fryers,
  paces,
  change,
}: {
  evening: EveningFile;
  fryers: readonly KitchenFryer[];
  paces: Readonly<Record<string, Pace>>;
  change: (next: (before: EveningFile) => EveningFile) => void;
}) {
  const set = (part: Partial<EveningFile>) => change((before) => ({ ...before, ...part }));
  const serve = new Date(evening.serve_at);
  const day = `${serve.getFullYear()}-${String(serve.getMonth() + 1).padStart(2, '0')}-${String(serve.getDate()).padStart(2, '0')}`;
  const amount = (
    label: string,
    value: number,
    [least, most]: readonly [number, number],
    key: 'rings' | 'oven_shelves' | 'boards',
  ) => (
    <Choice
      label={label}
      value={String(value)}
      options={Array.from({ length: most - least + 1 }, (_, i) => ({
        value: String(least + i),
        word: least + i === 0 ? 'none' : String(least + i),
      }))}
      onChange={(next) => set({ [key]: Number(next) })}
    />
  );
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
      <div className="space-y-3">
        <FormField
          label="Name of the evening"
          defaultValue={evening.name}
          key={evening.name}
          maxLength={120}
          onBlur={({ target }) =>
            target.value.trim() !== '' && target.value !== evening.name && set({ name: target.value.trim() })
          }
        />
        <FormField
          label="Day"
          type="date"
          value={day}
          onChange={({ target }) => {
            const [year, month, date] = target.value.split('-').map(Number);
            if (!year || !month || !date) return;
            const moved = new Date(serve);
            moved.setFullYear(year, month - 1, date);
            change((before) => servedAt(before, moved));
          }}
        />
        <SizedControl
          label="People"
          value={evening.people}
          limits={EVENING_LIMITS.people}
          stepBy={1}
          unit={evening.people === 1 ? 'person' : 'people'}
          note="Every dish follows."
          onRelease={(people) => change((before) => withPeople(before, Math.round(people)))}
        >
          {() => null}
        </SizedControl>
        <Choice
          label="Pairs of hands"
          value={String(evening.cooks.length)}
          options={['1', '2', '3'].map((value) => ({ value, word: value }))}
          onChange={(value) =>
            set({ cooks: Array.from({ length: Number(value) }, (_, i) => evening.cooks[i] ?? 'ABC'[i]!) })
          }
        />
        <div className="grid grid-cols-3 gap-2">
          {evening.cooks.map((name, i) => (
            <FormField
              key={`${i}${name}`}
              label={`Cook ${'ABC'[i]}`}
              defaultValue={name}
              maxLength={30}
              onBlur={({ target }) => {
                const typed = target.value.trim();
                if (typed !== '' && typed !== name)
                  set({ cooks: evening.cooks.map((one, j) => (j === i ? typed : one)) });
              }}
            />
          ))}
        </div>
        {evening.cooks.flatMap((name) => {
          const pace = paces[name];
          return pace && pace.from > 0
            ? [
                <p key={name} className="text-[14px] text-iron-soft">
                  {name} takes {pace.factor.toFixed(1)} times as long at the board as reckoned, by {pace.from}{' '}
                  {pace.from === 1 ? 'dish' : 'dishes'} cut before; the plan allows for it.
                </p>,
              ]
            : [];
        })}
      </div>
      <div className="space-y-3">
        <fieldset>
          <legend className="text-[14px] font-semibold">Fryers</legend>
          {fryers.map((fryer) => {
            const own = evening.fryers.find(({ fryer_id }) => fryer_id === fryer.id);
            return (
              <label key={fryer.id} className="flex min-h-11 items-center gap-2 text-[16px]">
                <input
                  type="checkbox"
                  className="size-5 accent-[var(--color-rim)]"
                  checked={own !== undefined}
                  disabled={
                    (own && evening.fryers.length === 1) || (!own && evening.fryers.length >= EVENING_LIMITS.fryers)
                  }
                  onChange={({ target }) =>
                    set({
                      order: undefined,
                      fryers: target.checked
                        ? [...evening.fryers, { fryer_id: fryer.id, drawers: 1 }]
                        : evening.fryers.filter(({ fryer_id }) => fryer_id !== fryer.id),
                    })
                  }
                />
                {fryer.name}
                {own && (
                  <span className="ml-auto flex gap-1">
                    <button
                      type="button"
                      aria-pressed={own.drawers === 2}
                      className="min-h-11 px-2 text-[14px] font-semibold text-rim"
                      onClick={() =>
                        set({
                          order: undefined,
                          fryers: evening.fryers.map((one) =>
                            one.fryer_id === fryer.id ? { ...one, drawers: own.drawers === 2 ? 1 : 2 } : one,
                          ),
                        })
                      }
                    >
                      {own.drawers === 2 ? 'two drawers' : 'one drawer'}
                      <span className="sr-only"> in {fryer.name}, change</span>
                    </button>
                  </span>
                )}
              </label>
            );
          })}
        </fieldset>
        {amount('Rings of the hob', evening.rings, [0, EVENING_LIMITS.rings], 'rings')}
        {amount('Shelves in a warm oven', evening.oven_shelves, [0, 4], 'oven_shelves')}
        {amount('Chopping boards', evening.boards, [1, 3], 'boards')}
      </div>
    </div>
  );
}
