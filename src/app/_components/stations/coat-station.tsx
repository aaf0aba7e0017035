'use client';

import { batchYield } from '@/core/cut/batch-yield';
import { HELD_OIL, oilFactor } from '@/core/prep/browning-factor';
import { brineAmounts, marinadeAmount, SPRAY_PER_SECOND } from '@/core/prep/coat-amounts';
import { markedAsSet } from '@/editing/amounts';
import { prepStep, starchOrder, withPrepStep, withStarch } from '@/editing/edit-plan';
import { usualSeasoning, usualStarch } from '@/editing/usual-amounts';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { SaturationDrawing } from '@/ui/drawings/saturation-drawing';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { filmText, massText, oilText, percentText, surfaceText } from '@/ui/words/format';
import { DredgeLine } from './dredge-line';
import { KeptAmounts } from './kept-amounts';
import { MakeAhead } from './make-ahead';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { oilFilmGM2 } from './station-drawing';
import { oilGrams } from './station-figure';
import { pullTimeIn } from '@/core/forecast/pull-time-in';

const OILINGS = [
  { value: 'toss', word: 'In the bowl' },
  { value: 'brush', word: 'Brushed' },
  { value: 'spray', word: 'Pump spray' },
] as const;

/** Oil, starch, crumbs and seasoning by the cut surface, not by weight. */
export function CoatStation({ document, plan, forecast, serveAt, move, release }: StationProps) {
  const units = useUnits();
  const mass = oilGrams(plan);
  const oil = prepStep(document, 'oil') ?? { step: 'oil' as const };
  const method = oil.method ?? 'toss';
  const withOil = (grams: number, how = method) =>
    withPrepStep(
      document,
      'oil',
      grams > 0 ? markedAsSet(document, { step: 'oil', mass_g: mass }, { ...oil, mass_g: grams, method: how }) : null,
    );
  const { surface } = batchYield(plan.food, plan.cut, plan.mass);
  const film = oilFilmGM2(plan);
  const held = HELD_OIL * 1000;
  const starch = prepStep(document, 'starch')?.mass_g ?? 0;
  const dusted = starch || usualStarch(surface);
  return (
    <div className="space-y-3">
      <PricedLever
        label="Oil"
        say={oilText(mass)}
        value={Number(mass.toFixed(1))}
        limits={[0, 60]}
        step={0.5}
        unit="g"
        sayValue={units === 'us' ? oilText : undefined}
        nudge={Math.max(2, Math.round(15 * surface))}
        note={`${filmText(film, units)} on ${surfaceText(surface, units)} of cut surface. Useful: ${massText(20 * surface, units)} to ${massText(80 * surface, units)} here. As a pump spray about ${Math.round(mass / 1000 / SPRAY_PER_SECOND)} s of spraying.`}
        document={document}
        withValue={withOil}
        move={move}
        release={release}
      />
      <KeptAmounts document={document} release={release} />
      <SaturationDrawing filmGM2={film} heldGM2={held} factor={(gM2) => oilFactor(gM2 / 1000)} />
      <p className="text-[14px]">
        {film > held
          ? `About ${massText(Math.round((film - held) * surface), units)} will drip off and fry nothing.`
          : `This film gives ${percentText(oilFactor(film / 1000))} of the browning that more oil could.`}
        {forecast &&
          ` Deep frying would leave about ${massText(forecast.oil.deepFried * 1000, units)} in the same pieces.`}
      </p>
      {mass > 0 && (
        <PricedChoice
          label="How the oil goes on"
          value={method}
          document={document}
          options={OILINGS.map((one) => ({ ...one, document: withOil(mass, one.value) }))}
          onChoose={release}
        />
      )}
      <PricedChoice
        label="Starch"
        value={starch === 0 ? 'none' : starchOrder(document)}
        document={document}
        options={[
          { value: 'none', word: 'None', document: withStarch(document, 0, 'after-oil') },
          {
            value: 'before-oil',
            word: 'Before the oil',
            note: massText(dusted, units),
            document: withStarch(document, dusted, 'before-oil'),
          },
          {
            value: 'after-oil',
            word: 'After the oil',
            note: massText(dusted, units),
            document: withStarch(document, dusted, 'after-oil'),
          },
        ]}
        onChoose={release}
      />
      <DredgeLine document={document} surface={surface} release={release} />
      <PricedChoice
        label="Salt and spice"
        value={prepStep(document, 'season') ? 'before' : 'after'}
        document={document}
        options={[
          { value: 'after', word: 'After, while hot', document: withPrepStep(document, 'season', null) },
          {
            value: 'before',
            word: 'Before the fryer',
            note: `${massText(usualSeasoning(plan.mass * 1000), units)}, half of it salt`,
            document: withPrepStep(document, 'season', {
              step: 'season',
              mass_g: usualSeasoning(plan.mass * 1000),
              salt_share: 0.5,
            }),
          },
        ]}
        onChoose={release}
      />
      <PricedChoice
        label="Marinade or brine"
        value={prepStep(document, 'marinate') ? 'marinade' : prepStep(document, 'brine') ? 'brine' : 'none'}
        document={document}
        options={[
          {
            value: 'none',
            word: 'None',
            document: withPrepStep(withPrepStep(document, 'marinate', null), 'brine', null),
          },
          {
            value: 'marinade',
            word: 'Marinade, 30 min',
            note: massText(marinadeAmount(surface) * 1000, units),
            document: withPrepStep(withPrepStep(document, 'brine', null), 'marinate', {
              step: 'marinate',
              minutes: prepStep(document, 'marinate')?.minutes ?? 30,
            }),
          },
          {
            value: 'brine',
            word: 'Brine, 30 min',
            note: brineWords(plan.mass, units),
            document: withPrepStep(withPrepStep(document, 'marinate', null), 'brine', {
              step: 'brine',
              minutes: prepStep(document, 'brine')?.minutes ?? 30,
            }),
          },
        ]}
        onChoose={release}
      />
      <MakeAhead plan={plan} pullTime={pullTimeIn(forecast)} serveAt={serveAt} />
      <StationCaution>{STEP_CAUTIONS.coat}</StationCaution>
    </div>
  );
}

function brineWords(mass: number, units: Parameters<typeof massText>[1]): string {
  const { water, salt } = brineAmounts(mass);
  return `${massText(salt * 1000, units)} salt in ${massText(water * 1000, units)} water`;
}
