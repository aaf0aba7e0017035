import { batchYield } from '../../core/cut/batch-yield';
import { brineAmounts, dredgeAmounts, marinadeAmount } from '../../core/prep/coat-amounts';
import type { Spooned } from '../../core/units/spoons';
import { temperingTime } from '../../core/forecast/tempering-time';
import { kelvinFromCelsius } from '../../core/units/temperature';
import type { Binder } from '../../core/food/binder';
import { COAT_INGREDIENTS, type CoatIngredient } from '../../core/food/coat-by-recipe';
import type { EarlierCookStep } from '../../schemas/plan-steps';
import { MARINADE_OUTSIDE, marinadePlace } from '../../schemas/marinade-place';
import { dipOrder, parcookOrder, WATER_OVER } from './bath-orders';
import { STEP_CAUTIONS } from './cautions';
import { DRESSING_ORDERS } from './dressing-orders';
import {
  halfMinutes,
  inEighths,
  lengthText,
  massText,
  oilText,
  temperatureText,
  type UnitSystem,
  wholeMinutes,
} from './format';
import { ACTION_WORDS, COAT_WORDS, OIL_WORDS, SHAPE_WORDS } from './labels';
import { REST_PLACES } from './rest-places';
import { spoonText } from './spoon-text';
import type { AnyStep } from './step-names';
import type { LoadOf, StepOrder } from './step-order';

/** Water warmer than this scalds, °C. Source: scalds within a second from about 65 °C. */
const SCALDING_C = 60;

/** A step as an order to hands, with its amounts for this load and its caution. */
export function stepOrder(step: AnyStep, load: LoadOf, units: UnitSystem): StepOrder {
  const say = (text: string, amount: string | null = null, caution: string | null = null) => ({
    text,
    amount,
    caution,
  });
  const { surface, count } = batchYield(load.food, load.cut, load.mass);
  const massG = load.mass * 1000;
  switch (step.step) {
    case 'rinse':
      return say(
        step.changes === 1 ? 'Rinse in cold water' : `Rinse in ${step.changes} changes of cold water`,
        null,
        load.food.safeCentreTemperature === null ? null : STEP_CAUTIONS['raw-meat'],
      );
    case 'soak':
      return say(
        `Soak in water of ${temperatureText(step.water_c, units)}`,
        `${massText(WATER_OVER * massG, units)} of water`,
        step.water_c > SCALDING_C ? STEP_CAUTIONS.soak : null,
      );
    case 'parcook':
      return parcookOrder(step, massG, units);
    case 'press':
      return say('Press the water out under a weight', 'in a cloth, 1–2 kg on top');
    case 'freeze-thaw':
      return say('Freeze through, then thaw in the fridge', null, STEP_CAUTIONS.thaw);
    case 'marinate':
      return say(
        marinadePlace(step) === 'fridge' ? 'Marinate, covered, in the fridge' : 'Marinate',
        `${spoonText(marinadeAmount(surface) * 1000, 'liquid', units)} of marinade`,
        step.minutes > MARINADE_OUTSIDE ? STEP_CAUTIONS['marinade-long'] : STEP_CAUTIONS.marinade,
      );
    case 'brine': {
      const { water, salt } = brineAmounts(load.mass);
      return say(
        'Lay in brine, in the fridge',
        `${spoonText(salt * 1000, 'salt', units)} of salt in ${massText(water * 1000, units)} of water`,
      );
    }
    case 'dry':
      return say(DRYING_ORDERS[step.method], null, STEP_CAUTIONS.dry);
    case 'oil': {
      const grams = step.mass_g ?? (step.film_g_m2 ?? 0) * surface;
      return say(
        OILING_ORDERS[step.method ?? 'toss'],
        `${oilText(grams)} of ${step.kind === undefined ? 'oil' : OIL_WORDS[step.kind]}`,
        STEP_CAUTIONS.coat,
      );
    }
    case 'starch':
      return say('Dust with starch, turn until none is loose', `${spoonText(step.mass_g, 'starch', units)} of starch`);
    case 'season':
      return say('Season', seasonAmount(step.mass_g, step.salt_share, units), STEP_CAUTIONS.season);
    case 'bind':
      return say(
        'Work the binder in, then shape',
        `${spoonText(step.mass_g, COAT_SPOONS[step.with], units)} of ${COAT_WORDS[step.with]}`,
        BINDER_CAUTIONS[step.with],
      );
    case 'dredge': {
      const { flour, eggs, crumb } = dredgeAmounts(surface, step.layers);
      return say(
        step.layers === 2 ? 'Flour, egg, crumb, and egg and crumb again' : 'Flour, egg, crumb',
        `${spoonText(flour * 1000, 'flour', units)} of flour, ${inEighths(eggs)} ${eggs > 1 ? 'eggs' : 'egg'}, ${spoonText(crumb * 1000, 'crumbs', units)} of crumbs`,
        STEP_CAUTIONS.dredge,
      );
    }
    case 'coat': {
      const parts = COAT_INGREDIENTS.filter((name) => step[`${name}_g`] > 0).map(
        (name) => `${spoonText(step[`${name}_g`], COAT_SPOONS[name], units)} of ${COAT_WORDS[name]}`,
      );
      return say('Mix the coat, press it on all sides', parts.join('; ') || null, coatCaution(step));
    }
    case 'batter':
      return say('Turn in batter, let it drip', `${massText(step.mass_g, units)} of batter`, STEP_CAUTIONS.batter);
    case 'dip':
      return dipOrder(step, massG, units);
    case 'cool':
      return say('Spread out on a rack to cool', null, STEP_CAUTIONS.cool);
    case 'chill':
      return say('Chill, covered, in the fridge', null, STEP_CAUTIONS.chill);
    case 'freeze':
      return say('Freeze on a tray, apart from one another', null, STEP_CAUTIONS.freeze);
    case 'press-flat':
      return say(
        `Press each flat to ${lengthText(step.thickness_mm, units)}`,
        `${count} pieces, with the base of a glass or a board`,
        STEP_CAUTIONS['press-flat'],
      );
    case 'cut': {
      const thickness = 'thickness_mm' in step.cut ? step.cut.thickness_mm : step.cut.diameter_mm;
      return say(
        `Cut into ${SHAPE_WORDS[step.cut.shape].toLowerCase()}${thickness === undefined ? '' : ` of ${lengthText(thickness, units)}`}`,
        null,
        STEP_CAUTIONS.cut,
      );
    }
    case 'cook':
      return cookOrder(step, units);
    case 'rest':
      return say(
        `Rest ${REST_PLACES[step.place]}`,
        step.salt_g > 0 ? `${spoonText(step.salt_g, 'salt', units)} of salt while hot` : null,
        STEP_CAUTIONS.rest,
      );
    case 'dress':
      return say(
        DRESSING_ORDERS[step.with].text,
        `${spoonText(step.mass_g, DRESSING_ORDERS[step.with].spooned, units)} of ${DRESSING_ORDERS[step.with].word}`,
        DRESSING_ORDERS[step.with].caution,
      );
    case 'refresh':
      return say(
        `Put all back in together, dial at ${temperatureText(step.temperature_c, units)}`,
        null,
        STEP_CAUTIONS.refresh,
      );
    case 'temper':
      return say(
        `Let cool to ${temperatureText(step.to_c, units)} inside`,
        `on a rack, about ${wholeMinutes(temperingTime(load.cut, kelvinFromCelsius(step.to_c)))} min`,
        STEP_CAUTIONS.temper,
      );
    case 'keep':
      return say(
        step.place === 'fridge' ? 'Keep in the fridge, covered' : 'Freeze for another day',
        null,
        STEP_CAUTIONS.keep,
      );
  }
}

