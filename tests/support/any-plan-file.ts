import fc from 'fast-check';
import { listFoods } from '../../src/core/food/catalogue';
import type { FirstPlanFile, SecondPlanFile } from '../../src/schemas/plan-file';

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const int = (min: number, max: number) => fc.integer({ min, max });
const food = fc.constantFrom(...listFoods().map(({ id }) => id));

const cut: fc.Arbitrary<FirstPlanFile['cut']> = fc.oneof(
  fc.record({ shape: fc.constant('stick' as const), thickness_mm: num(4, 25), length_mm: num(20, 120) }),
  fc.record({ shape: fc.constant('slice' as const), thickness_mm: num(1, 12), diameter_mm: num(20, 90) }),
  fc.record({ shape: fc.constant('cube' as const), thickness_mm: num(8, 35) }),
  fc.record({ shape: fc.constant('wedge' as const), thickness_mm: num(12, 40), length_mm: num(40, 120) }),
  fc.record({ shape: fc.constant('floret' as const), diameter_mm: num(15, 60) }),
  fc.record({ shape: fc.constant('cylinder' as const), diameter_mm: num(5, 30), length_mm: num(20, 120) }),
  fc.record({ shape: fc.constant('disc' as const), thickness_mm: num(4, 20), diameter_mm: num(30, 90) }),
  fc.record({ shape: fc.constant('sheet' as const), thickness_mm: num(0.3, 1.5) }),
  fc.record({ shape: fc.constant('formed' as const), diameter_mm: num(15, 45) }),
);
const prepStep: fc.Arbitrary<NonNullable<FirstPlanFile['prep']>[number]> = fc.oneof(
  fc.record({ step: fc.constant('rinse' as const), changes: int(1, 3) }),
  fc.record({ step: fc.constant('soak' as const), water_c: int(5, 95), minutes: int(5, 60) }),
  fc.record({
    step: fc.constant('parcook' as const),
    method: fc.constantFrom('boil' as const, 'steam' as const, 'microwave' as const, 'hot-soak' as const),
    minutes: int(1, 8),
  }),
  fc.record({
    step: fc.constant('dry' as const),
    method: fc.constantFrom('drain' as const, 'towel' as const, 'steam-dry' as const),
  }),
  fc.record({ step: fc.constant('oil' as const), film_g_m2: int(0, 200) }),
  fc.record({ step: fc.constant('starch' as const), mass_g: int(1, 30) }),
  fc.record({ step: fc.constant('dredge' as const) }),
  fc.record({ step: fc.constant('batter' as const), mass_g: int(20, 120) }),
  fc.record({ step: fc.constant('season' as const), mass_g: int(1, 20) }),
);
/** Any valid plan file: every shape, many preparations, odd fryers and events. */
export const anyPlanFile: fc.Arbitrary<FirstPlanFile> = fc.record({
  format: fc.constant('drubek.plan' as const),
  version: fc.constant(1 as const),
  food,
  cut,
  mass_g: int(50, 1500),
  start_temperature_c: int(0, 40),
  prep: fc.array(prepStep, { maxLength: 5 }),
  fryer: fc.record({ power_w: int(700, 2500), basket_cm2: int(250, 900), liner: fc.boolean() }),
  cook: fc.record({
    stages: fc.array(fc.record({ minutes: int(4, 20), temperature_c: int(90, 240) }), { minLength: 1, maxLength: 3 }),
    events: fc.array(
      fc.oneof(
        {
          weight: 6,
          arbitrary: fc.record({
            minute: int(0, 30),
            action: fc.constantFrom('shake' as const, 'toss' as const, 'flip' as const, 'pull' as const),
          }),
        },
        {
          weight: 1,
          arbitrary: fc.oneof(
            fc.record({ minute: int(0, 30), action: fc.constant('oil' as const), mass_g: int(1, 30) }),
            fc.record({ minute: int(0, 30), action: fc.constant('season' as const), mass_g: int(1, 10) }),
            fc.record({
              minute: int(0, 30),
              action: fc.constant('pull' as const),
              which: fc.constantFrom('right' as const, 'darkest' as const, 'palest' as const),
            }),
          ),
        },
        {
          weight: 1,
          arbitrary: fc.record({
            minute: int(0, 30),
            action: fc.constant('add' as const),
            part: fc.record({ food, cut, mass_g: int(50, 600), prep: fc.array(prepStep, { maxLength: 3 }) }),
          }),
        },
      ),
      { maxLength: 6 },
    ),
  }),
});

