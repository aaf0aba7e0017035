/** @jest-environment jsdom */
jest.mock('@/ui/study/study-context', () => ({
  useOutcomes: (documents: unknown[]) => mockOutcomes(documents),
  useStudy: () => null,
}));

import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { planOutcome } from '../../../../tests/support/outcome';
import { furnishDom } from '../../../../tests/support/dom';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { ownFoodSchema } from '@/schemas/own-food';
import type { PlanFile } from '@/schemas/plan-file';
import { newAfterSteps, newPrepSteps } from '@/editing/edit-steps';
import { planFromFile } from '@/schemas/plan-from-file';
import { WarningList } from '../warning-list';
import { OwnFoodForm } from './own-food-form';
import { SidesList } from './sides-list';
import { STEP_STATIONS, StationSteps } from './station-steps';
import { StepsStation } from './steps-station';

let mockOutcomes: (documents: unknown[]) => unknown[] = () => [];

beforeAll(furnishDom);
beforeEach(() => (mockOutcomes = (documents) => documents.map(() => undefined)));

function showSteps(document: PlanFile = FIRST_PLAN) {
  const release = jest.fn<void, [PlanFile]>();
  const move = jest.fn<void, [PlanFile]>();
  const props = { document, plan: planFromFile(document), forecast: null, move, release };
  render(<StepsStation {...(props as unknown as Parameters<typeof StepsStation>[0])} />);
  return { release, move, released: () => release.mock.lastCall![0] };
}

test('the whole job in order: each step with its amount, taken out by its cross', async () => {
  const { released } = showSteps({ ...FIRST_PLAN, after: [{ step: 'dress', with: 'vinegar', mass_g: 10 }] });
  const before = await screen.findByRole('list', { name: 'Before the last cook' });
  expect(
    within(before)
      .getAllByRole('listitem')
      .map((item) => item.textContent),
  ).toEqual([
    expect.stringMatching(/^Soak in water of 15 °C1500 g of water/),
    expect.stringMatching(/^Pat dry/),
    expect.stringMatching(/^Turn in oil.*10 g/),
  ]);
  await userEvent.click(screen.getByRole('button', { name: 'Remove Dry' }));
  expect(released().prep.map(({ step }) => step)).toEqual(['soak', 'oil']);
  await userEvent.click(screen.getByRole('button', { name: 'Remove Dress' }));
  expect(released().after).toEqual([]);
});

test('a step is opened and set; the same number changes nothing', async () => {
  const { released, release } = showSteps();
  await userEvent.click(screen.getByRole('button', { name: /^Soak in water/ }));
  const minutes = screen.getByRole('textbox', { name: 'Minutes' });
  await userEvent.clear(minutes);
  await userEvent.type(minutes, '45{Enter}');
  expect(released().prep[0]).toEqual({ step: 'soak', water_c: 15, minutes: 45 });
  expect(release).toHaveBeenCalledTimes(1);
});

test('what leaving a step out would change stands beside it once it is known', () => {
  mockOutcomes = (documents) => documents.map((_, i) => planOutcome(i === 1 ? { pullTime: 1290 } : {}));
  showSteps();
  const [soak, dry] = screen.getAllByRole('listitem');
  expect(soak).toHaveTextContent('without it: 1½ min later');
  expect(dry).toHaveTextContent('without it: no difference here');
});

test('each station lists what is done there: two soaks and a rinse, a third put in beside them', async () => {
  const document: PlanFile = {
    ...FIRST_PLAN,
    prep: [
      { step: 'rinse', changes: 2 },
      { step: 'soak', water_c: 15, minutes: 30 },
      { step: 'soak', water_c: 70, minutes: 10 },
      { step: 'dry', method: 'towel' },
    ],
  };
  mockOutcomes = (documents) => documents.map((_, i) => planOutcome(i === 3 ? { pullTime: 1290 } : {}));
  const release = jest.fn<void, [PlanFile]>();
  const props = { document, plan: planFromFile(document), move: jest.fn(), release };
  const { rerender } = render(<StationSteps station="soak" {...props} />);
  expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    expect.stringMatching(/^Rinse/),
    expect.stringMatching(/^Soak in water of 15 °C/),
    expect.stringMatching(/^Soak in water of 70 °C.*without it: 1½ min later/),
  ]);
  await userEvent.click(screen.getByRole('button', { name: 'Add a step here' }));
  expect(screen.getAllByRole('menuitem').map((item) => item.textContent)).toEqual(['Rinse', 'Soak', 'Dip']);
  await userEvent.click(screen.getByRole('menuitem', { name: 'Dip' }));
  expect(release.mock.lastCall![0].prep.map(({ step }) => step)).toEqual(['rinse', 'soak', 'soak', 'dip', 'dry']);
  rerender(<StationSteps station="fryer" {...props} />);
  expect(screen.queryByRole('heading')).toBeNull();
});

