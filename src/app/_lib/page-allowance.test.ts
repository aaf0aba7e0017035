import { PageAllowance } from './page-allowance';

const opened = (count: number, ask: () => boolean) => Array.from({ length: count }, ask).filter(Boolean).length;

test('of three hundred views at once one browser has sixty, and some again a moment later; another browser has its own', () => {
  const own = new PageAllowance(1);
  expect(opened(300, () => own.mayOpen('a', 'x', false, 0))).toBe(60);
  expect(opened(300, () => own.mayOpen('a', 'x', false, 2000))).toBe(10);
});

test('an address has an allowance for all its browsers, and what is fetched ahead costs little', () => {
  const own = new PageAllowance(1);
  let n = 0;
  expect(opened(500, () => own.mayOpen(`browser ${n++}`, 'school', false, 0))).toBe(240);
  expect(own.mayOpen('another', 'home', false, 0)).toBe(true);
  expect(opened(300, () => own.mayOpen('reader', 'desk', true, 0))).toBe(300);
});

test('however many come, only so many are kept', () => {
  const own = new PageAllowance(1);
  for (let n = 0; n < 30_000; n++) own.mayOpen(null, `address ${n}`, false, 0);
  expect((own as unknown as { kept: Map<string, unknown> }).kept.size).toBeLessThanOrEqual(10_000);
});
