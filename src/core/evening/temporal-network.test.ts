import { createNetwork, putArc, takeArc } from './temporal-network';

test('each step begins as late as what follows it allows, and goes back when an arc is taken out', () => {
  const network = createNetwork(3);
  expect(putArc(network, 0, 1, 60)).toBe(true);
  expect(putArc(network, 1, 2, 300)).toBe(true);
  expect(putArc(network, 2, 3, 40)).toBe(true);
  expect([...network.times]).toEqual([0, 60, 360, 400]);
  const before = network.times.slice();
  expect(putArc(network, 0, 1, 100)).toBe(true);
  expect([...network.times]).toEqual([0, 100, 400, 440]);
  takeArc(network, 0, before);
  expect([...network.times]).toEqual([0, 60, 360, 400]);
});

test('what would push itself, or serving, ever further is refused at once, however slowly it would grow', () => {
  const network = createNetwork(2);
  putArc(network, 0, 1, 60);
  putArc(network, 1, 2, 300);
  const before = network.times.slice();
  /* step 1 half a millisecond before step 2, which is 300 s before step 1: round and round in tiny steps */
  expect(putArc(network, 2, 1, -299.9995)).toBe(false);
  takeArc(network, 2, before);
  expect(putArc(network, 2, 0, -359)).toBe(false);
  takeArc(network, 2, before);
  /* exactly as long is a longest wait that is just kept */
  expect(putArc(network, 2, 1, -300)).toBe(true);
  expect([...network.times]).toEqual([0, 60, 360]);
});
