import { STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { listFoods } from '../food/catalogue';
import { chooseOpenings } from '../search/choose-openings';
import { forecastLoads } from './forecast-loads';
import { equalLoads } from '../plan/load-share';
import { searchPlans } from '../search/search-plans';
import { bestByWeights, tradeOffFront } from '../search/trade-off';
import { preparedPiece } from '../prep/just-holds';
import { biteOf } from '../piece/bite';
import { kelvinFromCelsius } from '../units/temperature';
import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { acrylamideBand, acrylamideIndex } from './acrylamide';
import { forecastInterval } from './interval';
import { forecastPlan } from './forecast';
import { forecastHold } from './hold';

const FILE: FirstPlanFile = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 350,
  prep: [
    { step: 'dry', method: 'towel' },
    { step: 'oil', film_g_m2: 40 },
  ],
  fryer: { preheat: { minutes: 4, temperature_c: 195 } },
  cook: {
    stages: [{ minutes: 40, temperature_c: 195 }],
    events: [7, 12, 17].map((minute) => ({ minute, action: 'shake' })),
  },
};
const planOf = (change: Partial<FirstPlanFile> = {}) => planFromFile(planFileSchema.parse({ ...FILE, ...change }));
const quick = (change: Partial<FirstPlanFile> = {}) => forecastPlan(planOf(change), 1, STANDARD_RESOLUTION);

function prepared(change: Partial<FirstPlanFile>) {
  const { state, prepared: left } = preparedPiece(planOf(change), 21);
  return { state, left };
}

describe('preparation', () => {
  test('boiling softens and warms, more the longer it goes, and takes sugar', () => {
    const boiled = (minutes: number) => prepared({ prep: [{ step: 'parcook', method: 'boil', minutes }] });
    const [short, long] = [boiled(2), boiled(8)];
    expect(long.state.temperature[10]!).toBeGreaterThan(short.state.temperature[10]!);
    expect(long.state.temperature[10]!).toBeLessThan(373.2);
    expect(long.state.softening[10]!).toBeGreaterThan(short.state.softening[10]! + 60);
    expect(long.left.sugarLeft).toBeLessThan(short.left.sugarLeft);
  });

  test('a microwave heats heart and skin alike and boils water off; a pressure cooker passes 100 °C', () => {
    const waved = prepared({ prep: [{ step: 'parcook', method: 'microwave', minutes: 6 }] }).state;
    expect(waved.temperature[10]! - waved.temperature[0]!).toBeCloseTo(0, 6);
    expect(waved.moisture[10]!).toBeLessThan(waved.tissue.fullMoisture * 0.9);
    const pressed = prepared({ prep: [{ step: 'parcook', method: 'pressure', minutes: 6 }] }).state;
    expect(pressed.temperature[10]!).toBeGreaterThan(kelvinFromCelsius(105));
  });

  test('hot pieces steam dry by their own heat, and cool', () => {
    const wet = prepared({ prep: [{ step: 'parcook', method: 'boil', minutes: 6 }] }).state;
    const dried = prepared({
      prep: [
        { step: 'parcook', method: 'boil', minutes: 6 },
        { step: 'dry', method: 'steam-dry', minutes: 5 },
      ],
    }).state;
    expect(dried.film[0]!).toBeLessThan(wet.film[0]! / 2);
    expect(dried.temperature[10]!).toBeLessThan(wet.temperature[10]! - 20);
  });

  test('pressed tofu holds less water, frozen and thawed still less', () => {
    const water = (prep: FirstPlanFile['prep']) => prepared({ food: 'tofu-firm', prep }).state.moisture[10]!;
    const plain = water([]);
    const pressed = water([{ step: 'press', minutes: 30 }]);
    expect(pressed).toBeLessThan(plain * 0.9);
    expect(water([{ step: 'freeze-thaw' }, { step: 'press', minutes: 30 }])).toBeLessThan(pressed * 0.95);
  });

  test('starch drinks the film and adds its solids; a second crumb coat is thicker, and the vegetable keeps its water', () => {
    const wet = prepared({ prep: [{ step: 'rinse', changes: 1 }] }).state;
    const dusted = prepared({
      prep: [
        { step: 'rinse', changes: 1 },
        { step: 'starch', mass_g: 12 },
      ],
    }).state;
    expect(dusted.film[0]!).toBeLessThan(wet.film[0]!);
    expect(dusted.solids[0]!).toBeGreaterThan(wet.solids[0]!);
    const coated = (layers: 1 | 2) => prepared({ food: 'courgette', prep: [{ step: 'dredge', layers }] }).state;
    expect(coated(2).coatThickness).toBeCloseTo(coated(1).coatThickness * (5 / 3), 9);
    const raw = prepared({ food: 'courgette', prep: [] }).state;
    const middle = (state: typeof raw) => state.moisture[(state.cells - 1) / 2]!;
    expect(middle(coated(1))).toBeCloseTo(middle(raw), 9);
  });
});

