'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { fryerFromLabel } from '@/core/fryer/fryer-from-label';
import { BREAD_DURATION } from '@/core/learn/bread-test';
import { expectedTest, type FryerTest, fryerTestEvidence, WATER } from '@/core/learn/fryer-test';
import { type Knowledge, narrowedBy } from '@/core/learn/knowledge';
import { EIGHT_IN_TEN, fryerBelief } from '@/core/learn/beliefs';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { withKnowledge } from '@/editing/with-knowledge';
import type { FryerTestFile } from '@/schemas/fryer-test-schema';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { massText, percentText, temperatureGapText, temperatureText, type UnitSystem } from '@/ui/words/format';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { TestForm } from './test-form';
import { useHalves } from './use-good-to';

type Kind = FryerTest['kind'];

/** Dial of every test, °C. */
const DIAL_C = celsiusFromKelvin(WATER.dial);

const TESTS: readonly {
  kind: Kind;
  name: string;
  needs: string;
  /** @param dial in the kitchen's units */
  how: (dial: string, units: UnitSystem) => string;
  tells: string;
  caution: string;
}[] = [
  {
    kind: 'bread',
    name: 'Bread slices',
    needs: `${BREAD_DURATION / 60} min, nine quarters of soft white bread`,
    how: (dial) =>
      `Preheat at ${dial}. Lay them in three rows of three, quickly; after ${BREAD_DURATION / 60} min, or when most are gold, tell the shade of each.`,
    tells:
      'Tells strong from weak places of the drawer, and some of the thermostat; for two drawers, one after the other.',
    caution:
      'The fan lifts light slices to the heater, where they can burn: hold them down with a rack, and stay beside it. Turn off at the first smell of burning.',
  },
  {
    kind: 'water',
    name: 'Water',
    needs: `${WATER.duration / 60} min, a wide dish, a scale`,
    how: (dial, units) =>
      `${massText(WATER.mass * 1000, units)} of water in, dial at ${dial} from cold. Note when the lamp goes out first; weigh again after ${WATER.duration / 60} min.`,
    tells: 'Tells airflow and heat-up.',
    caution:
      'The water is hot, near boiling: lift the dish out level, with dry gloves. A dish that may go into an oven.',
  },
  {
    kind: 'thermometer',
    name: 'Thermometer',
    needs: '8 min, an oven thermometer',
    how: (dial) =>
      `Lay it in the middle of the empty drawer, dial at ${dial} from cold; read it after 4 and after 8 min.`,
    tells: 'Tells the thermostat.',
    caution: 'Keep it clear of heater and fan, and take it out with gloves. No thermometer of glass or plastic.',
  },
];

/** Ways to find out about a fryer with what is in the kitchen: what each would narrow, the one that narrows most first. */
export function MeasureFryer({
  fryer,
  knowledge,
  plan,
}: {
  fryer: KitchenFryer;
  knowledge: Knowledge;
  /** by which it is said how good the next forecast would be; null where there is no plan for this fryer */
  plan: PlanFile | null;
}) {
  const router = useRouter();
  const units = useUnits();
  const [today] = useState(() => new Date());
  const [open, setOpen] = useState<Kind | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const foreseen = useMemo(() => {
    const made = { fryer: fryer.name, drawer: null, food: null, coat: null, kin: 'vegetable', season: 0 } as const;
    const labelled = {
      ...fryerFromLabel(fryer.powerW, fryer.basketCm2 * 1e-4, fryer.basketHeightMm * 1e-3),
      thermostatOffset: fryer.thermostatOffsetC,
    };
    return TESTS.map(({ kind }) =>
      narrowedBy(knowledge, made, fryerTestEvidence(labelled, expectedTest(labelled, kind))),
    );
  }, [fryer, knowledge]);
  const documents = useMemo(
    () => (plan ? [plan, ...foreseen.map((one) => withKnowledge(plan, fryer.name, one, today))] : []),
    [plan, foreseen, fryer.name, today],
  );
  const [now, ...after] = useHalves(documents) ?? [];
  const order = TESTS.map((test, i) => ({ ...test, i, good: after[i] ?? null })).toSorted(
    (a, b) => (a.good ?? Infinity) - (b.good ?? Infinity),
  );
  const keep = async (test: FryerTestFile) => {
    const sent = await send('POST', `/api/kitchen/fryers/${fryer.id}/tests`, { testId: newId(), test });
    if (sent.kind !== 'done') return setProblem(`${sent.error} What you read is still here; keep it again.`);
    setProblem(null);
    setOpen(null);
    router.refresh();
  };
  return (
    <section aria-label={`Measure ${fryer.name}`} className="mt-5 border-t-2 border-enamel-deep pt-3">
      <h3 className="text-[19px]">
        Measure it <span className="font-text text-[14px] font-normal text-iron-soft">with what is in the kitchen</span>
      </h3>
      <div className="mt-2 grid gap-4 md:grid-cols-2 lg:grid-cols-3">
        {order.map(({ kind, name, needs, how, tells, caution, i, good }, place) => {
          const belief = fryerBelief(foreseen[i]!, fryer.name);
          const before = fryerBelief(knowledge, fryer.name);
          const reach = (of: typeof belief, quantity: 'offset' | 'heatTransfer') =>
            quantity === 'offset'
              ? temperatureGapText(EIGHT_IN_TEN * of.offset.deviation, units)
              : percentText(Math.exp(EIGHT_IN_TEN * of.heatTransfer.deviation) - 1);
          return (
            <div
              key={kind}
              className={`rounded-tray border-2 border-enamel-deep p-4 ${open === kind ? 'col-span-full' : ''}`}
            >
              <p className="flex items-baseline justify-between gap-3">
                <strong className="font-display text-[19px]">{name}</strong>
                {place === 0 && good !== null && (
                  <span className="text-[13px] font-semibold text-rim">narrows most</span>
                )}
              </p>
              <p className="text-[14px] text-iron-soft">{needs}</p>
              <p className="mt-1 text-[15px]">{how(temperatureText(DIAL_C, units), units)}</p>
              <p className="mt-1 text-[14px] text-iron-soft">{tells}</p>
              <p className="mt-1 text-[14px]">
                Thermostat ±{reach(before, 'offset')} → ±{reach(belief, 'offset')}, airflow ±
                {reach(before, 'heatTransfer')} → ±{reach(belief, 'heatTransfer')}
                {plan && good != null && now != null && (
                  <>
                    ; next forecast good to <strong>±{good.toFixed(1)} min</strong>, now ±{now.toFixed(1)}
                  </>
                )}
                .
              </p>
              <p className="mt-1 text-[14px] text-iron-soft">{caution} Your fryer’s manual comes first.</p>
              {open === kind ? (
                <TestForm kind={kind} onKeep={keep} onLeave={() => setOpen(null)} />
              ) : (
                <Button className="mt-2" onClick={() => setOpen(kind)}>
                  Begin<span className="sr-only"> the test: {name}</span>
                </Button>
              )}
              {open === kind && problem && (
                <p role="alert" className="mt-2 text-[14px] text-alarm">
                  {problem}
                </p>
              )}
            </div>
          );
        })}
      </div>
    </section>
  );
}
