import { preparedSticks, sticks } from '../../../tests/support/sticks';
import { preparedPiece } from '../prep/just-holds';
import { biteOf } from '../piece/bite';
import { forecastPlan } from './forecast';
import { forecastHold } from './hold';

const HALF_LIVES = { covered: [3, 5], heap: [6, 10], rack: [10, 16], 'warm-oven': [25, 40] } as const;

test('ordinary potato sticks lose half their bite in 3–5 min covered, 6–10 in a heap, 10–16 on a rack, 25–40 in an oven, never rising again', () => {
  const plan = sticks({ mass_g: 400 });
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
    const plan = sticks({ food });
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
    const { state } = preparedSticks({ prep: [] });
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
  const { state } = preparedPiece(sticks({ cut: { shape: 'slice', thickness_mm: 2 }, prep: [] }), 21);
  state.moisture.fill(0.02);
  expect(biteOf(state, 0, 'crisp')).toBe(1);
});
