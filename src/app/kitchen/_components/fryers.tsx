'use client';

import { useRouter } from 'next/navigation';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import type { KitchenFryer } from '@/schemas/kitchen';
import { type Knowledge, NOTHING_KNOWN } from '@/core/learn/knowledge';
import { StudyProvider } from '@/ui/study/study-context';
import type { FryerCard } from '@/schemas/fryer-card';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { tabStop } from '@/ui/controls/tab-stop';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { areaText, lengthText, temperatureGapText, type UnitSystem } from '@/ui/words/format';
import { MeasureFryer } from './measure-fryer';
import { entryOf, FryerForm } from './fryer-form';
import { FryerKnowledge } from './fryer-knowledge';
import { TakeBackList, useTakeBack } from './take-back';

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
  const [openId, setOpenId] = useState(fryers[0]!.id);
  /* the open one may just have been removed */
  const open = fryers.find(({ id }) => id === openId) ?? fryers[0]!;
  const [editing, setEditing] = useState<string | null>(null);
  const units = useUnits();
  const { done, add, drop } = useTakeBack();
  const pathOf = (id: string) => `/api/kitchen/fryers/${id}`;
  const remove = async (fryer: KitchenFryer) => {
    const sent = await send('DELETE', pathOf(fryer.id), {});
    if (sent.kind !== 'done') return notifyError(sent.error);
    add({ words: `${fryer.name} is removed.`, takeBack: () => send('PUT', pathOf(fryer.id), entryOf(fryer)) });
    router.refresh();
  };
  return (
    <StudyProvider>
      <section aria-labelledby="fryers">
        <h2 id="fryers" className="sr-only">
          Fryers
        </h2>
        <Tabs.Root value={open.id} onValueChange={setOpenId} className="mt-1">
          <div className="flex flex-wrap items-center border-b-2 border-enamel-deep">
            <Tabs.List aria-label="Fryers of this kitchen" className="flex min-w-0 grow gap-x-2 overflow-x-auto">
              {fryers.map((fryer) => (
                <Tabs.Trigger
                  key={fryer.id}
                  value={fryer.id}
                  tabIndex={tabStop(fryer === open)}
                  className="-mb-0.5 flex shrink-0 items-center gap-3 border-b-4 border-transparent px-3 py-2 text-left focus-visible:-outline-offset-2 data-[state=active]:border-rim"
                >
                  <DrawerToScale fryer={fryer} />
                  <span className="text-[13px] text-iron-soft">
                    <strong className="block font-display text-[17px] text-iron">{fryer.name}</strong>
                    {Math.round(fryer.powerW)} W, {areaText(fryer.basketCm2, units)},{' '}
                    {lengthText(fryer.basketHeightMm, units)} high
                  </span>
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            <Button look="quiet" onClick={() => setEditing(open.id)}>
              Change<span className="sr-only"> {open.name}</span>
            </Button>
            {fryers.length > 1 && (
              <Button look="quiet" onClick={() => remove(open)}>
                Remove<span className="sr-only"> {open.name}</span>
              </Button>
            )}
          </div>
          {fryers.map((fryer) => (
            <Tabs.Content key={fryer.id} value={fryer.id} className="pt-3">
              {editing === fryer.id ? (
                <FryerForm
                  id={fryer.id}
                  before={fryer}
                  close={() => setEditing(null)}
                  onSaved={() =>
                    add({
                      words: `${fryer.name} is changed.`,
                      takeBack: () => send('PUT', pathOf(fryer.id), entryOf(fryer)),
                    })
                  }
                />
              ) : (
                <>
                  {fryer.thermostatOffsetC !== 0 && (
                    <p className="mb-2 text-[15px] text-iron-soft">
                      Entered: once warm, the air is {offsetText(fryer.thermostatOffsetC, units)} the dial.
                    </p>
                  )}
                  <Known fryer={fryer} cards={cards} plan={plans[fryer.id] ?? null} knowledge={knowledge} />
                </>
              )}
            </Tabs.Content>
          ))}
        </Tabs.Root>
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
      <div>
        <FryerKnowledge fryer={fryer} card={card} plan={plan} />
        <MeasureFryer fryer={fryer} knowledge={knowledge} plan={plan} />
      </div>
    )
  );
}

/** Pixels for a centimetre of a drawer's floor. */
const SCALE = 1.9;

/** The drawer from above, all fryers on one scale; the words beside it say how large it is. */
function DrawerToScale({ fryer }: { fryer: KitchenFryer }) {
  const side = Math.sqrt(fryer.basketCm2) * SCALE;
  const whole = side + 14;
  return (
    <svg width={whole} height={whole} className="shrink-0" aria-hidden>
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
