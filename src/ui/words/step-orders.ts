import { batchYield } from '../../core/cut/batch-yield';
import { brineAmounts, dredgeAmounts, marinadeAmount } from '../../core/prep/coat-amounts';
import { type Spooned, TEASPOONS_IN_CUP, TEASPOONS_IN_TABLESPOON, teaspoonsOf } from '../../core/units/spoons';
import { temperingTime } from '../../core/forecast/tempering-time';
import { kelvinFromCelsius } from '../../core/units/temperature';
import type { Binder } from '../../core/food/binder';
import { COAT_INGREDIENTS, type CoatIngredient } from '../../core/food/coat-by-recipe';
import type { Plan } from '../../core/plan/plan';
import type { EarlierCookStep } from '../../schemas/plan-steps';
import { MARINADE_OUTSIDE, marinadePlace } from '../../schemas/marinade-place';
import { STEP_CAUTIONS } from './cautions';
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
import type { AnyStep } from './step-names';

/** What to do at a step, how much of what, and what to beware of. */
export interface StepOrder {
  readonly text: string;
  /** grams with spoons or cups beside, for this load; null where nothing is measured */
  readonly amount: string | null;
  readonly caution: string | null;
}

/** What a step needs to know of the load it is done to. */
export type LoadOf = Pick<Plan, 'food' | 'cut' | 'mass'>;

/** Water over the pieces in a pot or bowl, kg per kg. Source: common practice, three to one. */
const WATER_OVER = 3;

/** Salt of a pot of boiling water, kg per kg. Source: common practice, 10 g to the litre. */
const POT_SALT = 0.01;

/** Salt of a salted dip, kg per kg of water. Source: as the engine takes it, 30 g to the litre. */
const DIP_SALT = 0.03;

/** Oil for par-frying, °C. Source: as the engine takes it. */
const PAR_FRY_C = 175;

/** Water warmer than this scalds, °C. Source: scalds within a second from about 65 °C. */
const SCALDING_C = 60;

/** Grams with spoons or cups beside: 8 g (1 tbsp); in a US kitchen 0.3 oz (8 g), 1 tbsp. */
export function spoonText(massG: number, what: Spooned, units: UnitSystem): string {
  const spoons = teaspoonsOf(what, massG / 1000);
  const inSpoons =
    spoons >= TEASPOONS_IN_CUP / 3
      ? `${inEighths(spoons / TEASPOONS_IN_CUP)} cup`
      : Math.round(spoons * 8) / 8 >= TEASPOONS_IN_TABLESPOON
        ? `${inEighths(spoons / TEASPOONS_IN_TABLESPOON)} tbsp`
        : `${inEighths(spoons)} tsp`;
  return units === 'us' ? `${massText(massG, units)}, ${inSpoons}` : `${massText(massG, units)} (${inSpoons})`;
}

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
        `${spoonText(flour * 1000, 'flour', units)} of flour, ${inEighths(eggs)} eggs, ${spoonText(crumb * 1000, 'crumbs', units)} of crumbs`,
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

export const REST_PLACES = {
  rack: 'on a rack',
  heap: 'in a heap',
  covered: 'covered',
  'warm-oven': 'in the warm oven',
} as const;

/** How each dressing goes on, by which spoon it is measured, and what to beware of. */
export const DRESSING_ORDERS = {
  salt: { word: 'salt', text: 'Salt while hot', spooned: 'salt', caution: null },
  spice: { word: 'spice', text: 'Toss in spice', spooned: 'spice', caution: null },
  vinegar: { word: 'vinegar', text: 'Sprinkle with vinegar just before eating', spooned: 'liquid', caution: null },
  syrup: {
    word: 'syrup',
    text: 'Turn in syrup',
    spooned: 'syrup',
    caution: 'Hot syrup sticks and burns; no honey for children under one year.',
  },
  'herb-oil': {
    word: 'herb oil',
    text: 'Turn in herb oil',
    spooned: 'liquid',
    caution: 'Garlic or herbs in oil are kept in the fridge and used within four days, or made fresh.',
  },
  cheese: { word: 'cheese', text: 'Grate cheese over', spooned: 'cheese', caution: 'Contains milk.' },
  herbs: { word: 'chopped herbs', text: 'Strew with herbs', spooned: 'herbs', caution: null },
  marinade: {
    word: 'fresh marinade',
    text: 'Turn in fresh marinade',
    spooned: 'liquid',
    caution: 'Never marinade that raw fish or meat lay in.',
  },
} as const satisfies Record<
  Extract<AnyStep, { step: 'dress' }>['with'],
  { word: string; text: string; spooned: Spooned; caution: string | null }
>;

function parcookOrder(step: Extract<AnyStep, { step: 'parcook' }>, massG: number, units: UnitSystem): StepOrder {
  const water = `${massText(WATER_OVER * massG, units)} of water`;
  switch (step.method) {
    case 'boil':
      return {
        text: 'Boil, then drain',
        amount: `${water}, ${spoonText(WATER_OVER * massG * POT_SALT, 'salt', units)} of salt`,
        caution: STEP_CAUTIONS.boil,
      };
    case 'steam':
      return { text: 'Steam, lid on', amount: null, caution: STEP_CAUTIONS.steam };
    case 'microwave':
      return { text: 'Microwave in a covered dish', amount: null, caution: STEP_CAUTIONS.microwave };
    case 'pressure':
      return { text: 'Pressure-cook over water', amount: null, caution: STEP_CAUTIONS.pressure };
    case 'par-fry':
      return {
        text: `Fry in oil of ${temperatureText(PAR_FRY_C, units)}, lift out, drain`,
        amount: null,
        caution: STEP_CAUTIONS['deep-oil'],
      };
    case 'hot-soak':
      return {
        text: `Keep in water of ${temperatureText(step.water_c, units)}`,
        amount: water,
        caution: STEP_CAUTIONS.soak,
      };
  }
}

function dipOrder(step: Extract<AnyStep, { step: 'dip' }>, massG: number, units: UnitSystem): StepOrder {
  const water = massG * WATER_OVER;
  const order = { text: `Dip ${Math.round(step.seconds)} s, lift out, let drip`, caution: STEP_CAUTIONS.dip };
  switch (step.bath) {
    case 'water':
      return { ...order, amount: `${massText(water, units)} of water` };
    case 'salted':
      return {
        ...order,
        amount: `${massText(water, units)} of water, ${spoonText(water * DIP_SALT, 'salt', units)} of salt`,
      };
    case 'acid':
      return {
        ...order,
        amount: `${massText(water, units)} of water, ${spoonText(water / 50, 'liquid', units)} of vinegar`,
      };
    case 'garlic':
      return {
        ...order,
        amount: `${massText(water, units)} of water, 2 cloves of garlic crushed`,
        caution: 'Bits of garlic left on the pieces burn and turn bitter; use the water the same day.',
      };
  }
}

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
