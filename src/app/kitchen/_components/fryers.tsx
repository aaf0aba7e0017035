'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { fryerSchema, type KitchenFryer } from '@/schemas/kitchen';
import { Button } from '@/ui/controls/button';
import { FormField } from '@/ui/controls/form-field';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';

type Entry = z.infer<typeof fryerSchema>;

const FIELDS: readonly (readonly [keyof Omit<Entry, 'name'>, string, string])[] = [
  ['powerW', 'Power, from its label', 'W'],
  ['basketCm2', 'Basket floor, length times width', 'cm²'],
  ['basketHeightMm', 'Basket height', 'mm'],
  ['thermostatOffsetC', 'Air less dial, once warm; 0 if not known', '°C'],
];

/** The fryers of the kitchen: what their labels and a ruler tell. */
export function Fryers({ fryers }: { fryers: readonly KitchenFryer[] }) {
  const router = useRouter();
  const [editing, setEditing] = useState<string | null>(null);
  const remove = async (id: string) => {
    const sent = await send('DELETE', `/api/kitchen/fryers/${id}`, {});
    if (sent.kind === 'done') router.refresh();
    else notifyError(sent.error);
  };
  return (
    <section className="tray p-5" aria-labelledby="fryers">
      <h1 id="fryers" className="text-[26px]">
        Fryers
      </h1>
      <ul className="mt-2 divide-y divide-enamel-deep">
        {fryers.map((fryer) => (
          <li key={fryer.id} className="py-2">
            {editing === fryer.id ? (
              <FryerForm id={fryer.id} before={fryer} close={() => setEditing(null)} />
            ) : (
              <div className="flex flex-wrap items-center gap-x-3">
                <p className="min-w-0 grow text-[15px]">
                  <strong>{fryer.name}</strong>
                  <span className="block text-iron-soft">
                    {Math.round(fryer.powerW)} W, {Math.round(fryer.basketCm2)} cm², {Math.round(fryer.basketHeightMm)}{' '}
                    mm high{fryer.thermostatOffsetC !== 0 && `, air ${fryer.thermostatOffsetC} °C off the dial`}
                  </span>
                </p>
                <Button onClick={() => setEditing(fryer.id)}>Change</Button>
                {fryers.length > 1 && (
                  <Button look="quiet" onClick={() => remove(fryer.id)}>
                    Remove<span className="sr-only"> {fryer.name}</span>
                  </Button>
                )}
              </div>
            )}
          </li>
        ))}
      </ul>
      {editing === 'new' ? (
        <FryerForm id={newId()} close={() => setEditing(null)} />
      ) : (
        <Button className="mt-2" onClick={() => setEditing('new')}>
          Add a fryer
        </Button>
      )}
    </section>
  );
}

function FryerForm({ id, before, close }: { id: string; before?: KitchenFryer; close: () => void }) {
  const router = useRouter();
  const [ownId] = useState(id);
  const { register, handleSubmit, formState, setError } = useForm<Entry>({
    resolver: zodResolver(fryerSchema),
    defaultValues: before
      ? pick(before)
      : { name: '', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 },
  });
  const save = async (entry: Entry) => {
    const sent = await send('PUT', `/api/kitchen/fryers/${ownId}`, fryerSchema.parse(pick(entry)));
    if (sent.kind !== 'done') return setError('root', { message: `${sent.error} What you wrote is still here.` });
    close();
    router.refresh();
  };
  return (
    <form onSubmit={handleSubmit(save)} aria-label="Fryer" className="mt-2 grid gap-3 sm:grid-cols-2">
      <FormField label="Name" {...register('name')} fault={formState.errors.name?.message} />
      {FIELDS.map(([field, label, unit]) => (
        <FormField
          key={field}
          label={label}
          unit={unit}
          inputMode="decimal"
          {...register(field, { valueAsNumber: true })}
          fault={formState.errors[field]?.message}
        />
      ))}
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
