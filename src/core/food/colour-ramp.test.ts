import { listFoods } from './catalogue';
import { browningOfColour, colourAtBrowning } from './colour-ramp';

test('a colour read from any food tells the browning it was made by', () => {
  for (const { ramp } of listFoods()) {
    for (const browning of [0.4, 0.8, 1, 1.5, 2.4]) {
      expect(Math.abs(browningOfColour(ramp, colourAtBrowning(ramp, browning)) - browning)).toBeLessThan(0.15);
    }
  }
});

test('a little noise moves it a little; a colour that no food has gives the nearest', () => {
  const { ramp } = listFoods()[0]!;
  const [l, a, b] = colourAtBrowning(ramp, 1);
  expect(Math.abs(browningOfColour(ramp, [l - 1, a + 0.5, b]) - 1)).toBeLessThan(0.2);
  expect(browningOfColour(ramp, [0, 0, 0])).toBe(6);
});