/** By which spoon each ingredient of a coat is measured. */
const COAT_SPOONS: Record<CoatIngredient, Spooned> = {
  crumb: 'crumbs',
  flour: 'flour',
  egg: 'liquid',
  aquafaba: 'liquid',
  mustard: 'liquid',
  cheese: 'cheese',
  nuts: 'crumbs',
  seeds: 'crumbs',
  herbs: 'herbs',
  sugar: 'salt',
};

/** Allergens of what binds, and what can stand for it. */
const BINDER_CAUTIONS: Record<Binder, string | null> = {
  egg: 'Contains egg; instead, as much thick aquafaba with a spoon of flour. Cook it through.',
  flour: 'Contains gluten; instead, half as much starch.',
  crumb: 'Contains gluten; instead, ground oats without gluten.',
  aquafaba: null,
};

/** Allergens of a coat, what can stand for egg, and whether it burns early. */
function coatCaution(step: Extract<AnyStep, { step: 'coat' }>): string {
  const allergens = [
    (step.crumb_g > 0 || step.flour_g > 0) && 'gluten',
    step.egg_g > 0 && 'egg',
    step.mustard_g > 0 && 'mustard',
    step.cheese_g > 0 && 'milk',
    step.nuts_g > 0 && 'nuts',
    step.seeds_g > 0 && 'often sesame',
  ].filter((one) => typeof one === 'string');
  const parts = allergens.length > 0 ? [`Contains ${allergens.join(', ')}.`] : [];
  if (step.egg_g > 0) parts.push('Without egg: as much thick aquafaba.');
  if (step.sugar_g > 0) parts.push('Sugar burns early: a lower dial.');
  return parts.join(' ') || 'Press it on well; loose crumbs burn.';
}

const DRYING_ORDERS = {
  drain: 'Drain well',
  towel: 'Pat dry with a towel',
  'towel-twice': 'Pat dry, then again with a fresh towel',
  spinner: 'Spin dry',
  'steam-dry': 'Spread out to steam dry',
  air: 'Spread out to dry in the air',
} as const;

const OILING_ORDERS = {
  toss: 'Turn in oil in a bowl until all shine',
  spray: 'Spray with oil, turning',
  brush: 'Brush with oil',
} as const;

function cookOrder(step: EarlierCookStep, units: UnitSystem): StepOrder {
  const stages = step.stages
    .map(({ minutes, temperature_c }) => `${halfMinutes(minutes * 60)} min at ${temperatureText(temperature_c, units)}`)
    .join(', then ');
  const openings = step.events
    .toSorted((a, b) => a.minute - b.minute)
    .map(({ action, minute }) => `${ACTION_WORDS[action].toLowerCase()} after ${halfMinutes(minute * 60)} min`);
  const until = { stages: '', soft: ', until a finger presses them flat', pale: ', until the first colour' }[
    step.until
  ];
  return {
    text: `Fry ${stages}${until}${openings.length > 0 ? `; ${openings.join(', ')}` : ''}`,
    amount: step.preheat
      ? `preheat ${halfMinutes(step.preheat.minutes * 60)} min at ${temperatureText(step.preheat.temperature_c, units)} first`
      : null,
    caution: STEP_CAUTIONS.cook,
  };
}

function seasonAmount(massG: number, saltShare: number, units: UnitSystem): string {
  const salt = massG * saltShare;
  const parts = [];
  if (salt > 0) parts.push(`${spoonText(salt, 'salt', units)} of salt`);
  if (massG > salt) parts.push(`${spoonText(massG - salt, 'spice', units)} of spice`);
  return parts.join(', ');
}
