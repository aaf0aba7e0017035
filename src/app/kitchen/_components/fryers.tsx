'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { FRYER_LIMITS, fryerSchema, type KitchenFryer } from '@/schemas/kitchen';
import { type Knowledge, NOTHING_KNOWN } from '@/core/learn/knowledge';
import { StudyProvider } from '@/ui/study/study-context';
import type { FryerCard } from '@/schemas/fryer-card';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { FormField } from '@/ui/controls/form-field';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { areaText, lengthText, temperatureGapText, type UnitSystem } from '@/ui/words/format';
import { typedArea, typedAsIs, typedLength, typedTemperatureGap, type TypedUnit } from '@/ui/words/typed-units';
import { MeasureFryer } from './measure-fryer';
import { FryerKnowledge } from './fryer-knowledge';
import { TakeBackList, useTakeBack } from './take-back';

type Entry = z.infer<typeof fryerSchema>;

type Measured = Exclude<keyof Entry, 'name'>;

const FIELDS: readonly {
  readonly field: Measured;
  readonly label: string;
  readonly typed: (units: UnitSystem) => TypedUnit;
  readonly limits: readonly [number, number];
}[] = [
  { field: 'powerW', label: 'Power, from its label', typed: () => typedAsIs('W'), limits: FRYER_LIMITS.powerW },
  { field: 'basketCm2', label: 'Basket floor, length times width', typed: typedArea, limits: FRYER_LIMITS.basketCm2 },
  { field: 'basketHeightMm', label: 'Basket height', typed: typedLength, limits: FRYER_LIMITS.basketHeightMm },
  {
    field: 'thermostatOffsetC',
    label: 'Air less dial, once warm; 0 if not known',
    typed: typedTemperatureGap,
    limits: FRYER_LIMITS.thermostatOffsetC,
  },
];

const NEW_FRYER: Entry = { name: '', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 };

/** The fryers of the kitchen: what their labels and a ruler tell, and what their batches taught. */
export function Fryers({
  fryers,
  cards = [],
  plans = {},
  knowledge = NOTHING_KNOWN,
}: {
  fryers: readonly KitchenFryer[];
  cards?: readonly FryerCard[];
  /** the newest plan for each, by id */
  plans?: Readonly<Record<string, PlanFile>>;
  knowledge?: Knowledge;
}) {
  const router = useRouter();
  const [editing, setEditing] = useState<string | null>(null);
  const units = useUnits();
  const { done, add, drop } = useTakeBack();
  const pathOf = (id: string) => `/api/kitchen/fryers/${id}`;
  const remove = async (fryer: KitchenFryer) => {
    const sent = await send('DELETE', pathOf(fryer.id), {});
    if (sent.kind !== 'done') return notifyError(sent.error);
    add({ words: `${fryer.name} is removed.`, takeBack: () => send('PUT', pathOf(fryer.id), pick(fryer)) });
    router.refresh();
  };
  return (
    <StudyProvider>
      <section aria-labelledby="fryers">
        <h2 id="fryers" className="text-[26px]">
          Fryers
        </h2>
        <ul className="mt-2 divide-y divide-enamel-deep">
          {fryers.map((fryer) => (
            <li key={fryer.id} className="py-4">
              {editing === fryer.id ? (
                <FryerForm
                  id={fryer.id}
                  before={fryer}
                  close={() => setEditing(null)}
                  onSaved={() =>
                    add({
                      words: `${fryer.name} is changed.`,
                      takeBack: () => send('PUT', pathOf(fryer.id), pick(fryer)),
                    })
                  }
                />
              ) : (
                <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
                  <span className="flex w-24 justify-center">
                    <DrawerToScale fryer={fryer} />
                  </span>
                  <p className="min-w-0 grow text-[15px]">
                    <strong className="font-display text-[20px]">{fryer.name}</strong>
                    <span className="block text-iron-soft">
                      {Math.round(fryer.powerW)} W, {areaText(fryer.basketCm2, units)},{' '}
                      {lengthText(fryer.basketHeightMm, units)} high
                    </span>
                    {fryer.thermostatOffsetC !== 0 && (
                      <span className="block text-iron-soft">
                        Entered: once warm, the air is {offsetText(fryer.thermostatOffsetC, units)} the dial.
                      </span>
                    )}
                  </p>
                  <Button onClick={() => setEditing(fryer.id)}>Change</Button>
                  {fryers.length > 1 && (
                    <Button look="quiet" onClick={() => remove(fryer)}>
                      Remove<span className="sr-only"> {fryer.name}</span>
                    </Button>
                  )}
                </div>
              )}
              {editing !== fryer.id && (
                <Known fryer={fryer} cards={cards} plan={plans[fryer.id] ?? null} knowledge={knowledge} />
              )}
            </li>
          ))}
        </ul>
        <TakeBackList done={done} drop={drop} />
        {editing === 'new' ? (
          <FryerForm id={newId()} close={() => setEditing(null)} />
        ) : (
          <Button className="mt-2" onClick={() => setEditing('new')}>
            Add a fryer
          </Button>
        )}
      </section>
    </StudyProvider>
  );
}

