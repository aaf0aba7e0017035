'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { cutterSchema, type KitchenCutter } from '@/schemas/kitchen';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { FormField } from '@/ui/controls/form-field';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { lengthText, percentText } from '@/ui/words/format';
import { typedLength } from '@/ui/words/typed-units';
import { TakeBackList, useTakeBack } from './take-back';

/** How even each tool cuts. Source: as in the plan, see the engine. */
const TOOLS = [
  { value: '0.03', word: 'Mandoline' },
  { value: '0.05', word: 'Push cutter' },
  { value: '0.07', word: 'Knife with a guide' },
] as const;

const STACKED = [
  { value: '10', word: 'Ten slices stacked', note: 'with any ruler' },
  { value: '1', word: 'One slice', note: 'with a calliper' },
] as const;

/** The cook's own cutter settings, each measured once. */
export function Cutters({ cutters }: { cutters: readonly KitchenCutter[] }) {
  const units = useUnits();
  const router = useRouter();
  const { done, add, drop } = useTakeBack();
  const remove = async ({ id, ...cutter }: KitchenCutter) => {
    const path = `/api/kitchen/cutters/${id}`;
    const sent = await send('DELETE', path, {});
    if (sent.kind !== 'done') return notifyError(sent.error);
    add({
      words: `${cutter.name}, ${cutter.setting}, is removed.`,
      takeBack: () => send('PUT', path, cutter),
    });
    router.refresh();
  };
  return (
    <section aria-labelledby="cutters">
      <h2 id="cutters" className="text-[26px]">
        Cutters
      </h2>
      <p className="mt-1 text-[15px] text-iron-soft">
        The numbers on a mandoline are not millimetres. Measure each setting once and the Bench offers it by name.
      </p>
      {cutters.length > 0 && (
        <ul className="mt-2 divide-y divide-enamel-deep">
          {cutters.map((cutter) => (
            <li key={cutter.id} className="flex items-center gap-3 py-1.5 text-[15px]">
              <span className="grow">
                <strong>{cutter.name}</strong>, {cutter.setting}: {lengthText(cutter.thicknessMm, units)}
                <span className="text-iron-soft">, differs by {percentText(cutter.scatter)}</span>
              </span>
              <Button look="quiet" onClick={() => remove(cutter)}>
                Remove
                <span className="sr-only">
                  {' '}
                  {cutter.name}, {cutter.setting}
                </span>
              </Button>
            </li>
          ))}
        </ul>
      )}
      <TakeBackList done={done} drop={drop} />
      <CutterForm onSaved={() => router.refresh()} />
    </section>
  );
}

function CutterForm({ onSaved }: { onSaved: () => void }) {
  const [name, setName] = useState('');
  const [setting, setSetting] = useState('');
  const [stack, setStack] = useState<'10' | '1'>('10');
  const [measured, setMeasured] = useState('');
  const [scatter, setScatter] = useState<(typeof TOOLS)[number]['value']>('0.03');
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const units = useUnits();
  const typed = typedLength(units);
  const thicknessMm = typed.read(measured) / Number(stack);
  const save = async (event: React.FormEvent) => {
    event.preventDefault();
    const parsed = cutterSchema.safeParse({ name, setting, thicknessMm, scatter: Number(scatter) });
    if (!parsed.success) {
      setFaults(Object.fromEntries(parsed.error.issues.map((issue) => [String(issue.path[0]), issue.message])));
      return;
    }
    const sent = await send('PUT', `/api/kitchen/cutters/${newId()}`, parsed.data);
    if (sent.kind !== 'done') return setFaults({ root: `${sent.error} What you wrote is still here.` });
    setFaults({});
    setSetting('');
    setMeasured('');
    onSaved();
  };
  return (
    <form onSubmit={save} aria-label="Measure a setting" className="mt-3 grid gap-3 sm:grid-cols-2">
      <FormField
        label="Cutter"
        value={name}
        onChange={(event) => setName(event.target.value)}
        placeholder="Green mandoline"
        fault={faults.name}
      />
      <FormField
        label="Setting"
        value={setting}
        onChange={(event) => setSetting(event.target.value)}
        placeholder="2"
        fault={faults.setting}
      />
      <Choice label="Measured on" value={stack} options={STACKED} onChange={setStack} />
      <FormField
        label={stack === '10' ? 'Height of the stack' : 'Thickness'}
        unit={typed.unit}
        inputMode="decimal"
        value={measured}
        onChange={(event) => setMeasured(event.target.value)}
        fault={
          faults.thicknessMm && `a number that makes ${typed.show(0.8)} to ${typed.show(40)} ${typed.unit} a slice`
        }
      />
      <Choice label="Tool" value={scatter} options={TOOLS} onChange={setScatter} />
      <p className="self-end pb-2 text-[15px]" role="status">
        {thicknessMm > 0
          ? units === 'us'
            ? `One slice is ${lengthText(thicknessMm, units)}.`
            : `One slice is ${Number(thicknessMm.toFixed(2))} mm.`
          : ''}
      </p>
      {faults.root && (
        <p role="alert" className="text-[14px] text-alarm sm:col-span-2">
          {faults.root}
        </p>
      )}
      <Button look="main" type="submit" className="sm:col-span-2">
        Keep this setting
      </Button>
    </form>
  );
}
