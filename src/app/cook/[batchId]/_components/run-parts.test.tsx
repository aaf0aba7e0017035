/** @jest-environment jsdom */
const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush }) }));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
jest.mock('@/ui/notify', () => ({ notifyError: jest.fn() }));
jest.mock('@/ui/use-forecast', () => ({
  useForecast: () => mockLive,
  useWholeForecast: () => mockLive,
}));
jest.mock('@/ui/study/study-context', () => ({
  StudyProvider: ({ children }: { children: unknown }) => children,
  useStudy: () => null,
}));
jest.mock('@/ui/study/use-hold', () => ({ useHold: () => mockHolds }));

import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { deriveRun } from '@/core/run/run-state';
import { outerRamp } from '@/core/plan/outer-ramp';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { forecastPlan } from '@/core/forecast/forecast';
import { withShape } from '@/editing/edit-plan';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '@/ui/units-context';
import { batchEvent, LOADED_AT, pastBatch } from '../../../../../tests/support/batch';
import { furnishDom } from '../../../../../tests/support/dom';
import { AfterPhase } from './after-phase';
import { Answers } from './answers';
import { CookButtons } from './cook-buttons';
import { DeviceStrip } from './device-strip';
import { Judging, judgedAs } from './judging';
import { SafeHeart } from './safe-heart';

const plan = planFromFile(FIRST_PLAN);
const mockLive = { forecast: forecastPlan(plan, 1, STANDARD_RESOLUTION), isFull: true, interval: null, failed: false };
const hold = (kept: number, refreshed: number) => ({
  interval: 60,
  kept: Array(61).fill(kept),
  halfLife: null,
  hearts: Array(61).fill(330),
  heartRefreshed: 360,
  dried: 0.2,
  refreshed,
});
const mockHolds = { rack: hold(0.4, 1.3), heap: hold(0.2, 1), covered: hold(0.1, 0.9), 'warm-oven': hold(0.7, 1) };
const record = jest.fn();

beforeAll(furnishDom);
beforeEach(() => {
  record.mockReset();
  mockSend.mockReset().mockResolvedValue({ kind: 'done' });
  mockPush.mockReset();
});