describe('what follows by itself', () => {
  test('crumbed: colour comes before the inside is hot; a lower dial for thick pieces', () => {
    const fillet = (dial: number): Partial<FirstPlanFile> => ({
      food: 'chicken-breast-crumbed',
      cut: { shape: 'stick', thickness_mm: 28, width_mm: 60, length_mm: 110 },
      mass_g: 400,
      start_temperature_c: 4,
      prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }],
      cook: { stages: [{ minutes: 40, temperature_c: dial }], events: [{ minute: 8, action: 'flip' }] },
    });
    const hot = quick(fillet(205));
    const gentle = quick(fillet(160));
    const browningAtSafe = ({ record }: typeof hot) => {
      for (let s = 0; s < record.samples; s++) {
        if (record.centreTemperature[s]! >= kelvinFromCelsius(74)) return record.browning[2 * s * record.pieces]!;
      }
      return Infinity;
    };
    expect(browningAtSafe(hot)).toBeGreaterThan(1.5 * browningAtSafe(gentle));
  });

  test('oil given at the drawer counts into the oil of the batch', () => {
    const again = quick({ cook: { ...FILE.cook, events: [{ minute: 9, action: 'oil', mass_g: 6 }] } });
    expect(again.oil.used - quick().oil.used).toBeCloseTo(0.006, 9);
  });

  test('a liner slows, a shared heater slows, oil midway helps late', () => {
    const plain = quick();
    expect(quick({ fryer: { ...FILE.fryer, liner: true } }).pull.time).toBeGreaterThan(plain.pull.time);
    expect(quick({ fryer: { ...FILE.fryer, drawers: 2 } }).pull.time).toBeGreaterThan(plain.pull.time + 60);
    const dry = { prep: [{ step: 'dry', method: 'towel' }] } as const;
    const events = [...FILE.cook.events!, { minute: 9, action: 'oil' as const, mass_g: 8 }];
    const never = quick({ prep: [...dry.prep] });
    const midway = quick({ prep: [...dry.prep], cook: { ...FILE.cook, events } });
    const opened = quick({
      prep: [...dry.prep],
      cook: { ...FILE.cook, events: [...FILE.cook.events!, { minute: 9, action: 'oil', mass_g: 0 }] },
    });
    expect(midway.pull.time).toBeLessThan(opened.pull.time);
    expect(opened.pull.time).toBeGreaterThanOrEqual(never.pull.time - 5);
  });

  test('meat is under until its centre was safe, whatever its colour, and stays cooked while it rests', () => {
    const fillet = (minutes: number, pull: boolean) =>
      quick({
        food: 'chicken-breast-crumbed',
        cut: { shape: 'stick', thickness_mm: 15, width_mm: 50, length_mm: 100 },
        prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }],
        cook: {
          stages: [{ minutes, temperature_c: 200 }],
          events: pull ? [{ minute: 11, action: 'pull' }] : [],
        },
      });
    const { record } = fillet(20, false);
    for (let s = 0; s < record.samples; s++) {
      const cool = record.centreTemperature[s]! < kelvinFromCelsius(60);
      if (cool) expect(Math.max(...record.softness.slice(s * record.pieces, (s + 1) * record.pieces))).toBe(0);
    }
    const rested = fillet(60, true).record;
    const softAt = (minute: number) => {
      const s = Math.round((minute * 60) / rested.interval);
      return rested.softness.slice(s * rested.pieces, (s + 1) * rested.pieces).filter((soft) => soft === 1).length;
    };
    expect(softAt(11)).toBeGreaterThan(0);
    expect(softAt(60)).toBeGreaterThanOrEqual(softAt(11));
  });

  test('pulled pieces brown no further, the rest goes on', () => {
    const pulled = quick({ cook: { ...FILE.cook, events: [...FILE.cook.events!, { minute: 20, action: 'pull' }] } });
    const left = quick();
    const burnt = (f: typeof left) => f.track.shares[4 * (f.track.samples - 1) + 3]!;
    expect(burnt(left)).toBeGreaterThan(0.9);
    expect(burnt(pulled)).toBeLessThan(0.8);
  });

  const HALF_LIVES = { covered: [3, 5], heap: [6, 10], rack: [10, 16], 'warm-oven': [25, 40] } as const;

  test('ordinary potato sticks lose half their bite in 3–5 min covered, 6–10 in a heap, 10–16 on a rack, 25–40 in an oven, never rising again', () => {
    const plan = planOf({ mass_g: 400 });
    const { pull } = forecastPlan(plan);
    const holds = (['covered', 'heap', 'rack', 'warm-oven'] as const).map((place) => {
      const held = forecastHold(plan, 1, pull.time, place, 3600, 240);
      held.kept.slice(1).forEach((kept, i) => expect(kept).toBeLessThanOrEqual(held.kept[i]! + 0.02));
      const [least, most] = HALF_LIVES[place];
      expect(held.halfLife! / 60).toBeGreaterThanOrEqual(least);
      expect(held.halfLife! / 60).toBeLessThanOrEqual(most);
      return held;
    });
    const [covered, , rack, oven] = holds;
    expect(oven!.dried).toBeGreaterThan(0.5);
    expect(covered!.dried).toBeLessThan(0.12);
    expect(rack!.refreshed).toBeGreaterThan(rack!.kept.at(-1)! + 0.1);
  });

  test.each(['carrot', 'tofu-firm', 'sweet-potato', 'potato-waxy'] as const)(
    '%s: covered, heap, rack and oven keep the bite in this order, and an oven dries most',
    (food) => {
      const plan = planOf({ food });
      const { pull } = forecastPlan(plan);
      const holds = (['covered', 'heap', 'rack', 'warm-oven'] as const).map((place) =>
        forecastHold(plan, 1, pull.time, place, 3600, 240),
      );
      const halves = holds.map(({ halfLife }) => halfLife ?? Infinity);
      expect([...halves].sort((a, b) => a - b)).toEqual(halves);
      expect(holds[3]!.dried).toBeGreaterThan(holds[2]!.dried + 0.2);
    },
  );

  test('more crust than needed is no more crisp, and a stick whose heart has dried out eats hard; a chip does not', () => {
    const stick = (dryCells: number, heart: number) => {
      const { state } = prepared({ prep: [] });
      state.moisture.fill(heart);
      for (let i = 0; i < dryCells; i++) {
        state.moisture[i] = 0.02;
        state.moisture[state.cells - 1 - i] = 0.02;
      }
      return biteOf(state, 0, 'crisp');
    };
    expect(stick(0, 2)).toBeLessThan(0.05);
    expect(stick(5, 2)).toBeGreaterThan(0.9);
    expect(stick(6, 2)).toBeCloseTo(stick(5, 2), 1);
    expect(stick(5, 0.4)).toBeLessThan(0.6 * stick(5, 2));
    const { state } = preparedPiece(planOf({ cut: { shape: 'slice', thickness_mm: 2 }, prep: [] }), 21);
    state.moisture.fill(0.02);
    expect(biteOf(state, 0, 'crisp')).toBe(1);
  });

  test('acrylamide: by colour, sugar, asparagine and soak; beet, carrot and parsnip crisps and coats count, cheese does not', () => {
    const skin = (change: Partial<FirstPlanFile>) => prepared(change).left;
    const potato = skin({});
    expect(acrylamideBand(potato, 0.8)).toBe('low');
    expect(acrylamideBand(potato, 1.3)).toBe('watch');
    expect(acrylamideBand(potato, 2.2)).toBe('high');
    const index = (change: Partial<FirstPlanFile>) => acrylamideIndex(skin(change), 1);
    const dry = FILE.prep!;
    expect(index({ storage: 'cold' })).toBeGreaterThan(1.5 * index({}));
    expect(index({ prep: [{ step: 'soak', water_c: 70, minutes: 20 }, ...dry] })).toBeLessThan(0.9 * index({}));
    expect(index({ prep: [{ step: 'soak', water_c: 15, minutes: 40 }, ...dry] })).toBeLessThan(0.95 * index({}));
    for (const food of ['beetroot', 'carrot', 'parsnip'] as const)
      expect(acrylamideBand(skin({ food }), 1)).not.toBeNull();
    expect(acrylamideBand(skin({ food: 'halloumi', prep: [{ step: 'dredge' }] }), 1)).not.toBeNull();
    expect(acrylamideBand(skin({ food: 'halloumi' }), 3)).toBeNull();
  });
});

