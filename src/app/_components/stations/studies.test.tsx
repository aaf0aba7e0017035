/** @jest-environment jsdom */
jest.mock('@/ui/study/study-context', () => ({
  useStudy: () => mockStudy,
  useOutcomes: (documents: PlanFile[]) => documents.map((document) => mockOutcomes.get(document.name)),
}));

import { act, render, screen, within } from '@testing-library/react';
import { planOutcome } from '../../../../tests/support/outcome';
import { furnishDom } from '../../../../tests/support/dom';
import userEvent from '@testing-library/user-event';
import type { PlanOutcome } from '@/core/forecast/plan-outcome';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import type { SearchAnswer } from '@/workers/study/protocol';
import type { SearchListener } from '@/workers/study/search-side-by-side';
import { FindBetter } from './find-better';
import { MakeAhead } from './make-ahead';
import { OutcomeTable } from './outcome-table';

const mockCallOff = jest.fn();
let mockAnswer: (answer: SearchAnswer) => void;
let mockBreakOff: () => void;
const mockStudy = {
  search: (_document: PlanFile, { onAnswer, onFailure }: SearchListener) => {
    mockAnswer = onAnswer;
    mockBreakOff = onFailure;
    return mockCallOff;
  },
};
const mockOutcomes = new Map<string, PlanOutcome | null>();
const named = (name: string): PlanFile => ({ ...FIRST_PLAN, name });

beforeAll(furnishDom);
beforeEach(() => {
  mockCallOff.mockReset();
  mockOutcomes.clear();
});

test('each choice says its price beside the plan as it stands; what is not known yet is left open', async () => {
  mockOutcomes.set('now', planOutcome()).set('other', planOutcome({ pullTime: 1290, peakShare: 0.95 }));
  const onChoose = jest.fn();
  render(
    <PricedChoice
      label="Drying"
      value="a"
      document={named('now')}
      options={[
        { value: 'a', word: 'Towelled', document: named('now') },
        { value: 'b', word: 'Drained', document: named('other') },
        { value: 'c', word: 'Spun', document: named('unknown') },
      ]}
      onChoose={onChoose}
    />,
  );
  expect(screen.getByRole('radio', { name: /Towelled/ })).toHaveTextContent('chosen');
  expect(screen.getByRole('radio', { name: /Drained/ })).toHaveTextContent('1½ min later, 5 % more right');
  expect(screen.getByRole('radio', { name: /Spun/ })).toHaveTextContent('…');
  await userEvent.click(screen.getByRole('radio', { name: /Drained/ }));
  expect(onChoose).toHaveBeenCalledWith(named('other'));
});

test('a lever prices the values beside it, but not those beyond its ends', () => {
  mockOutcomes.set('10', planOutcome()).set('11', planOutcome({ pullTime: 1260 }));
  const release = jest.fn();
  render(
    <PricedLever
      label="Thickness"
      value={10}
      limits={[10, 25]}
      step={0.5}
      unit="mm"
      nudge={1}
      document={named('10')}
      withValue={(value) => named(String(value))}
      move={jest.fn()}
      release={release}
    />,
  );
  expect(screen.getByRole('button', { name: /^11 mm/ })).toHaveTextContent('1 min later');
  expect(screen.queryByRole('button', { name: /^9 mm/ })).not.toBeInTheDocument();
});

test('a lever gives what makes its plans the value alone: a second argument of that function is not the place in a list', () => {
  const withValue = jest.fn((value: number) => named(String(value)));
  mockOutcomes.set('10', planOutcome()).set('9', planOutcome()).set('11', null);
  render(
    <PricedLever
      label="Oil"
      value={10}
      limits={[0, 25]}
      step={0.5}
      unit="g"
      nudge={1}
      document={named('10')}
      withValue={withValue}
      move={jest.fn()}
      release={jest.fn()}
    />,
  );
  expect(withValue.mock.calls.every((args) => args.length === 1)).toBe(true);
  expect(screen.getByRole('button', { name: /^11 g/ })).toHaveTextContent('cannot be worked out');
});