describe('after the drawer', () => {
  const after = (minute: number, more: Parameters<typeof deriveRun>[0] = [], safe: number | null = null) => {
    const batch = pastBatch({ outcome: null });
    const run = deriveRun([...batch.events, ...more]);
    return render(
      <AfterPhase
        isOfEvening={false}
        batch={batch}
        run={run}
        now={LOADED_AT + minute * 60_000}
        safe={safe}
        record={record}
      />,
    );
  };

  test('rest counts down, then it is time to serve; salting and serving are recorded', async () => {
    const { unmount } = after(20.5);
    expect(screen.getByText('Rest on a rack')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('1:30');
    await userEvent.click(screen.getByRole('button', { name: 'Salted while hot' }));
    unmount();
    after(23);
    expect(screen.getByText('Serve now')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Served' }));
    expect(record.mock.calls.map(([kind]) => kind)).toEqual(['seasoned', 'served']);
  });

  test('once served and salted nothing is asked again', () => {
    after(24, [batchEvent('seasoned', 21), batchEvent('served', 23)]);
    expect(screen.getByText('Served', { selector: 'p' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Salted' })).toBeDisabled();
    expect(screen.getByRole('button', { name: 'Served' })).toBeDisabled();
  });

  test('meat that was pulled before it was probed safe is not to be served; once probed the warning goes', () => {
    const { unmount } = after(21, [batchEvent('probed', 19, { celsius: 70 })], 74);
    expect(screen.getByRole('alert')).toHaveTextContent('do not serve it yet');
    unmount();
    after(22, [batchEvent('probed', 21, { celsius: 76 })], 74);
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  test('the next batch begins in the warm fryer, and says what becomes of this one meanwhile', async () => {
    after(21);
    expect(screen.getByText(/keep 40 % of their bite on a rack, 70 % in an oven at 120 °C/)).toHaveTextContent(
      /4 min back .* bring 100 % back/,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Begin the next batch' }));
    const [method, path, body] = mockSend.mock.calls[0]!;
    expect([method, path]).toEqual(['POST', '/api/batches']);
    expect(body.document).toMatchObject({ version: 2, name: `${FIRST_PLAN.name} 2` });
    expect(body.document.steps.at(-1)).toMatchObject({ step: 'cook', preheat: null });
    expect(body.document.fryer.start_c).toBeGreaterThan(120);
    expect(mockPush).toHaveBeenCalledWith(`/cook/${body.batchId}`);
  });

  test('one of several loads hands over to the next; what goes back in waits for the last', async () => {
    const loads = (current: number) => ({ count: 3, serve: 'together' as const, coat: 'at-once' as const, current });
    const steps = [
      { step: 'dress' as const, with: 'vinegar' as const, mass_g: 10 },
      { step: 'refresh' as const, minutes: 4, temperature_c: 190 },
    ];
    const show = (current: number) => {
      const batch = pastBatch({ outcome: null, document: { ...FIRST_PLAN, loads: loads(current), after: steps } });
      const run = deriveRun([...batch.events, batchEvent('after-begun', 21, { step: 1 })]);
      return render(
        <AfterPhase
          isOfEvening={false}
          batch={batch}
          run={run}
          now={LOADED_AT + 22 * 60_000}
          safe={null}
          record={record}
        />,
      );
    };
    const { unmount } = show(1);
    expect(screen.queryByText(/Put all back in together/)).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Begin load 2 of 3' }));
    expect(mockSend.mock.calls[0]![2].document).toMatchObject({ name: FIRST_PLAN.name, loads: { current: 2 } });
    unmount();
    show(3);
    expect(screen.getByRole('timer', { name: /Put all back in together.*: 3:00/ })).toBeVisible();
    await userEvent.click(screen.getAllByRole('button', { name: 'Done' })[0]!);
    expect(record).toHaveBeenCalledWith('after-done', { step: 0 });
    expect(screen.getByRole('button', { name: 'Begin the next batch' })).toBeInTheDocument();
  });
});

test('the oven of a kitchen in Fahrenheit is told in Fahrenheit', () => {
  const batch = pastBatch({ outcome: null });
  render(
    <UnitsProvider units="us">
      <AfterPhase
        isOfEvening={false}
        batch={batch}
        run={deriveRun(batch.events)}
        now={LOADED_AT + 21 * 60_000}
        safe={null}
        record={record}
      />
    </UnitsProvider>,
  );
  expect(screen.getByText(/in an oven at 248 °F/)).toBeVisible();
});

test('before there is a forecast, what needs none can be said and the rest stands greyed in its place', async () => {
  render(
    <UnitsProvider units="metric">
      <Answers ramp={outerRamp(plan)} said={null} heaviestG={null} record={record} />
      <Judging plan={plan} cook={null} now={null} />
    </UnitsProvider>,
  );
  for (const name of ['Softer than said', 'As said', 'Crisper']) {
    expect(screen.getByRole('button', { name })).toBeDisabled();
  }
  await userEvent.type(screen.getByRole('textbox', { name: /Weigh the pieces/ }), '400');
  expect(screen.getByRole('button', { name: 'Weighed' })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: 'golden' }));
  expect(record).toHaveBeenCalledWith('looked', { browning: expect.any(Number) });
  await userEvent.click(screen.getByRole('button', { name: 'How to judge it' }));
  expect(screen.getAllByRole('img', { name: /^Bent: / })).toHaveLength(4);
  expect(screen.queryByRole('img', { name: /^The drawer: / })).not.toBeInTheDocument();
});

describe('judging', () => {
  test('four pieces are drawn with the test for the cut, the likeliest marked', async () => {
    render(<Judging plan={plan} cook={mockLive.forecast.record} now="soon" />);
    await userEvent.click(screen.getByRole('button', { name: 'How to judge it' }));
    expect(screen.getByText(/Hold one by its end, and bend it/)).toBeVisible();
    expect(screen.getAllByRole('img', { name: /^Bent: / })).toHaveLength(4);
    /* and the drawer as it looks at each point that the forecast passes */
    expect(screen.getAllByRole('img', { name: /^The drawer: / }).length).toBeGreaterThanOrEqual(3);
    expect(screen.getAllByRole('listitem').filter((item) => item.getAttribute('aria-current'))).toHaveLength(1);
    expect(screen.getByText(/Soft now, crisp once cool/)).toHaveTextContent('forecast now');
  });

  test.each([
    ['slice', /Break one over the edge/],
    ['cube', /Tap one on the plate/],
  ] as const)('a %s has a test of its own', async (shape, words) => {
    render(<Judging plan={planFromFile(withShape(FIRST_PLAN, shape))} cook={mockLive.forecast.record} now={null} />);
    await userEvent.click(screen.getByRole('button', { name: 'How to judge it' }));
    expect(screen.getByText(words)).toBeVisible();
  });

  test('where a piece stands follows bite and colour together', () => {
    expect(judgedAs(0.3, 0.2, plan)).toBe('under');
    expect(judgedAs(0.8, 0.5, plan)).toBe('soon');
    expect(judgedAs(1.2, 0.4, plan)).toBe('soon');
    expect(judgedAs(1.2, 1, plan)).toBe('best');
    expect(judgedAs(2, 2.4, plan)).toBe('over');
  });
});

describe('meat and fish', () => {
  const probe = {
    kind: 'read',
    trust: 'fine',
    report: { device: 'drubek.probe', version: 1, centre_c: 71.5 },
  } as const;

  test('the probe ends the run: typed, or taken from the device', async () => {
    render(<SafeHeart safe={74} probed={null} probe={probe} record={record} />);
    expect(screen.getByRole('status')).toHaveTextContent('Not colour but the probe ends this run: 74 °C');
    await userEvent.type(screen.getByLabelText(/Probe shows/), '75,2');
    await userEvent.click(screen.getByRole('button', { name: 'Probed' }));
    await userEvent.click(screen.getByRole('button', { name: /Take the probe’s 72 °C/ }));
    expect(record.mock.calls).toEqual([
      ['probed', { celsius: 75.2 }],
      ['probed', { celsius: 71.5 }],
    ]);
  });

  test('in Fahrenheit it is typed in Fahrenheit; once safe it says so', async () => {
    const { rerender } = render(
      <UnitsProvider units="us">
        <SafeHeart safe={74} probed={60} probe={null} record={record} />
      </UnitsProvider>,
    );
    expect(screen.getByRole('status')).toHaveTextContent('165 °F at the heart');
    await userEvent.type(screen.getByLabelText(/Probe shows/), '167{Enter}');
    expect(record).toHaveBeenCalledWith('probed', { celsius: 75 });
    rerender(<SafeHeart safe={74} probed={75} probe={null} record={record} />);
    expect(screen.getByRole('status')).toHaveTextContent(/^Safe: 75 °C/);
  });
});

test('"pulled some" asks how many', async () => {
  render(<CookButtons verb="pull" record={record} />);
  await userEvent.click(screen.getByRole('button', { name: /Pulled some/ }));
  expect(screen.getByRole('button', { name: 'A few' })).toHaveFocus();
  await userEvent.click(screen.getByRole('button', { name: 'Half' }));
  expect(record.mock.calls).toEqual([['pulled-some', { share: 0.5 }]]);
  await userEvent.keyboard('p');
  await userEvent.click(screen.getByRole('button', { name: 'None' }));
  expect(record).toHaveBeenCalledTimes(1);
});

describe('devices beside the run', () => {
  const clock = { real: 0, shown: 0, speed: 1 };
  const ask = jest.fn(async () => ({ kind: 'done' as const }));
  const report = { device: 'drubek.fryer', version: 1, air_c: 187, dial_c: 195, heating: true, drawer: 'in' } as const;
  const silent = { kind: 'silent', why: 'does not answer' } as const;

  test('with none, stand-ins can be started; but not by a device that follows, nor once a real cook has begun', async () => {
    const none = { answer: false, states: null, readAt: 0, faults: null, ask };
    const rehearse = jest.fn();
    const strip = (mayBegin: boolean, begin: typeof rehearse | null) => (
      <DeviceStrip devices={none} used={false} mayBegin={mayBegin} clock={clock} rehearse={begin} />
    );
    const { rerender } = render(strip(true, rehearse));
    await userEvent.click(screen.getByRole('button', { name: 'Rehearse with stand-in devices' }));
    expect(ask).toHaveBeenCalledWith({ kind: 'start' });
    expect(rehearse).toHaveBeenCalledWith(1);
    rerender(strip(true, null));
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
    rerender(strip(false, rehearse));
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });

  test('what works is shown, what fails is named, and the speed is chosen', async () => {
    const rehearse = jest.fn();
    const states = {
      fryer: { kind: 'read', trust: 'fine', report },
      scale: { kind: 'read', trust: 'stuck', report: { device: 'drubek.scale', version: 1, grams: 400 } },
      probe: silent,
      colour: { kind: 'read', trust: 'noisy', report: { device: 'drubek.colour', version: 1, lab: [60, 1, 2] } },
    } as const;
    const devices = { answer: true, states: states as never, readAt: 0, faults: {}, ask };
    render(<DeviceStrip devices={devices} used mayBegin={false} clock={clock} rehearse={rehearse} />);
    expect(screen.getByText('air 187 °C, dial 195 °C', { exact: false })).toBeVisible();
    expect(screen.getAllByRole('status').map((status) => status.textContent)).toEqual([
      ' The scale shows the same number all the time: the run goes on without it.',
      ' The probe does not answer: the run goes on without it.',
      ' The colour reader shows numbers that jump about: the run goes on without it.',
    ]);
    await userEvent.click(screen.getByRole('button', { name: '60×' }));
    expect(rehearse).toHaveBeenCalledWith(60);
  });
});
