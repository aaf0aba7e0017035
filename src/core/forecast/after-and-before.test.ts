import { pieceGeometry } from '../cut/piece-geometry';
import { createPieceState } from '../piece/piece-state';
import { biteOf } from '../piece/crispness-target';
import { COARSE_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { tissueOf } from '../piece/tissue';
import { findFood, listFoods } from '../food/catalogue';
import { chooseOpenings } from '../search/choose-openings';
import { bestByWeights, searchPlans, tradeOffFront } from '../search/search-plans';
import { dustPowder } from '../prep/coat';
import { prepareBatch } from '../prep/prepare-batch';
import { kelvinFromCelsius } from '../units/temperature';
import { planFileSchema, type PlanFileInput } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { acrylamideBand } from './acrylamide';
import { forecastInterval } from './ensemble';
import { forecastPlan } from './forecast';
import { forecastHold } from './hold';

const FILE: PlanFileInput = {
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
const planOf = (change: Partial<PlanFileInput> = {}) => planFromFile(planFileSchema.parse({ ...FILE, ...change }));
const quick = (change: Partial<PlanFileInput> = {}) => forecastPlan(planOf(change), 1, COARSE_RESOLUTION);

function prepared(change: Partial<PlanFileInput>) {
  const plan = planOf(change);
  const state = createPieceState([pieceGeometry(plan.cut)], 21, tissueOf(plan.food), plan.startTemperature);
  return { state, left: prepareBatch(state, plan, 1) };
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
    expect(waved.moisture[10]!).toBeLessThan(waved.tissue.rawMoisture * 0.9);
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
    const water = (prep: PlanFileInput['prep']) => prepared({ food: 'tofu-firm', prep }).state.moisture[10]!;
    const plain = water([]);
    const pressed = water([{ step: 'press', minutes: 30 }]);
    expect(pressed).toBeLessThan(plain * 0.9);
    expect(water([{ step: 'freeze-thaw' }, { step: 'press', minutes: 30 }])).toBeLessThan(pressed * 0.95);
  });

  test('powder and tissue share all the water there was, none is lost', () => {
    const { state } = prepared({ prep: [{ step: 'rinse', changes: 1 }] });
    const raw = state.tissue.rawMoisture;
    const outer = state.tissue.solidsDensity * (state.volume[0]! + state.volume[1]!);
    dustPowder(state, 0.05, false);
    expect(state.film[0]!).toBeCloseTo(0.2 - 0.05, 9);
    expect(state.moisture[0]!).toBeCloseTo((outer * raw + 0.05) / (outer + 0.05), 6);
    expect(state.moisture[1]!).toBeCloseTo(state.moisture[0]!, 9);
    expect(state.moisture[3]!).toBeCloseTo(raw, 9);
  });

  test('starch drinks the film; a second crumb coat is thicker', () => {
    const wet = prepared({ prep: [{ step: 'rinse', changes: 1 }] }).state;
    const dusted = prepared({
      prep: [
        { step: 'rinse', changes: 1 },
        { step: 'starch', mass_g: 12 },
      ],
    }).state;
    expect(dusted.film[0]!).toBeLessThan(wet.film[0]!);
    const dryShare = (layers: 1 | 2) => {
      const { moisture } = prepared({ food: 'mash-formed', prep: [{ step: 'dredge', layers }] }).state;
      return moisture.filter((m) => m < 0.5).length;
    };
    expect(dryShare(2)).toBeGreaterThan(dryShare(1));
  });
});

