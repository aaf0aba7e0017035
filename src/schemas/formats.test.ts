import fc from 'fast-check';
import { strToU8, zlibSync } from 'fflate';
import { anyPlanFile } from '../../tests/support/any-plan-file';
import { stageEnd, withDialTurn, withMixing, withOpeningAt, withOpenings, withStageEdge } from '../editing/edit-cook';
import { withLoad } from '../editing/amounts';
import { starchOrder, withStarch } from '../editing/edit-plan';
import { FIRST_PLAN } from './first-plan';
import { planFileSchema, type PlanFile } from './plan-file';
import { LONGEST_LINK, packPlan, unpackPlan } from './plan-link';
import { writePlanFile } from './write-plan';
import { planFromRecipe, recipeFromPlan } from '../editing/recipe';
import { FIRST_FILE } from '../../tests/support/first-file';

const base64url = (bytes: Uint8Array) =>
  btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');

describe('the link', () => {
  test('any plan goes into a link and comes out the same, or is refused as too long', () => {
    fc.assert(
      fc.property(anyPlanFile, (input) => {
        const document = planFileSchema.parse(input);
        const packed = packPlan(document);
        if (packed === null) return;
        expect(packed).toMatch(/^[\w-]+$/);
        expect(unpackPlan(packed)).toEqual({ document });
      }),
      { numRuns: 60 },
    );
  });

  test('an ordinary plan fits easily', () => {
    expect(packPlan(FIRST_PLAN)!.length).toBeLessThan(900);
  });

  test.each([
    ['rubbish', 'hello world', 'not-a-link'],
    ['a cut link', packPlan(FIRST_PLAN)!.slice(0, 80), 'not-a-link'],
    ['an endless one', 'A'.repeat(LONGEST_LINK + 1), 'too-long'],
    ['a bomb of zeros', base64url(zlibSync(new Uint8Array(2_000_000), { level: 9 })), 'not-a-link'],
    ['another kind of thing', base64url(zlibSync(strToU8('{"format":"other"}'))), 'not-a-plan'],
    [
      'a plan beyond limits',
      base64url(zlibSync(strToU8(JSON.stringify({ ...FIRST_FILE, mass_g: 1e9 })))),
      'not-a-plan',
    ],
  ])('a hostile link is answered with what is wrong: %s', (_, text, code) => {
    const unpacked = unpackPlan(text);
    expect('fault' in unpacked && unpacked.fault.code).toBe(code);
  });

  test('whatever stands behind the #, it never throws', () => {
    fc.assert(fc.property(fc.string({ maxLength: 300 }), (text) => void unpackPlan(text)));
  });
});

describe('the recipe', () => {
  test('what Drubek writes it reads back whole', () => {
    const recipe = recipeFromPlan(FIRST_PLAN, ['Cut.', 'Cook.'], 34, 19.5);
    expect(recipe).toMatchObject({ '@type': 'Recipe', prepTime: 'PT34M', cookTime: 'PT20M' });
    expect(recipe.recipeIngredient).toEqual(['500 g floury potato, cut', '10 g oil']);
    expect(planFromRecipe(JSON.parse(JSON.stringify(recipe)))?.document).toEqual(FIRST_PLAN);
  });

  test('a stranger’s recipe is read as far as it goes, and what is not found is said', () => {
    const reading = planFromRecipe({
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': ['Recipe'],
          name: 'Sweet potato fries',
          recipeIngredient: ['1 lb sweet potatoes', '1 1/2 tbsp olive oil', 'salt'],
          recipeInstructions: [
            { '@type': 'HowToStep', text: 'Cut into 1/2 inch sticks and soak for 20 minutes.' },
            { '@type': 'HowToStep', text: 'Pat dry, toss with oil.' },
            { '@type': 'HowToStep', text: 'Cook at 380 F for 18 to 22 minutes, shaking twice.' },
          ],
        },
      ],
    })!;
    expect(reading.document).toMatchObject({ name: 'Sweet potato fries', food: 'sweet-potato', mass_g: 454 });
    expect(reading.document.cut).toMatchObject({ shape: 'stick', thickness_mm: 12.7 });
    expect(reading.document.cook.stages[0]!.temperature_c).toBe(193);
    expect(reading.document.prep.map((step) => step.step)).toEqual(['soak', 'dry', 'oil']);
    expect(reading.assumed).toEqual([]);
  });

  test('what is no recipe is none; an empty one is all assumed but still a plan', () => {
    expect(planFromRecipe({ '@type': 'Event' })).toBeNull();
    expect(planFromRecipe(null)).toBeNull();
    const empty = planFromRecipe({ '@type': 'Recipe', name: '' })!;
    expect(empty.understood).toEqual([]);
    expect(empty.assumed).toContain('food');
    expect(planFileSchema.safeParse(writePlanFile(empty.document)).success).toBe(true);
  });

  test('whatever JSON comes, it is a valid plan or none', () => {
    fc.assert(
      fc.property(
        fc.record({
          '@type': fc.constant('Recipe'),
          name: fc.jsonValue(),
          recipeIngredient: fc.jsonValue(),
          recipeInstructions: fc.jsonValue(),
        }),
        (value) => {
          const reading = planFromRecipe(value);
          if (reading) expect(planFileSchema.safeParse(writePlanFile(reading.document)).success).toBe(true);
        },
      ),
    );
  });
});