function Known({
  fryer,
  cards,
  plan,
  knowledge,
}: {
  fryer: KitchenFryer;
  cards: readonly FryerCard[];
  plan: PlanFile | null;
  knowledge: Knowledge;
}) {
  const card = cards.find(({ fryerId }) => fryerId === fryer.id);
  return (
    card && (
      <div className="mt-3">
        <FryerKnowledge fryer={fryer} card={card} plan={plan} />
        <MeasureFryer fryer={fryer} knowledge={knowledge} plan={plan} />
      </div>
    )
  );
}

/** Pixels for a centimetre of a drawer's floor. */
const SCALE = 3.4;

/** The drawer from above, all fryers on one scale. */
function DrawerToScale({ fryer }: { fryer: KitchenFryer }) {
  const units = useUnits();
  const side = Math.sqrt(fryer.basketCm2) * SCALE;
  const whole = side + 14;
  return (
    <svg
      width={whole}
      height={whole}
      className="shrink-0"
      role="img"
      aria-label={`Floor of ${areaText(fryer.basketCm2, units)}`}
    >
      <rect x={1} y={1} width={whole - 2} height={whole - 2} rx={10} fill="#363d48" />
      <rect x={7} y={7} width={side} height={side} rx={5} fill="#22262b" />
      {Array.from({ length: Math.floor(side / 9) - 1 }, (_, row) => (
        <path
          key={row}
          d={`M${row % 2 ? 16 : 12} ${16 + row * 9}H${side}`}
          stroke="#0c0e10"
          strokeWidth={2.2}
          strokeLinecap="round"
          strokeDasharray="8 7"
        />
      ))}
    </svg>
  );
}

/** 12 °C above, or 7 °F below. */
function offsetText(offsetC: number, units: UnitSystem): string {
  return `${temperatureGapText(Math.abs(offsetC), units)} ${offsetC > 0 ? 'above' : 'below'}`;
}

type Texts = Record<keyof Entry, string>;

function FryerForm({
  id,
  before,
  close,
  onSaved,
}: {
  id: string;
  before?: KitchenFryer;
  close: () => void;
  onSaved?: () => void;
}) {
  const router = useRouter();
  const units = useUnits();
  const [ownId] = useState(id);
  const start = before ? pick(before) : NEW_FRYER;
  const shown = {
    name: start.name,
    ...Object.fromEntries(FIELDS.map(({ field, typed }) => [field, typed(units).show(start[field])])),
  } as Texts;
  /* a field left alone keeps its exact value, whatever the unit it is shown in */
  const entryOf = (texts: Texts) => ({
    name: texts.name,
    ...Object.fromEntries(
      FIELDS.map(({ field, typed }) => [
        field,
        texts[field] === shown[field] ? start[field] : typed(units).read(texts[field]),
      ]),
    ),
  });
  const check = zodResolver(fryerSchema);
  const { register, handleSubmit, formState, setError } = useForm<Texts, unknown, Entry>({
    resolver: (texts, context, options) => check(entryOf(texts) as Entry, context, options as never),
    defaultValues: shown,
  });
  const save = async (entry: Entry) => {
    const sent = await send('PUT', `/api/kitchen/fryers/${ownId}`, entry);
    if (sent.kind !== 'done') return setError('root', { message: `${sent.error} What you wrote is still here.` });
    close();
    onSaved?.();
    router.refresh();
  };
  return (
    <form onSubmit={handleSubmit(save)} aria-label="Fryer" className="mt-2 grid gap-3 sm:grid-cols-2">
      <FormField label="Name" {...register('name')} fault={formState.errors.name?.message} />
      {FIELDS.map(({ field, label, typed, limits: [low, high] }) => {
        const { unit, show } = typed(units);
        return (
          <FormField
            key={field}
            label={label}
            unit={unit}
            inputMode="decimal"
            {...register(field)}
            fault={formState.errors[field] && `a number from ${show(low)} to ${show(high)} ${unit}`}
          />
        );
      })}
      {formState.errors.root && (
        <p role="alert" className="text-[14px] text-alarm sm:col-span-2">
          {formState.errors.root.message}
        </p>
      )}
      <div className="flex gap-2 sm:col-span-2">
        <Button look="main" type="submit" disabled={formState.isSubmitting}>
          Save
        </Button>
        <Button look="quiet" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

function pick({ name, powerW, basketCm2, basketHeightMm, thermostatOffsetC }: Entry): Entry {
  return { name, powerW, basketCm2, basketHeightMm, thermostatOffsetC };
}