describe('what follows by itself', () => {
  test('crumbed: colour comes before the inside is hot; a lower dial for thick pieces', () => {
    const fillet = (dial: number): Partial<PlanFileInput> => ({
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
    expect(quick({ fryer: { ...FILE.fryer, liner: true } }).doneTime!).toBeGreaterThan(plain.doneTime!);
    expect(quick({ fryer: { ...FILE.fryer, drawers: 2 } }).doneTime!).toBeGreaterThan(plain.doneTime! + 60);
    const dry = { prep: [{ step: 'dry', method: 'towel' }] } as const;
    const events = [...FILE.cook.events!, { minute: 9, action: 'oil' as const, mass_g: 8 }];
    const never = quick({ prep: [...dry.prep] });
    const midway = quick({ prep: [...dry.prep], cook: { ...FILE.cook, events } });
    const opened = quick({
      prep: [...dry.prep],
      cook: { ...FILE.cook, events: [...FILE.cook.events!, { minute: 9, action: 'oil', mass_g: 0 }] },
    });
    expect(midway.doneTime!).toBeLessThan(opened.doneTime!);
    expect(opened.doneTime!).toBeGreaterThanOrEqual(never.doneTime!);
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

  test('pulled when the window opens, potato sticks lose half their bite covered in minutes, on a rack in tens of minutes, in a warm oven in about an hour and dry on', () => {
    const plan = planOf();
    const { window } = forecastPlan(plan, 1, COARSE_RESOLUTION);
    const hold = (place: Parameters<typeof forecastHold>[3]) => forecastHold(plan, 1, window!.from, place, 5400, 240);
    const [covered, rack, oven] = [hold('covered'), hold('rack'), hold('warm-oven')];
    expect(covered.halfLife!).toBeLessThan(20 * 60);
    expect(rack.halfLife!).toBeGreaterThan(1.5 * covered.halfLife!);
    expect(rack.halfLife!).toBeLessThanOrEqual(60 * 60);
    expect(oven.halfLife!).toBeGreaterThan(30 * 60);
    expect(oven.halfLife!).toBeLessThan(90 * 60);
    expect(oven.dried).toBeGreaterThan(0.5);
    expect(covered.dried).toBeLessThan(0.1);
    expect(covered.refreshed).toBeGreaterThan(covered.kept.at(-1)! + 0.1);
  });

  test.each(['carrot', 'tofu-firm', 'sweet-potato', 'celeriac'] as const)(
    '%s: a cover never keeps the bite longer than a rack, and an oven dries most',
    (food) => {
      const plan = planOf({ food });
      const forecast = forecastPlan(plan, 1, COARSE_RESOLUTION);
      const pulled = forecast.window?.from ?? forecast.peak.time;
      const hold = (place: Parameters<typeof forecastHold>[3]) => forecastHold(plan, 1, pulled, place, 3600, 240);
      const [covered, rack, oven] = [hold('covered'), hold('rack'), hold('warm-oven')];
      expect(covered.halfLife ?? Infinity).toBeLessThanOrEqual(rack.halfLife ?? Infinity);
      expect(oven.dried).toBeGreaterThan(rack.dried + 0.2);
    },
  );

  test('more crust than needed is no more crisp, and a stick that is glass right through eats hard; a chip does not', () => {
    const stick = 5e-3;
    const bites = [0.1e-3, 0.2e-3, 0.4e-3, 1e-3, 2.5e-3].map((depth) => biteOf(depth, 'crisp', stick));
    expect(bites.map((bite) => Number(bite.toFixed(2)))).toEqual([0.25, 0.5, 1, 1, 1]);
    expect(biteOf(4e-3, 'crisp', stick)).toBeCloseTo(0.4, 6);
    expect(biteOf(stick, 'crisp', stick)).toBe(0);
    expect(biteOf(1e-3, 'crisp', 1e-3)).toBe(1);
  });

  test('acrylamide: by colour, sugar and soak, and only where there is starch', () => {
    const kept = (id: string) => ({ food: findFood(id)!, reducingSugar: findFood(id)!.reducingSugar });
    const potato = kept('potato-floury');
    expect(acrylamideBand(potato, 0.8, 1)).toBe('low');
    expect(acrylamideBand(potato, 2.2, 1)).toBe('high');
    expect(acrylamideBand(potato, 1.3, 1)).toBe('watch');
    expect(acrylamideBand(potato, 1.3, 0.4)).toBe('low');
    expect(acrylamideBand(kept('tofu-firm'), 3, 1)).toBeNull();
  });
});

describe('choosing', () => {
  test('a deeper load wants more openings than a sparse one, and none are asked for in vain', () => {
    const sparse = chooseOpenings(planOf({ mass_g: 120 }), 1);
    const deep = chooseOpenings(planOf({ mass_g: 600 }), 1);
    expect(deep.events.length).toBeGreaterThanOrEqual(sparse.events.length);
    expect(deep.events.length).toBeGreaterThan(0);
  });

  test('the search yields at once, its front holds no beaten plan, and weights move the choice along it', () => {
    const first = searchPlans(planOf({ mass_g: 700 }), 1).next();
    expect(first.done).toBe(false);
    const all = [...searchPlans(planOf({ mass_g: 700 }), 1)];
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
    const lazy = bestByWeights(all, { time: 0, evenness: 0, attention: 1 })!;
    const fussy = bestByWeights(all, { time: 0, evenness: 1, attention: 0 })!;
    expect(lazy.score.attention).toBeLessThanOrEqual(fussy.score.attention);
    expect(fussy.score.evenness).toBeGreaterThanOrEqual(lazy.score.evenness);
    expect([...searchPlans(planOf({ mass_g: 700 }), 1)].map((one) => one.score)).toEqual(all.map((one) => one.score));
  });

  test('the interval widens the point, and keeps counting a while beyond the stages', () => {
    const short = planOf({ cook: { stages: [{ minutes: 14, temperature_c: 195 }] } });
    expect(forecastPlan(short, 1, COARSE_RESOLUTION).doneTime).toBeNull();
    const { p10, p50, p90 } = forecastInterval(short, 8, 1);
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
    const record = simulateCook(plan, 1, { ...COARSE_RESOLUTION, pieces: 6 });
    expect(record.repairs).toBe(0);
    expect(record.browning.every(Number.isFinite)).toBe(true);
    expect(record.browning.at(-1)!).toBeGreaterThan(0.3);
  }
});
