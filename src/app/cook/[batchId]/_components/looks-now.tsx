import { cutThickness } from '@/core/cut/piece-geometry';
import { quantileOfSorted } from '@/core/numeric/quantile';
import type { Forecast } from '@/core/forecast/forecast';
import type { Plan } from '@/core/plan/plan';
import { foodColour } from '@/ui/colour/food-colours';
import { sortedFaces } from '@/ui/field/paint-field';
import type { TargetCrispness } from '@/core/food/wish';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Pieces drawn from palest to darkest. */
const DRAWN = 12;

/** Crispness against what is wished, in words a cook can feel. */
function biteWords(crispness: number, wish: TargetCrispness): string {
  if (wish === 'soft') return 'press one with a spoon: it should give right through';
  if (wish === 'chewy') {
    if (crispness < 0.6) return 'still moist inside';
    return crispness < 1
      ? 'leathery outside, moist at the heart'
      : crispness < 4
        ? 'chewy through, no snap'
        : 'dry and hard';
  }
  if (wish === 'tender' && crispness >= 1) {
    if (crispness < 1.5) return 'tender, hardly a crust';
    if (crispness < 2.2) return 'a thin crust, tender beneath';
    return 'a firm crust, more than asked for';
  }
  if (crispness < 0.15) return 'soft all over, no skin yet';
  if (crispness < 0.6) return 'a skin is forming, bends without a sound';
  if (crispness < 1) return 'nearly there: dry to the touch, still bends';
  if (crispness < 2) return 'crisp: snaps or crackles once it has cooled a minute';
  return 'hard and crisp through much of the piece';
}

/** A row of pieces in the colours they should have now, as thick as they were cut. */
export function LooksNow({ forecast, plan, elapsed }: { forecast: Forecast; plan: Plan; elapsed: number }) {
  const { record } = forecast;
  const sample = Math.min(record.samples - 1, Math.round(elapsed / record.interval));
  const faces = sortedFaces(record, sample);
  const crispness = record.crispness.slice(sample * record.pieces, (sample + 1) * record.pieces).sort();
  const thickness = Math.min(30, Math.max(5, cutThickness(plan.cut) * 1000 * 1.8));
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
      <p className="text-[17px] text-ash">Should look like this now:</p>
      <ul className="flex items-center gap-1.5" aria-label="Pieces from palest to darkest">
        {Array.from({ length: DRAWN }, (_, i) => (
          <li
            key={i}
            className="w-12 rounded-[2px] border border-iron-soft max-sm:w-5"
            style={{
              height: thickness,
              background: foodColour(outerRamp(plan), quantileOfSorted(faces, (i + 0.5) / DRAWN)),
            }}
          />
        ))}
      </ul>
      <p className="text-[17px]">{biteWords(quantileOfSorted(crispness, 0.5), plan.target.crispness)}</p>
    </div>
  );
}