test('every step that can be added is added at one of the stations', () => {
  const offered = [...newPrepSteps(500), ...newAfterSteps(500)].map(({ step }) => step);
  expect(new Set(offered)).toEqual(new Set(Object.keys(STEP_STATIONS)));
});

test('a warning carries its mend with its price, and touching it makes that plan', async () => {
  mockOutcomes = (documents) => documents.map((_, i) => planOutcome(i === 1 ? { peakShare: 0.99 } : {}));
  const release = jest.fn<void, [PlanFile]>();
  const wet = { ...FIRST_PLAN, prep: FIRST_PLAN.prep.filter(({ step }) => step !== 'dry') };
  const forecast = { warnings: [{ code: 'wet-pieces' as const, filmGM2: 200 }], pull: { time: 1200, share: 1 } };
  /* the list may lag behind the lever: what it mends is the plan as it stands */
  const newest = { ...wet, mass_g: 350 };
  render(<WarningList forecast={forecast} document={wet} readPlan={() => ({ document: newest })} release={release} />);
  expect(screen.getByRole('listitem')).toHaveTextContent(/go in wet.*9 % more right/);
  await userEvent.click(screen.getByRole('button', { name: 'Pat dry with a towel' }));
  expect(release.mock.lastCall![0].prep.map(({ step }) => step)).toEqual(['soak', 'dry', 'oil']);
  expect(release.mock.lastCall![0].mass_g).toBe(350);
});

test('a food of one’s own: by its label, as a dough, and what is missing is said', async () => {
  const onAnswer = jest.fn();
  render(<OwnFoodForm before={null} onAnswer={onAnswer} />);
  const use = screen.getByRole('button', { name: 'Use it' });
  expect(use).toBeDisabled();
  expect(screen.getByRole('status')).toHaveTextContent('Give it a name.');
  await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), 'Salsify');
  const fat = screen.getByRole('textbox', { name: 'Fat' });
  await userEvent.clear(fat);
  await userEvent.type(fat, '95');
  expect(screen.getByRole('status')).toHaveTextContent(/would hold −?-?\d+ g of water/);
  await userEvent.clear(fat);
  await userEvent.type(fat, '0,5');
  await userEvent.click(use);
  expect(ownFoodSchema.parse(onAnswer.mock.lastCall[0])).toMatchObject({
    name: 'Salsify',
    composition: { fat: 0.005 },
  });
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /^Mixed with/ }), 'chickpea-cooked');
  await userEvent.click(use);
  expect(onAnswer.mock.lastCall[0].composition.protein).toBeGreaterThan(0.03);
  await userEvent.click(screen.getByRole('button', { name: 'Leave it' }));
  expect(onAnswer).toHaveBeenLastCalledWith(null);
});

test('a sauce of one’s own says its amount for all and when to begin', async () => {
  const release = jest.fn<void, [PlanFile]>();
  const { rerender } = render(<SidesList document={FIRST_PLAN} serveAt="19:00" release={release} />);
  await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), 'Green sauce');
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  const withSauce = release.mock.lastCall![0];
  expect(withSauce.sides).toEqual([{ name: 'Green sauce', grams_per_head: 40, hands_minutes: 5, lead_hours: 1 }]);
  rerender(<SidesList document={{ ...withSauce, portions: 6 }} serveAt="19:00" release={release} />);
  expect(screen.getByText('Green sauce').closest('li')).toHaveTextContent('Green sauce, 240 g; begin at 17:55');
  await userEvent.click(screen.getByRole('button', { name: 'Remove Green sauce' }));
  expect(release.mock.lastCall![0].sides).toEqual([]);
});