describe('editing the cook', () => {
  test('a dial turned on the way splits its stage, and later stages are turned by as much', () => {
    const stages = [
      { minutes: 8, temperature_c: 160 },
      { minutes: 20, temperature_c: 200 },
    ];
    expect(withDialTurn(stages, 5, 145)).toEqual([
      { minutes: 5, temperature_c: 160 },
      { minutes: 3, temperature_c: 145 },
      { minutes: 20, temperature_c: 185 },
    ]);
    expect(withDialTurn(stages, 12, 215)).toEqual([
      { minutes: 8, temperature_c: 160 },
      { minutes: 4, temperature_c: 200 },
      { minutes: 16, temperature_c: 215 },
    ]);
    expect(withDialTurn(stages, 99, 215)).toEqual(stages);
  });

  const two: PlanFile = {
    ...FIRST_PLAN,
    cook: {
      stages: [
        { minutes: 8, temperature_c: 160 },
        { minutes: 20, temperature_c: 200 },
      ],
      events: [
        { minute: 6, action: 'shake' },
        { minute: 10, action: 'oil', mass_g: 4 },
      ],
    },
  };

  test('a dragged stage edge gives to one what it takes from the other', () => {
    const moved = withStageEdge(two, 0, 11.3);
    expect(moved.cook.stages.map((stage) => stage.minutes)).toEqual([11.5, 16.5]);
    expect(stageEnd(moved, 1)).toBe(28);
    expect(withStageEdge(two, 0, -5).cook.stages[0]!.minutes).toBe(1);
    expect(withStageEdge(two, 0, 99).cook.stages[1]!.minutes).toBe(1);
    expect(withStageEdge(two, 1, 12)).toBe(two);
  });

  test('a dragged opening stays within the stages, to half a minute', () => {
    expect(withOpeningAt(two, 0, 7.26).cook.events[0]!.minute).toBe(7.5);
    expect(withOpeningAt(two, 0, 400).cook.events[0]!.minute).toBe(28);
    expect(withOpeningAt(two, 0, -3).cook.events[0]!.minute).toBe(0.5);
  });

  test('other openings, another action: oil given midway stays', () => {
    expect(withOpenings(two, 3, 20).cook.events.map((event) => event.action)).toEqual([
      'oil',
      'shake',
      'shake',
      'shake',
    ]);
    expect(withMixing(two, 'toss').cook.events).toEqual([
      { minute: 6, action: 'toss' },
      { minute: 10, action: 'oil', mass_g: 4 },
    ]);
  });
});

test('another load takes its oil along; starch stands on either side of the oil', () => {
  expect(withLoad(FIRST_PLAN, 250).prep).toContainEqual({ step: 'oil', mass_g: 5 });
  const before = withStarch(FIRST_PLAN, 8, 'before-oil');
  expect(starchOrder(before)).toBe('before-oil');
  expect(starchOrder(withStarch(before, 8, 'after-oil'))).toBe('after-oil');
  expect(withStarch(before, 0, 'after-oil').prep).toEqual(FIRST_PLAN.prep);
});