test('the ways of a step stand in a table: done, window, colour at the same minute, acrylamide, hands', () => {
  mockOutcomes
    .set('now', planOutcome())
    .set('soaked', planOutcome({ pullTime: null, windowWidth: 0, browning: { interval: 600, values: [0, 0.2, 0.5] } }));
  render(
    <OutcomeTable
      caption="How each turns out"
      document={named('now')}
      ramp={planFromFile(FIRST_PLAN).food.ramp}
      ways={[
        { value: 'a', word: 'Neither', document: named('now') },
        { value: 'b', word: 'Cold soak', document: named('soaked') },
        { value: 'c', word: 'Rinse', document: named('later') },
      ]}
    />,
  );
  const table = screen.getByRole('table', { name: 'How each turns out' });
  expect(within(table).getByRole('row', { name: /Neither/ })).toHaveTextContent(
    'Neither20 min2 mingoldenlow5 min33 min',
  );
  expect(within(table).getByRole('row', { name: /Cold soak/ })).toHaveTextContent('nevernever allpale');
  expect(within(table).getByRole('row', { name: /Rinse/ })).toHaveTextContent('…');
});

test('the search shows its front as it grows, can be stopped, and its best suits what matters', async () => {
  const release = jest.fn();
  render(<FindBetter document={FIRST_PLAN} release={release} />);
  await userEvent.click(screen.getByRole('button', { name: 'Find better' }));
  const found = (name: string, time: number, evenness: number, attention: number, asItStands = false) => ({
    document: named(name),
    batches: 1,
    score: { time, evenness, attention },
    asItStands,
  });
  const front = [found('quick', 800, 0.7, 0), found('even', 1500, 1, 4)];
  act(() => mockAnswer({ front, tried: 9, finished: false }));
  expect(screen.getByRole('status')).toHaveTextContent('9 ways tried …');
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(mockCallOff).toHaveBeenCalled();
  await userEvent.click(screen.getByRole('radio', { name: 'Little to do' }));
  await userEvent.click(screen.getByRole('button', { name: 'Try it on' }));
  expect(release).toHaveBeenLastCalledWith(named('quick'));
  await userEvent.click(screen.getByRole('button', { name: /^Try about 25 min/ }));
  expect(release).toHaveBeenLastCalledWith(named('even'));
  /* what stands on the bench is held against the others, and kept where nothing gains what would be noticed */
  act(() => mockAnswer({ front: [...front, found('own', 810, 0.7, 0, true)], tried: 90, finished: true }));
  expect(screen.getByText('The plan as it was suits that best')).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Try it on' })).not.toBeInTheDocument();
});

test('a search that breaks off says so, keeps what it found, and can be begun again', async () => {
  render(<FindBetter document={FIRST_PLAN} release={jest.fn()} />);
  await userEvent.click(screen.getByRole('button', { name: 'Find better' }));
  act(() => mockAnswer({ front: [], tried: 9, finished: false }));
  act(() => mockBreakOff());
  expect(screen.getByRole('status')).toHaveTextContent('The search broke off after 9 ways. Try it again');
  await userEvent.click(screen.getByRole('button', { name: 'Find better' }));
  expect(screen.getByRole('status')).toHaveTextContent('0 ways tried …');
});

test('a marinade is told when to begin, dips by when; without a done minute nothing is', () => {
  const plan = planFromFile({
    ...FIRST_PLAN,
    prep: [
      { step: 'marinate', minutes: 30 },
      { step: 'oil', mass_g: 8 },
    ],
  });
  const { container, rerender } = render(<MakeAhead plan={plan} pullTime={1200} serveAt="19:00" />);
  expect(container).toHaveTextContent('Into the bowl by 18:04, out of it at 18:34.');
  expect(container).toHaveTextContent('18:25 Yoghurt with herbs, 5 min and 30 min standing');
  rerender(<MakeAhead plan={plan} pullTime={null} serveAt="19:00" />);
  expect(container).toBeEmptyDOMElement();
});
