/** @jest-environment node */
import { FIRST_PLAN } from '@/schemas/first-plan';

const mockAsk = jest.fn();
jest.mock('./apart/server-thread', () => ({ serverThread: () => ({ ask: mockAsk }) }));

import { firstSight } from './first-sight';

const plan = (mass_g: number) => ({ ...FIRST_PLAN, mass_g });

test('a plan is asked about once; what could not be worked out is asked again', async () => {
  mockAsk.mockResolvedValueOnce(null).mockResolvedValue({ interval: {} });
  expect(await firstSight(plan(300))).toBeNull();
  expect(await firstSight(plan(300))).toEqual({ interval: {} });
  expect(await firstSight(plan(300))).toEqual({ interval: {} });
  expect(mockAsk).toHaveBeenCalledTimes(2);
  await firstSight(plan(301));
  expect(mockAsk).toHaveBeenCalledTimes(3);
});

test('a page does not wait for what takes long, and the next one has it', async () => {
  let answer: (sight: object) => void = () => undefined;
  mockAsk.mockReturnValue(new Promise((resolve) => (answer = resolve)));
  expect(await firstSight(plan(400))).toBeNull();
  answer({ interval: { p50: 900 } });
  expect(await firstSight(plan(400))).toEqual({ interval: { p50: 900 } });
});
