'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { FRYER_LIMITS, fryerSchema, type KitchenFryer } from '@/schemas/kitchen';
import { Button } from '@/ui/controls/button';
import { FormField } from '@/ui/controls/form-field';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import type { UnitSystem } from '@/ui/words/format';
import { typedArea, typedAsIs, typedLength, typedTemperatureGap, type TypedUnit } from '@/ui/words/typed-units';

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

type Texts = Record<keyof Entry, string>;

/** What a label and a ruler tell of a fryer. */
export function FryerForm({
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
  const start = before ? entryOf(before) : NEW_FRYER;
  const shown = {
    name: start.name,
    ...Object.fromEntries(FIELDS.map(({ field, typed }) => [field, typed(units).show(start[field])])),
  } as Texts;
  /* a field left alone keeps its exact value, whatever the unit it is shown in */
  const readTexts = (texts: Texts) => ({
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
    resolver: (texts, context, options) => check(readTexts(texts) as Entry, context, options as never),
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

/** What of a fryer can be changed. */
export function entryOf({ name, powerW, basketCm2, basketHeightMm, thermostatOffsetC }: Entry): Entry {
  return { name, powerW, basketCm2, basketHeightMm, thermostatOffsetC };
}
