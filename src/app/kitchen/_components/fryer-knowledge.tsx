'use client';

import { format } from 'date-fns';
import { useRouter } from 'next/navigation';
import { EIGHT_IN_TEN, FRYER_QUANTITIES } from '@/core/learn/beliefs';
import type { PlaceMap } from '@/core/learn/place-map';
import type { FryerCard } from '@/schemas/fryer-card';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { BeliefBar } from '@/ui/charts/belief-bar';
import { Button } from '@/ui/controls/button';
import { PlaceMapDrawing } from '@/ui/drawings/place-map-drawing';
import { Switch } from '@/ui/controls/switch';
import { LocalTime } from '@/ui/local-time';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { againstLabel, dialText, isApart, taughtByText } from '@/ui/words/belief-text';
import { extremesText } from '@/ui/words/place-text';
import { temperatureText } from '@/ui/words/format';
import { useGoodTo } from './use-good-to';
import { NarrowingChart } from './narrowing-chart';

const NAMES = { offset: 'Thermostat', heatTransfer: 'Airflow', power: 'Power' } as const;
const LABELS = { offset: 'as the dial says', heatTransfer: 'like most', power: 'as its plate says' } as const;

/** Dial at which it is said what the fryer blows, °C. Source: chosen, a usual one. */
const DIAL = 190;

/** How surely the heat over a place is known, eight times in ten, in whole per cent. */
function reachOf({ deviations }: PlaceMap): number {
  return Math.round(100 * EIGHT_IN_TEN * Math.max(...deviations));
}

/** What the kitchen has learnt of a fryer: how far it is off, how sure that is, and from which batches. */
export function FryerKnowledge({
  fryer,
  card,
  plan,
}: {
  fryer: KitchenFryer;
  card: FryerCard;
  /** the newest plan for this fryer, by which it is said how good a forecast has become; null where there is none */
  plan: PlanFile | null;
}) {
  const router = useRouter();
  const units = useUnits();
  const choose = async (change: { inUse: boolean } | { from: number | null }) => {
    const sent = await send('PUT', `/api/kitchen/fryers/${fryer.id}/learning`, change);
    if (sent.kind === 'done') router.refresh();
    else notifyError(sent.error);
  };
  const goodTo = useGoodTo(plan);
  const odd = card.batches.filter(({ contradicts }) => contradicts);
  if (card.batches.length === 0) {
    return (
      <p className="max-w-prose text-[15px] text-iron-soft">
        Nothing is known of it yet beyond its label: the air may be 12 degrees off the dial either way. Each batch
        cooked in it, with its outcome told, narrows that; the forecast begins from it the next time.
      </p>
    );
  }
  return (
    <div
      className={`grid gap-x-8 gap-y-6 ${card.places.length > 0 ? 'lg:grid-cols-[minmax(0,340px)_240px_minmax(0,1fr)]' : 'lg:grid-cols-[minmax(0,380px)_minmax(0,1fr)]'}`}
    >
      <section aria-label={`What ${fryer.name} is like`}>
        <div className="flex items-center justify-between gap-3">
          <h3 className="text-[22px]">{dialText(card.now.offset, units)}</h3>
          <span className="flex shrink-0 items-center gap-1 text-[14px] font-semibold whitespace-nowrap text-rim">
            {card.inUse ? 'in use' : 'not in use'}
            <Switch
              label={`Begin forecasts from what was learnt of ${fryer.name}`}
              checked={card.inUse}
              onChange={(inUse) => choose({ inUse })}
            />
          </span>
        </div>
        <p className="mt-1 text-[15px]">
          {isApart(card.now.offset, 'offset') &&
            `Set to ${temperatureText(DIAL, units)} it blows about ${temperatureText(DIAL + card.now.offset.mean, units)}. `}
          {card.inUse && plan && goodTo && (
            <>
              {plan.name} would be good to ±{goodTo.before} min by the label; it is good to{' '}
              <strong>±{goodTo.now} min</strong>.
            </>
          )}
          {!card.inUse && 'Forecasts take it as its label says.'}
        </p>
        <dl className="mt-4 space-y-4">
          {FRYER_QUANTITIES.map((quantity) => {
            const { what, sure } = againstLabel(quantity, card.now[quantity], fryer.powerW, units);
            return (
              <div key={quantity} className="grid grid-cols-[104px_minmax(0,1fr)] gap-x-4">
                <dt className="text-[15px] font-semibold">
                  {NAMES[quantity]}
                  <span className="block text-[14px] font-normal">
                    {what} <span className="whitespace-nowrap text-iron-soft">{sure}</span>
                  </span>
                </dt>
                <dd>
                  <BeliefBar before={card.before[quantity]} now={card.now[quantity]} label={LABELS[quantity]} />
                </dd>
              </div>
            );
          })}
        </dl>
        <p className="mt-3 flex flex-wrap gap-x-5 text-[13px] text-iron-soft">
          <span className="flex items-center gap-2">
            <span className="inline-block h-3 w-7 border border-iron-soft hatched" /> before any batch
          </span>
          <span className="flex items-center gap-2">
            <span className="inline-block h-3 w-7 rounded-[2px] bg-iron" /> now, 8 times in 10
          </span>
        </p>
      </section>
      {card.places.length > 0 && (
        <section aria-label={`Strong and weak places of ${fryer.name}`} className="flex flex-col gap-3">
          <h3 className="text-[19px]">Strong and weak places</h3>
          {card.places.map((known) => (
            <figure key={known.drawer}>
              <PlaceMapDrawing map={known} className="w-full max-w-60" />
              <figcaption className="mt-1 text-[14px]">
                {known.drawer === null ? '' : `Drawer ${known.drawer}. `}
                {extremesText(known.strengths)}{' '}
                <span className="text-iron-soft">
                  The handle is in front; % heat against the mean, good to ±{reachOf(known)}.
                </span>
              </figcaption>
            </figure>
          ))}
        </section>
      )}
      <section aria-label={`What ${fryer.name} is known from`} className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <h3 className="text-[19px]">
            How it narrowed{' '}
            <span className="font-text text-[14px] font-normal text-iron-soft">
              {units === 'us' ? '°F' : '°C'} against the dial, from {taughtByText(card.counting, card.testsCounting)}
            </span>
          </h3>
          {card.from === null ? (
            <Button look="quiet" onClick={() => choose({ from: Date.now() })}>
              Start afresh
            </Button>
          ) : (
            <Button look="quiet" onClick={() => choose({ from: null })}>
              Count the old batches again
            </Button>
          )}
        </div>
        {card.from !== null && (
          <p className="text-[14px] text-iron-soft">
            Begun afresh on <LocalTime at={card.from} write={(date) => format(date, 'd MMMM')} />: batches before that
            tell nothing of it.
          </p>
        )}
        <NarrowingChart card={card} />
        {odd.length > 0 && (
          <p role="status" className="mt-2 border-l-4 border-alarm pl-3 text-[15px]">
            {odd.map(({ name }) => name).join(', ')} {odd.length === 1 ? 'says' : 'say'} something else than all the
            others, and so {odd.length === 1 ? 'hardly counts' : 'hardly count'}. Was something told by mistake? Has the
            fryer been cleaned, moved or changed since? Then start afresh.
          </p>
        )}
      </section>
    </div>
  );
}