const laterStep = fc.oneof(
  fc.record({
    step: fc.constant('dip' as const),
    bath: fc.constantFrom('water' as const, 'salted' as const, 'acid' as const, 'garlic' as const),
    seconds: int(5, 60),
  }),
  fc.record({
    step: fc.constant('bind' as const),
    with: fc.constantFrom('egg' as const, 'flour' as const, 'crumb' as const, 'aquafaba' as const),
    mass_g: int(5, 80),
  }),
  fc.record({ step: fc.constant('cool' as const), minutes: int(5, 40) }),
  fc.record({ step: fc.constant('chill' as const), hours: num(0.5, 6) }),
  fc.record({ step: fc.constant('freeze' as const), hours: num(1, 6) }),
  fc.record({ step: fc.constant('press-flat' as const), thickness_mm: num(3, 15) }),
  fc.record({
    step: fc.constant('cut' as const),
    cut: fc.record({ shape: fc.constant('stick' as const), thickness_mm: num(6, 15), length_mm: num(30, 80) }),
  }),
  fc.record({
    step: fc.constant('cook' as const),
    stages: fc.array(fc.record({ minutes: int(3, 8), temperature_c: int(120, 200) }), { minLength: 1, maxLength: 2 }),
    events: fc.array(fc.record({ minute: int(1, 8), action: fc.constantFrom('shake' as const, 'pull' as const) }), {
      maxLength: 1,
    }),
    until: fc.constantFrom('stages' as const, 'soft' as const, 'pale' as const),
  }),
);

/** Any valid job of version 2: several cooks, with what is done between them and after. */
export const anyJobFile: fc.Arbitrary<SecondPlanFile> = fc.record({
  format: fc.constant('drubek.plan' as const),
  version: fc.constant(2 as const),
  food,
  cut,
  mass_g: int(50, 900),
  start_temperature_c: int(-18, 25),
  fryer: fc.record({ power_w: int(900, 2000), basket_cm2: int(300, 700), racks: int(1, 3) }),
  loads: fc.constantFrom(
    { count: 1 },
    { count: 2, sizes: [3, 2] },
    { count: 3, serve: 'together' as const, coat: 'each-load' as const },
  ),
  steps: fc
    .tuple(
      fc.array(fc.oneof(prepStep, laterStep), { maxLength: 5 }),
      fc.record({
        step: fc.constant('cook' as const),
        stages: fc.array(fc.record({ minutes: int(4, 15), temperature_c: int(120, 220) }), {
          minLength: 1,
          maxLength: 2,
        }),
        events: fc.array(
          fc.record({ minute: int(1, 12), action: fc.constantFrom('shake' as const, 'swap' as const) }),
          {
            maxLength: 2,
          },
        ),
      }),
      fc.array(
        fc.oneof(
          fc.record({ step: fc.constant('rest' as const), minutes: int(0, 20) }),
          fc.record({
            step: fc.constant('dress' as const),
            with: fc.constantFrom('spice' as const, 'vinegar' as const, 'cheese' as const),
            mass_g: int(1, 40),
          }),
          fc.record({ step: fc.constant('refresh' as const), minutes: int(2, 6) }),
          fc.record({ step: fc.constant('temper' as const), to_c: int(35, 85) }),
          fc.record({ step: fc.constant('keep' as const), hours: int(2, 48) }),
        ),
        { maxLength: 3 },
      ),
    )
    .map(([before, cook, after]) => [...before, cook, ...after]),
});
