/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
const mockStudy = {
  intervals: (documents: readonly unknown[], onAnswer: (intervals: unknown[]) => void) => {
    onAnswer(documents.map((_, i) => ({ p10: 900 + 60 * i, p50: 1200, p90: 1500 - 60 * i })));
    return () => undefined;
  },
};
jest.mock('@/ui/study/study-context', () => ({
  useStudy: () => mockStudy,
  StudyProvider: ({ children }: { children: unknown }) => children,
}));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({
  notify: (words: string) => mockNotify(words),
  notifyError: (words: string) => mockNotify(words),
}));

import { render, screen, waitFor } from '@testing-library/react';
import { furnishDom } from '../../../tests/support/dom';
import userEvent from '@testing-library/user-event';
import { UnitsProvider } from '@/ui/units-context';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { FryerCard } from '@/schemas/fryer-card';
import { Cutters } from './_components/cutters';
import { Fryers } from './_components/fryers';

beforeAll(furnishDom);
beforeEach(() => {
  mockSend.mockReset().mockResolvedValue({ kind: 'done' });
  mockNotify.mockReset();
  mockRouter.refresh.mockReset();
});

const CUTTER = { id: 'c1', name: 'Green mandoline', setting: '2', thicknessMm: 2.3, scatter: 0.03 };
const FRYER = {
  id: 'f1',
  name: 'Large drawer',
  powerW: 1500,
  basketCm2: 500,
  basketHeightMm: 90,
  thermostatOffsetC: 0,
};

test('ten slices stacked give the thickness of one, with a decimal comma as well', async () => {
  render(<Cutters cutters={[]} />);
  await userEvent.type(screen.getByLabelText('Cutter'), 'Green mandoline');
  await userEvent.type(screen.getByLabelText('Setting'), '3');
  await userEvent.type(screen.getByLabelText(/Height of the stack/), '41,5');
  expect(screen.getByText('One slice is 4.15 mm.')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Keep this setting' }));
  const [method, path, body] = mockSend.mock.calls[0]!;
  expect([method, path.slice(0, 21)]).toEqual(['PUT', '/api/kitchen/cutters/']);
  expect(body).toEqual({ name: 'Green mandoline', setting: '3', thicknessMm: 4.15, scatter: 0.03 });
  expect(mockRouter.refresh).toHaveBeenCalled();
  expect(screen.getByLabelText('Setting')).toHaveValue('');
});

test('what is missing is said at its field, and what was written stays when the server is away', async () => {
  render(<Cutters cutters={[]} />);
  await userEvent.click(screen.getByRole('button', { name: 'Keep this setting' }));
  expect(screen.getByText('give it a name')).toBeInTheDocument();
  expect(screen.getByText(/a number that makes 0.8 to 40 mm/)).toBeInTheDocument();
  expect(mockSend).not.toHaveBeenCalled();
  mockSend.mockResolvedValue({ kind: 'away', error: 'The server cannot be reached.' });
  await userEvent.type(screen.getByLabelText('Cutter'), 'A');
  await userEvent.type(screen.getByLabelText('Setting'), '1');
  await userEvent.type(screen.getByLabelText(/Height of the stack/), '20');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this setting' }));
  expect(screen.getByRole('alert')).toHaveTextContent('What you wrote is still here.');
  expect(screen.getByLabelText('Cutter')).toHaveValue('A');
});

test('settings are listed in the kitchen’s units and removed', async () => {
  render(
    <UnitsProvider units="us">
      <Cutters cutters={[CUTTER]} />
    </UnitsProvider>,
  );
  expect(screen.getByText(/3\/32 in/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /Remove Green mandoline, 2/ }));
  expect(mockSend).toHaveBeenCalledWith('DELETE', '/api/kitchen/cutters/c1', {});
});

