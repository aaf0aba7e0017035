import { quantileOfSorted } from '@/core/numeric/quantile';
import type { Plan } from '@/core/plan/plan';
import type { Batch, Outcome } from '@/schemas/batch';
import { foodColour } from '@/ui/colour/food-colours';
import { Fingerprint } from '@/ui/field/fingerprint';
import { sortedFaces } from '@/ui/field/paint-field';
import type { LiveForecast } from '@/ui/live-forecast';
import { wholeMinutes } from '@/ui/words/format';
import { BITE_WORDS, EVENNESS_WORDS, FAULT_WORDS } from '@/ui/words/labels';
import { outerRamp } from '@/core/plan/outer-ramp';
import { wishText } from '@/ui/words/labels';

/** How far apart two colours must be to speak of a difference, in browning. Source: half a swatch. */
const TELLABLE = 0.2;

function colourSentence(forecast: number, seen: number): string {
  if (Math.abs(forecast - seen) < TELLABLE) return 'The colour came out as forecast.';
  return seen > forecast ? 'It came out darker than forecast.' : 'It came out paler than forecast.';
}

/** What was forecast and what came out, side by side. */
export function AgainstForecast({
  batch,
  outcome,
  plan,
  pulledAt,
  live,
}: {
  batch: Batch;
  outcome: Outcome;
  plan: Plan;
  pulledAt: number | null;
  live: LiveForecast;
}) {
  const { done_min: done, done_p10_min: early, done_p90_min: late } = batch.forecast;
  const record = live.forecast?.record;
  const sample =
    record && pulledAt !== null ? Math.min(record.samples - 1, Math.round(pulledAt / record.interval)) : null;
  const faces = record && sample !== null ? sortedFaces(record, sample) : null;
  const median = faces ? quantileOfSorted(faces, 0.5) : null;
  const ramp = outerRamp(plan);
  const swatch = (browning: number | null) => (
    <span
      className="mr-2 inline-block h-5 w-9 rounded-[3px] border border-iron-soft align-[-4px]"
      style={{ background: browning === null ? undefined : foodColour(ramp, browning) }}
      aria-hidden
    />
  );
  return (
    <div className="mt-2 space-y-2 text-[15px]">
      <table className="w-full text-left [&_tbody_tr]:border-t-2 [&_tbody_tr]:border-enamel-deep [&_td]:py-1.5 [&_td]:pr-3 [&_th]:py-1.5 [&_th]:pr-3">
        <thead>
          <tr className="text-iron-soft">
            <th className="font-normal" scope="col">
              <span className="sr-only">What</span>
            </th>
            <th className="font-normal" scope="col">
              Forecast
            </th>
            <th className="font-normal" scope="col">
              Outcome
            </th>
          </tr>
        </thead>
        <tbody>
          {batch.fingerprint.length > 0 && pulledAt !== null && (
            <tr>
              <th scope="row" className="font-normal text-iron-soft">
                Palest to darkest
              </th>
              <td>
                {faces ? (
                  <Strip browning={Array.from(faces)} ramp={ramp} label="Forecast, palest to darkest" />
                ) : (
                  <div className="h-6">…</div>
                )}
              </td>
              <td>
                <Strip browning={batch.fingerprint} ramp={ramp} label="Colours when pulled, palest to darkest" />
              </td>
            </tr>
          )}
          <tr>
            <th scope="row" className="font-normal text-iron-soft">
              Pull
            </th>
            <td>
              {done === null ? 'not in time' : `after ${wholeMinutes(done * 60)} min`}
              {early !== null && late !== null && ` (80 %: ${Math.round(early)}–${Math.round(late)} min)`}
            </td>
            <td>{pulledAt === null ? 'not recorded' : `after ${wholeMinutes(pulledAt)} min`}</td>
          </tr>
          <tr>
            <th scope="row" className="font-normal text-iron-soft">
              Colour when pulled
            </th>
            <td>
              {swatch(median)}
              {median?.toFixed(2) ?? '…'}
            </td>
            <td>
              {swatch(outcome.browning)}
              {outcome.browning.toFixed(2)}
            </td>
          </tr>
          <tr>
            <th scope="row" className="font-normal text-iron-soft">
              Bite
            </th>
            <td>{wishText(plan.target)} wished</td>
            <td>{BITE_WORDS[outcome.crispness].toLowerCase()}</td>
          </tr>
          <tr>
            <th scope="row" className="font-normal text-iron-soft">
              Evenness
            </th>
            <td />
            <td>{EVENNESS_WORDS[outcome.evenness].toLowerCase()}</td>
          </tr>
        </tbody>
      </table>
      {pulledAt !== null && (
        <p>
          {median !== null
            ? `${colourSentence(median, outcome.browning)} Golden is 1.`
            : live.failed
              ? 'The forecast cannot be worked out.'
              : 'Working out the forecast …'}
        </p>
      )}
      {outcome.faults.length > 0 && (
        <p>Went wrong: {outcome.faults.map((fault) => FAULT_WORDS[fault].toLowerCase()).join(', ')}.</p>
      )}
      {outcome.note && <p className="whitespace-pre-wrap">“{outcome.note}”</p>}
    </div>
  );
}

/** Colours of the pieces in a row. */
function Strip(props: Parameters<typeof Fingerprint>[0]) {
  return (
    <div className="h-6 max-w-52 overflow-hidden rounded-[3px] border border-iron-soft">
      <Fingerprint {...props} />
    </div>
  );
}