describe('choosing', () => {
  test('a deeper load wants more openings than a sparse one, and none are asked for in vain', () => {
    const sparse = chooseOpenings(planOf({ mass_g: 120 }), 1);
    const deep = chooseOpenings(planOf({ mass_g: 600 }), 1);
    expect(deep.length).toBeGreaterThanOrEqual(sparse.length);
    expect(deep.length).toBeGreaterThan(0);
  });

  test('the search yields at once, its front holds no beaten plan, and weights move the choice along it', () => {
    const first = searchPlans(planOf({ mass_g: 700 }), 1).next();
    expect(first.value).toMatchObject({ tried: 1, found: { asItStands: true } });
    const steps = [...searchPlans(planOf({ mass_g: 700 }), 1)];
    const all = steps.flatMap(({ found }) => found ?? []);
    const front = tradeOffFront(all);
    expect(front.length).toBeGreaterThan(1);
    for (const one of front) {
      for (const other of all) {
        const beaten =
          other.score.time < one.score.time &&
          other.score.evenness > one.score.evenness &&
          other.score.attention < one.score.attention;
        expect(beaten).toBe(false);
      }
    }
    expect(all[0]!.asItStands).toBe(true);
    expect(steps.at(-1)!.tried).toBeGreaterThanOrEqual(300);
    /* what is shown is cooked as the bench would */
    for (const { plan, batches, score } of all.slice(1, 4)) {
      const { time, evenness } = forecastLoads(plan, equalLoads(batches), 1);
      expect(score).toMatchObject({ time: time + (plan.preheat?.duration ?? 0), evenness });
    }
    const lazy = bestByWeights(all, { time: 0, evenness: 0, attention: 1 })!;
    const fussy = bestByWeights(all, { time: 0, evenness: 1, attention: 0 })!;
    expect(lazy.score.attention).toBeLessThanOrEqual(fussy.score.attention);
    expect(fussy.score.evenness).toBeGreaterThanOrEqual(lazy.score.evenness);
    expect([...searchPlans(planOf({ mass_g: 700 }), 1)]).toEqual(steps);
  });

  test('the interval widens the point, and keeps counting a while beyond the stages', () => {
    const short = planOf({ cook: { stages: [{ minutes: 14, temperature_c: 195 }] } });
    expect(forecastPlan(short).inTime).toBe(false);
    const { p10, p50, p90 } = forecastInterval(short, 1);
    expect(p50!).toBeGreaterThan(14 * 60);
    expect(p90! - p10!).toBeGreaterThan(120);
  });
});

test('every food of the catalogue is physical and cooks to an end', () => {
  const foods = listFoods();
  expect(foods.length).toBeGreaterThanOrEqual(39);
  expect(new Set(foods.map((food) => food.id)).size).toBe(foods.length);
  for (const food of foods) {
    expect(Object.values(food.composition).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(food.ramp[0]!.lab[0]).toBeGreaterThan(food.ramp[5]!.lab[0]);
    const plan = planOf({ food: food.id, cut: { shape: 'cube', thickness_mm: 14 }, mass_g: 250 });
    const record = simulateCook(plan, 1, { ...STANDARD_RESOLUTION, pieces: 6 });
    expect(record.repairs).toBe(0);
    expect(record.browning.every(Number.isFinite)).toBe(true);
    expect(record.browning.at(-1)!).toBeGreaterThan(0.3);
  }
});
