import { clings, MOVED_BY } from './clinging-slices';
import { freshLayers } from '../fryer/layers';
import { drawerOutFor } from '../batch/cook-clock';
import { CHANGE_OVER } from './change-over';
import { fallsApart } from './falls-apart';
import { dripsAndSmokes } from './smoking-drip';
import { SMOKES_FROM } from '../food/oil-kind';
import { outerCoat } from '../plan/outer-ramp';
import { isMixing, type Plan, type PreparationStep } from '../plan/plan';
import type { Preparation } from '../prep/prepare-batch';
import type { Warning } from './warning';

/** Water on the pieces beyond which they spit and steam, g/m². Source: towelled pieces carry 30, drained ones 150–250; assumed between. */
const WET = 100;

/** Oil that drips beyond which it was wasted, g. Source: assumed; below it nobody would see it. */
const WASTED_OIL = 3;

/** Softness at the heart beyond which pieces fall apart in the bowl. Source: assumed. */
const FALLING_APART = 0.97;

/** Share of the time to the pull for which the drawer may be out. Source: assumed; ten percent costs a minute or two of heat. */
const MOST_OPEN = 0.1;

/** Covered share of the floor below which paper lifts. Source: assumed, half. */
const HELD_DOWN = 0.5;

/** Share of formed pieces that may fall apart before it is worth a word. Source: chosen; below it one or two crumble. */
const MAY_FALL_APART = 0.05;

/** Dial from which sugar on the surface burns before the rest is done, K. Source: caramel darkens from 170 °C, honey and paprika sooner; assumed, 180 °C. */
const SUGAR_BURNS = 453.15;

/** Sugar of a coat that burns early, kg/kg. Source: assumed, three times that of crumbs. */
const SWEET_COAT = 0.08;

/** Marinating outside the fridge for longer than this is unsafe, s. Source: food-safety practice, assumed half an hour. */
const MARINADE_OUTSIDE = 1800;

/** Longest that cooked food stands between cold and hot, s. Source: food-safety authorities, two hours. */
const TWO_HOURS = 7200;

/** What the hands of a cook do to a batch that is likely to spoil it, before and at the drawer. @param pulledAt s */
export function findHandlingWarnings(plan: Plan, prepared: Preparation, pulledAt: number): Warning[] {
  const warnings: Warning[] = [];
  const layers = freshLayers(plan);
  const does = (...kinds: readonly PreparationStep['step'][]) =>
    plan.preparation.some(({ step }) => kinds.includes(step));
  const oil = plan.preparation.reduce((sum, step) => (step.step === 'oil' ? sum + step.mass : sum), 0);
  const filmGM2 = prepared.waterFilm * 1000;
  if (filmGM2 > WET) warnings.push({ code: 'wet-pieces', filmGM2 });
  if (oil === 0 && does('dredge', 'starch', 'coat')) warnings.push({ code: 'dry-coat' });
  const hottest = Math.max(...plan.stages.map(({ temperature }) => temperature));
  /* where it drips onto a hot floor it is warned of as smoke */
  if (prepared.oilDripping * 1000 > WASTED_OIL && !dripsAndSmokes(prepared, hottest)) {
    warnings.push({ code: 'too-much-oil', drippingG: prepared.oilDripping * 1000 });
  }
  if (does('parcook') && prepared.coreSoftness > FALLING_APART && prepared.breakage > 0.05 && !does('press-flat')) {
    warnings.push({ code: 'over-boiled', softness: prepared.coreSoftness });
  }
  const openings = plan.events.filter(({ time }) => time < pulledAt);
  const out = openings.reduce((sum, { action }) => sum + drawerOutFor(action), 0);
  if (pulledAt > 0 && out / pulledAt > MOST_OPEN) warnings.push({ code: 'peeking', share: out / pulledAt });
  if (plan.fryer.liner && (plan.preheat !== null || layers < HELD_DOWN)) {
    warnings.push({ code: 'liner-loose', covered: plan.preheat === null ? layers : 0 });
  }
  if (clings(plan) && !openings.some(({ action, time }) => isMixing(action) && time <= MOVED_BY)) {
    warnings.push({ code: 'slices-stick' });
  }
  const falling = fallsApart(plan);
  if (falling > MAY_FALL_APART) warnings.push({ code: 'no-binder', falling });
  for (const step of plan.preparation) {
    if (step.step !== 'oil' || step.mass === 0) continue;
    const { kind = 'refined' } = step;
    if (hottest > SMOKES_FROM[kind]) {
      warnings.push({ code: 'oil-smokes', kind, from: SMOKES_FROM[kind] });
      break;
    }
  }
  const isSweet =
    does('marinate') ||
    (outerCoat(plan)?.sugar ?? 0) > SWEET_COAT ||
    plan.preparation.some((step) => step.step === 'season' && step.saltShare < 0.5);
  if (isSweet && hottest > SUGAR_BURNS) warnings.push({ code: 'sweet-burns', hottest });
  const cooling = plan.preparation.reduce((sum, step) => (step.step === 'cool' ? sum + step.duration : sum), 0);
  const time = cooling + ((plan.loads ?? 1) - 1) * (pulledAt + CHANGE_OVER) + plan.toTable;
  if (time > TWO_HOURS) warnings.push({ code: 'two-hours', time });
  for (const step of plan.preparation) {
    if (step.step === 'marinate' && step.place === 'kitchen' && step.duration > MARINADE_OUTSIDE) {
      warnings.push({ code: 'marinade-warm', minutes: step.duration / 60 });
    }
  }
  return warnings;
}
