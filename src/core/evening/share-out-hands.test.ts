import { type EveningStep, HANDS } from './evening-problem';
import { shareOutHands } from './share-out-hands';

const step = (id: string, ...hands: [from: number, length: number][]): EveningStep => ({
  id,
  kind: 'own',
  length: 1000,
  uses: hands.map(([from, length]) => ({ resource: HANDS, from, length })),
});
const share = (steps: EveningStep[], begins: Record<string, number>, cooks: number, own: Record<string, number> = {}) =>
  shareOutHands(steps, new Map(Object.entries(begins)), cooks, new Map(Object.entries(own)));

test('a cook keeps a dish where that can be, and nobody is in two places', () => {
  const work = share(
    [step('chips:a', [0, 100], [200, 50]), step('dip:a', [0, 120]), step('dip:b', [0, 30])],
    { 'chips:a': 1000, 'dip:a': 950, 'dip:b': 780 },
    2,
  )!;
  const cookOf = (id: string) => work.filter(({ step: own }) => own === id).map(({ cook }) => cook);
  expect(new Set(cookOf('chips:a')).size).toBe(1);
  expect(cookOf('dip:a')).toEqual(cookOf('dip:b'));
  expect(cookOf('dip:a')).not.toEqual([cookOf('chips:a')[0]]);
  for (const one of work) {
    for (const other of work) {
      if (one === other || one.cook !== other.cook) continue;
      expect(one.to >= other.from || other.to >= one.from).toBe(true);
    }
  }
});

test('a step that belongs to one cook is done by that one, though the others must change for it', () => {
  const steps = [step('a:x', [0, 100]), step('b:x', [0, 100])];
  const work = share(steps, { 'a:x': 500, 'b:x': 450 }, 2, { 'b:x': 0 })!;
  expect(work.map(({ step: id, cook }) => [id, cook])).toEqual([
    ['a:x', 1],
    ['b:x', 0],
  ]);
});

test('where nobody is left for a step, there is no answer', () => {
  const steps = [step('a:x', [0, 100]), step('b:x', [0, 100])];
  expect(share(steps, { 'a:x': 500, 'b:x': 450 }, 2, { 'a:x': 0, 'b:x': 0 })).toBeNull();
  expect(share(steps, { 'a:x': 500, 'b:x': 450 }, 1)).toBeNull();
});

test('what is begun or done is somebody’s, though it overlapped; what comes is shared out all the same', () => {
  const steps = [step('a:x', [0, 300]), step('b:x', [0, 300]), step('c:x', [0, 50])];
  const begins = new Map([
    ['a:x', 1000],
    ['b:x', 900],
    ['c:x', 500],
  ]);
  const work = shareOutHands(steps, begins, 1, new Map(), new Set(['a:x', 'b:x']))!;
  expect(work.map(({ step: id }) => id)).toEqual(['a:x', 'b:x', 'c:x']);
  expect(shareOutHands(steps, begins, 1, new Map())).toBeNull();
});
