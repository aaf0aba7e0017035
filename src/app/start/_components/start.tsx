'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { type Knowledge, NOTHING_KNOWN } from '@/core/learn/knowledge';
import { withKnowledge } from '@/editing/with-knowledge';
import { findFood, listFoods } from '@/core/food/catalogue';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { StudyProvider } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { sizesIn } from '@/ui/words/format';
import { FoodCounter } from './food-counter';
import { FryerChoice } from './fryer-choice';
import { type Appetite, eachOf, Guests } from './guests';
import { StartFoot } from './start-foot';
import { WaysList } from './ways-list';

/** Foods that lie in front where the kitchen has cooked nothing yet. */
const IN_FRONT = ['potato-floury', 'sweet-potato', 'courgette', 'cauliflower', 'kale', 'tofu-firm', 'carrot'];

/** Four choices, and the forecast is there. */
export function Start({
  fryers: owned,
  cooked,
  knowledge = NOTHING_KNOWN,
}: {
  fryers: readonly KitchenFryer[];
  cooked: readonly string[];
  /** what the kitchen has learnt; every forecast begins with it */
  knowledge?: Knowledge;
}) {
  const router = useRouter();
  const units = useUnits();
  const foods = useMemo(() => {
    const front = [...new Set([...cooked, ...IN_FRONT])];
    const known = front.flatMap((id) => findFood(id) ?? []);
    return [...known, ...listFoods().filter(({ id }) => !front.includes(id))];
  }, [cooked]);
  const [food, setFood] = useState(foods[0]!);
  const ways = useMemo(() => waysOf(food.id), [food]);
  const [wayId, setWayId] = useState(ways[0]!.id);
  const [people, setPeople] = useState(2);
  const [appetite, setAppetite] = useState<Appetite>('beside');
  const [added, setAdded] = useState<readonly KitchenFryer[]>([]);
  const fryers = useMemo(() => [...owned, ...added], [owned, added]);
  const [fryerId, setFryerId] = useState(owned[0]!.id);
  const [opening, setOpening] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const way = ways.find(({ id }) => id === wayId) ?? ways[0]!;
  const fryer = fryers.find(({ id }) => id === fryerId) ?? fryers[0]!;
  const [today] = useState(() => new Date());
  const documents = useMemo(
    () =>
      ways.map((one) =>
        withKnowledge(
          planOfWay(food, one, { people, each: eachOf(one, appetite) }, fryer),
          fryer.name,
          knowledge,
          today,
        ),
      ),
    [ways, food, people, appetite, fryer, knowledge, today],
  );
  const document = documents[ways.indexOf(way)]!;
  const addFryer = async ({ id, ...own }: KitchenFryer) => {
    setAdded([...added, { id, ...own }]);
    setFryerId(id);
    const sent = await send('PUT', `/api/kitchen/fryers/${id}`, own);
    setProblem(sent.kind === 'done' ? null : `${sent.error} The fryer is not kept yet; choose it again later.`);
  };
  const openOnBench = async (plan: PlanFile) => {
    setOpening(true);
    const planId = newId();
    const sent = await send('PUT', `/api/plans/${planId}`, {
      fryerId: fryer.id,
      document: writePlanFile({ ...plan, name: sizesIn(plan.name, units) }),
      base: 0,
    });
    if (sent.kind === 'done') return router.push(`/?plan=${planId}`);
    setOpening(false);
    setProblem(`${sent.error} Everything here stays as it is; try again.`);
  };
  return (
    <StudyProvider>
      <FoodCounter
        foods={foods}
        chosen={food.id}
        onChoose={(next) => {
          setFood(next);
          setWayId(waysOf(next.id)[0]!.id);
        }}
      />
      <section aria-label={food.name} className="relative tray p-4 sm:p-6">
        <div className="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,7fr)_minmax(0,4fr)]">
          <WaysList food={food} ways={ways} documents={documents} chosen={way.id} onChoose={setWayId} />
          <div className="space-y-6">
            <Guests
              document={document}
              people={people}
              appetite={appetite}
              onPeople={setPeople}
              onAppetite={setAppetite}
            />
            <FryerChoice fryers={fryers} chosen={fryer.id} onChoose={setFryerId} onAdd={addFryer} />
          </div>
        </div>
        <StartFoot key={food.id} document={document} opening={opening} onOpen={openOnBench} />
        {problem && (
          <p role="alert" className="mt-2 text-[15px] text-alarm">
            {problem}
          </p>
        )}
      </section>
    </StudyProvider>
  );
}