test('a fryer is changed within its limits; the only one cannot be removed', async () => {
  render(<Fryers fryers={[FRYER]} />);
  expect(screen.queryByRole('button', { name: /Remove/ })).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Change Large drawer' }));
  const power = screen.getByLabelText(/Power/);
  await userEvent.clear(power);
  await userEvent.type(power, '99999');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(power).toHaveAttribute('aria-invalid', 'true');
  expect(mockSend).not.toHaveBeenCalled();
  await userEvent.clear(power);
  await userEvent.type(power, '1400');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  const { id, ...rest } = FRYER;
  expect(mockSend).toHaveBeenCalledWith('PUT', `/api/kitchen/fryers/${id}`, { ...rest, powerW: 1400 });
  await userEvent.click(screen.getByRole('button', { name: 'Take it back Large drawer is changed.' }));
  expect(mockSend).toHaveBeenLastCalledWith('PUT', `/api/kitchen/fryers/${id}`, rest);
  expect(screen.queryByText('Large drawer is changed.')).not.toBeInTheDocument();
});

test('a removed fryer and a removed setting come back under the same id; a server that is away keeps the offer', async () => {
  const small = { ...FRYER, id: 'f2', name: 'Small' };
  render(<Fryers fryers={[FRYER, small]} />);
  await userEvent.click(screen.getByRole('tab', { name: /^Small/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Remove Small' }));
  mockSend.mockResolvedValueOnce({ kind: 'away', error: 'The server cannot be reached.' });
  const back = screen.getByRole('button', { name: 'Take it back Small is removed.' });
  await userEvent.click(back);
  expect(mockNotify).toHaveBeenCalledWith('The server cannot be reached.');
  await userEvent.click(back);
  const { id: smallId, ...smallRest } = small;
  expect(mockSend).toHaveBeenLastCalledWith('PUT', `/api/kitchen/fryers/${smallId}`, smallRest);
  expect(back).not.toBeInTheDocument();

  render(<Cutters cutters={[CUTTER]} />);
  await userEvent.click(screen.getByRole('button', { name: /Remove Green mandoline, 2/ }));
  await userEvent.click(screen.getByRole('button', { name: /Take it back Green mandoline, 2/ }));
  const { id, ...rest } = CUTTER;
  expect(mockSend).toHaveBeenLastCalledWith('PUT', `/api/kitchen/cutters/${id}`, rest);
});

test('a fryer is measured in inches where the kitchen does; what is left alone keeps its exact value', async () => {
  render(
    <UnitsProvider units="us">
      <Fryers fryers={[{ ...FRYER, thermostatOffsetC: -10 }]} />
    </UnitsProvider>,
  );
  expect(screen.getByText(/78 in², 3 9\/16 in high/)).toBeVisible();
  expect(screen.getByText('Entered: once warm, the air is 18 °F below the dial.')).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Change Large drawer' }));
  const floor = screen.getByLabelText(/Basket floor/);
  expect(floor).toHaveValue('77.5');
  await userEvent.clear(floor);
  await userEvent.type(floor, '9999');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(screen.getByText('a number from 15.5 to 310 in²')).toBeInTheDocument();
  await userEvent.clear(floor);
  await userEvent.type(floor, '80 1/2');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(mockSend.mock.calls[0]![2]).toEqual({
    name: 'Large drawer',
    powerW: 1500,
    basketCm2: 519.4,
    basketHeightMm: 90,
    thermostatOffsetC: -10,
  });
});

test('a stack is measured in inches where the kitchen does', async () => {
  render(
    <UnitsProvider units="us">
      <Cutters cutters={[]} />
    </UnitsProvider>,
  );
  await userEvent.type(screen.getByLabelText(/Height of the stack/), '2 1/2');
  expect(screen.getByText('One slice is 1/4 in.')).toBeInTheDocument();
});

test('one of two fryers is removed; a refusal is said', async () => {
  mockSend.mockResolvedValue({ kind: 'refused', error: 'This is the only fryer.' });
  render(<Fryers fryers={[FRYER, { ...FRYER, id: 'f2', name: 'Small' }]} />);
  await userEvent.click(screen.getByRole('tab', { name: /^Small/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Remove Small' }));
  expect(mockNotify).toHaveBeenCalledWith('This is the only fryer.');
});

const CARD: FryerCard = {
  fryerId: FRYER.id,
  inUse: true,
  from: null,
  now: {
    offset: { mean: -12, deviation: 3 },
    heatTransfer: { mean: -0.08, deviation: 0.06 },
    power: { mean: 0, deviation: 0.07 },
  },
  before: {
    offset: { mean: 0, deviation: 9 },
    heatTransfer: { mean: 0, deviation: 0.18 },
    power: { mean: 0, deviation: 0.07 },
  },
  counting: 1,
  testsCounting: 1,
  places: [],
  batches: [
    {
      id: 'b1',
      name: 'Carrot sticks',
      begunAt: Date.UTC(2026, 10, 2),
      leftOut: false,
      isTest: false,
      before: false,
      says: { mean: -14, deviation: 4 },
      after: { mean: -9, deviation: 5 },
      contradicts: false,
      colours: [],
    },
    {
      id: 't1',
      name: 'Thermometer',
      begunAt: Date.UTC(2026, 10, 4),
      leftOut: false,
      isTest: true,
      before: false,
      says: { mean: 20, deviation: 4 },
      after: { mean: -12, deviation: 3 },
      contradicts: true,
      colours: [],
    },
  ],
};

describe('what is known of a fryer', () => {
  test('is said in degrees and minutes, with what each batch said; one that contradicts is named, and can be left out', async () => {
    render(<Fryers fryers={[FRYER]} cards={[CARD]} plans={{ f1: FIRST_PLAN }} />);
    expect(screen.getByRole('heading', { name: 'Runs 12 °C under its dial' })).toBeVisible();
    expect(screen.getByText(/Set to 190 °C it blows about 178 °C/)).toHaveTextContent(
      'good to ±5.0 min by the label; it is good to ±4.0 min',
    );
    expect(screen.getByText('14 °C under')).toBeVisible();
    expect(screen.getByText('8 % less')).toBeInTheDocument();
    expect(screen.getByText(/^Thermometer says something else than all the others/)).toBeVisible();
    await userEvent.click(screen.getByRole('switch', { name: 'Learn from Carrot sticks' }));
    expect(mockSend).toHaveBeenLastCalledWith('PUT', '/api/batches/b1/place', { leftOut: true });
    await userEvent.click(screen.getByRole('switch', { name: 'Learn from Thermometer' }));
    expect(mockSend).toHaveBeenLastCalledWith('PUT', '/api/kitchen/fryer-tests/t1', { leftOut: true });
    await userEvent.click(screen.getByRole('button', { name: 'Start afresh' }));
    expect(mockSend).toHaveBeenLastCalledWith('PUT', '/api/kitchen/fryers/f1/learning', { from: expect.any(Number) });
  });

  test('says in Fahrenheit what it knows, where the kitchen does', () => {
    render(
      <UnitsProvider units="us">
        <Fryers fryers={[FRYER]} cards={[CARD]} />
      </UnitsProvider>,
    );
    expect(screen.getByRole('heading', { name: 'Runs 22 °F under its dial' })).toBeVisible();
    expect(screen.getByText('25 °F under')).toBeVisible();
  });

  test('nothing yet: it says how that comes, and what would narrow it', async () => {
    render(
      <Fryers
        fryers={[FRYER]}
        cards={[{ ...CARD, batches: [], counting: 0, now: CARD.before }]}
        plans={{ f1: FIRST_PLAN }}
      />,
    );
    expect(screen.getByText(/Nothing is known of it yet/)).toBeVisible();
    const measure = screen.getByRole('region', { name: 'Measure Large drawer' });
    expect(measure).toHaveTextContent(/narrows most/);
    expect(measure).toHaveTextContent(/with dry gloves/);
    await userEvent.click(screen.getByRole('button', { name: 'Begin the test: Thermometer' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('Both readings, in °C from 20 to 300.')).toBeVisible();
    expect(mockSend).not.toHaveBeenCalled();
    await userEvent.type(screen.getByLabelText(/After 4 min/), '150');
    await userEvent.type(screen.getByLabelText(/After 8 min/), '166,5');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() =>
      expect(mockSend).toHaveBeenLastCalledWith('POST', '/api/kitchen/fryers/f1/tests', {
        testId: expect.any(String),
        test: {
          kind: 'thermometer',
          drawer: null,
          dial_c: 180,
          readings: [
            { minute: 4, celsius: 150 },
            { minute: 8, celsius: 166.5 },
          ],
        },
      }),
    );
  });
});
