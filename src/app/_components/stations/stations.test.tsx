/** @jest-environment jsdom */
import { fireEvent, render, screen, within } from '@testing-library/react';
import { furnishDom } from '../../../../tests/support/dom';
import { FRYERS, StationShown } from '../../../../tests/support/station-shown';
import { renderToString } from 'react-dom/server';
import userEvent from '@testing-library/user-event';
import { Tabs } from 'radix-ui';
import { withShape } from '@/editing/edit-plan';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '@/ui/units-context';
import { CoatStation } from './coat-station';
import { CookStation } from './cook-station';
import { CutStation } from './cut-station';
import { DragLoad } from './drag-load';
import { DryStation } from './dry-station';
import { FryerStation } from './fryer-station';
import { ProduceStation } from './produce-station';
import { SoakStation } from './soak-station';
import { ParcookStation } from './parcook-station';
import { PressStation } from './press-station';
import { RestStation } from './rest-station';
import { LoadStation } from './load-station';
import { STATION_IDS, type StationProps } from './station';
import { stationFold } from './station-fold';
import { StationDrawing } from './station-drawing';
import { StationStrip } from './station-strip';

beforeAll(furnishDom);

function show(Station: (props: StationProps) => React.ReactNode, document: PlanFile = FIRST_PLAN) {
  const release = jest.fn<void, [PlanFile]>();
  const chooseFryer = jest.fn();
  render(<StationShown Station={Station} document={document} chooseFryer={chooseFryer} release={release} />);
  return { release, chooseFryer, released: () => release.mock.calls.at(-1)![0] };
}

test('another food takes its name along and says its cautions', async () => {
  const { released } = show(ProduceStation);
  expect(screen.getByText(/green or sprouted potatoes/)).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('Food'), 'tofu-smoked');
  expect(released()).toMatchObject({ food: 'tofu-smoked', name: 'Smoked tofu' });
  await userEvent.click(screen.getByRole('radio', { name: /Fridge/ }));
  expect(released().start_temperature_c).toBe(4);
});

test('each shape offers the dimensions it has', async () => {
  const { released } = show(CutStation);
  await userEvent.click(screen.getByRole('button', { name: '5 more' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Florets' }));
  expect(released().cut).toMatchObject({ shape: 'floret', diameter_mm: 40 });
  await userEvent.click(screen.getByRole('radio', { name: /Mandoline/ }));
  expect(released().cut.scatter).toBe(0.03);
});

test.each(['stick', 'slice', 'cube', 'wedge', 'floret', 'cylinder', 'disc', 'sheet', 'formed'] as const)(
  'a plan of shape %s is drawn at every station, thicker when it is thicker',
  (shape) => {
    const plan = planFromFile(withShape(FIRST_PLAN, shape));
    const { container } = render(
      <>
        {STATION_IDS.map((station) => (
          <StationDrawing key={station} station={station} plan={plan} large />
        ))}
      </>,
    );
    expect(container.querySelectorAll('svg')).toHaveLength(STATION_IDS.length);
    expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
    for (const drawing of screen.getAllByRole('img'))
      expect(drawing.getAttribute('aria-label')!.length).toBeGreaterThan(5);
  },
);

test('a thicker stick is drawn thicker, by the same scale', () => {
  const height = (thickness: number) => {
    const document = { ...FIRST_PLAN, cut: { ...FIRST_PLAN.cut, thickness_mm: thickness } } as PlanFile;
    const { container, unmount } = render(<StationDrawing station="cut" plan={planFromFile(document)} large />);
    const face = container.querySelector('path')!.getAttribute('d')!;
    unmount();
    return Number(/v-([\d.]+)/.exec(face)![1]);
  };
  expect(height(9) / height(8)).toBeCloseTo(9 / 8, 6);
});

test('soaking in no water takes the step out, freshly boiled water warns', async () => {
  const { released } = show(SoakStation);
  await userEvent.click(screen.getByRole('radio', { name: /No soak, no rinse/ }));
  expect(released().prep.some((step) => step.step === 'soak')).toBe(false);
  await userEvent.click(screen.getByRole('radio', { name: /Freshly boiled/ }));
  expect(released().prep[0]).toMatchObject({ step: 'soak', water_c: 90 });
});

test('drying tells the water in grams', async () => {
  const { released } = show(DryStation);
  expect(screen.getByText(/5\.\d g of water in all/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: /Drained/ }));
  expect(released().prep).toContainEqual({ step: 'dry', method: 'drain' });
});

test('more oil than the surface holds is said to drip', () => {
  show(CoatStation, { ...FIRST_PLAN, prep: [{ step: 'oil', mass_g: 40 }] });
  expect(screen.getByText(/will drip off and fry nothing/)).toBeInTheDocument();
});

test('another fryer is chosen by name, with its power and floor', async () => {
  const { chooseFryer } = show(FryerStation);
  await userEvent.click(screen.getByRole('radio', { name: /Small, borrowed.*1200 W, 330 cm²/ }));
  expect(chooseFryer).toHaveBeenCalledWith(FRYERS[1]);
});

test('openings are spread over the cook, a gentler stage goes before, a stage can go', async () => {
  const { released } = show(CookStation);
  await userEvent.click(
    within(screen.getByRole('radiogroup', { name: 'Openings' })).getByRole('radio', { name: /^5/ }),
  );
  const minutes = released().cook.events.map((event) => event.minute);
  expect(minutes).toHaveLength(5);
  expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
  await userEvent.click(screen.getByRole('button', { name: /gentler stage/ }));
  expect(released().cook.stages.map((stage) => stage.temperature_c)).toEqual([170, 195]);
  expect(released().fryer.preheat!.temperature_c).toBe(170);
  await userEvent.click(screen.getByRole('radio', { name: 'Very crisp' }));
  expect(released().target.crispness).toBe('very-crisp');
});

test('before the page is alive Tab already stops at the open station, and at none other of the strip', () => {
  const html = renderToString(
    <UnitsProvider units="metric">
      <Tabs.Root defaultValue="soak">
        <StationStrip document={FIRST_PLAN} plan={planFromFile(FIRST_PLAN)} open="soak" />
      </Tabs.Root>
    </UnitsProvider>,
  );
  const page = new DOMParser().parseFromString(html, 'text/html');
  const stops = [...page.querySelectorAll('[role=tab][tabindex="0"]')];
  expect(stops.map((tab) => tab.textContent)).toEqual([expect.stringMatching(/^Soak/)]);
});

test('the strip shows each station’s number in the kitchen’s units', () => {
  render(
    <UnitsProvider units="us">
      <Tabs.Root defaultValue="cut">
        <StationStrip document={FIRST_PLAN} plan={planFromFile(FIRST_PLAN)} open="cut" />
      </Tabs.Root>
    </UnitsProvider>,
  );
  const tabs = screen.getAllByRole('tab').map((tab) => tab.textContent);
  expect(tabs).toHaveLength(STATION_IDS.length);
  expect(tabs[3]).toContain('skipped');
  expect(tabs[1]).toContain('3/8 in');
  expect(tabs[2]).toContain('30 min 59 °F');
  expect(tabs[6]).toContain('2⅛ tsp oil');
  expect(tabs[9]).toContain('383 °F');
});

test('par-cooking offers the minutes at which this cut just holds, longer for a thicker one', async () => {
  const minutes = (thickness: number) => {
    const { unmount } = render(<span />);
    unmount();
    show(ParcookStation, {
      ...FIRST_PLAN,
      cut: { shape: 'stick', thickness_mm: thickness, length_mm: 70, scatter: 0.07 },
    });
    return Number(/at ([\d.]+) min/.exec(screen.getAllByRole('radio', { name: /Boiled/ }).at(-1)!.textContent!)![1]);
  };
  const thin = minutes(8);
  expect(minutes(16)).toBeGreaterThan(1.5 * thin);
  expect(thin).toBeGreaterThan(1);
});

test('choosing to boil puts the step in its place, and raw takes it out', async () => {
  const { released } = show(ParcookStation);
  await userEvent.click(screen.getByRole('radio', { name: /Boiled/ }));
  expect(released().prep.map((step) => step.step)).toEqual(['soak', 'parcook', 'dry', 'oil']);
});

test('tofu is pressed, and the whey is told in grams', async () => {
  const tofu = { ...FIRST_PLAN, food: 'tofu-firm', prep: [{ step: 'press', minutes: 20 }] } as PlanFile;
  const { released } = show(PressStation, tofu);
  expect(screen.getByText(/leaves as whey/)).toHaveTextContent('About 51 g of the 500 g');
  await userEvent.click(screen.getByRole('radio', { name: /overnight/ }));
  expect(released().prep.map((step) => step.step)).toEqual(['freeze-thaw', 'press']);
});

test('stations that a food does not need say why; those in use stay', () => {
  const planOf = (change: Partial<PlanFile>) => planFromFile({ ...FIRST_PLAN, ...change });
  expect(stationFold('press', planOf({}))).toMatch(/tofu/);
  expect(stationFold('soak', planOf({}))).toBeNull();
  expect(stationFold('soak', planOf({ food: 'carrot', prep: [] }))).toMatch(/little starch/);
  expect(stationFold('parcook', planOf({ food: 'courgette' }))).toMatch(/soft long before/);
  expect(stationFold('cook', planOf({}))).toBeNull();
});

test('starch goes before or after the oil, crumbs are set out by surface', async () => {
  const { released } = show(CoatStation);
  await userEvent.click(screen.getByRole('radio', { name: /Before the oil/ }));
  expect(released().prep.map((step) => step.step)).toEqual(['soak', 'dry', 'starch', 'oil']);
  await userEvent.click(screen.getByRole('radio', { name: /After the oil/ }));
  expect(released().prep.map((step) => step.step)).toEqual(['soak', 'dry', 'oil', 'starch']);
  await userEvent.click(screen.getByRole('radio', { name: /Pump spray/ }));
  expect(released().prep).toContainEqual({ step: 'oil', mass_g: 10, method: 'spray' });
});

test('a crumbed batch lists flour, eggs and crumbs with their allergens', () => {
  show(CoatStation, { ...FIRST_PLAN, prep: [{ step: 'dredge', layers: 2 }] });
  expect(screen.getByText(/Dredge line/)).toHaveTextContent(/g flour, .* eggs? beaten, .*gluten and egg/);
});

test('another food asks whether to take one of its usual ways, or keeps what is set', async () => {
  const { released } = show(ProduceStation, { ...FIRST_PLAN, food: 'kale', portions: 3 });
  expect(screen.queryByRole('group', { name: 'Usual ways' })).toBeNull();
  /* the plan comes in from above: the station stays with the food it was given */
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /^Food/ }), 'kale');
  const offer = screen.getByRole('group', { name: 'Usual ways' });
  await userEvent.click(within(offer).getByRole('button', { name: 'Crisps, at 150 °C' }));
  expect(released()).toMatchObject({
    food: 'kale',
    cut: { shape: 'sheet' },
    mass_g: 105,
    portions: 3,
    cook: { openings: 'chosen', stages: [{ temperature_c: 150 }] },
    target: { colour: 'pale', crispness: 'crisp' },
  });
  expect(screen.queryByRole('group', { name: 'Usual ways' })).toBeNull();
  await userEvent.selectOptions(screen.getByRole('combobox', { name: /^Food/ }), 'kale');
  await userEvent.click(screen.getByRole('button', { name: 'Keep the settings' }));
  expect(screen.queryByRole('group', { name: 'Usual ways' })).toBeNull();
});

test('a load of more than a layer is offered as layers or as a heap', () => {
  show(LoadStation, { ...FIRST_PLAN, mass_g: 1000 });
  expect(screen.getByRole('table')).toHaveTextContent('3 batches, one layer each');
});

test('without a done minute there is nothing to rest; the salt follows what is served', async () => {
  const { released } = show(RestStation);
  expect(screen.getByText(/nothing to rest/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: /Covered/ }));
  expect(released().after).toEqual([{ step: 'rest', minutes: 2, place: 'covered', salt_g: 0 }]);
});

test('the cook’s own cutter sets thickness and evenness at once', async () => {
  const { released } = show(CutStation);
  await userEvent.click(screen.getByRole('radio', { name: /Green mandoline, 2/ }));
  expect(released().cut).toMatchObject({ thickness_mm: 4.2, scatter: 0.03 });
});

test('dragging the basket’s drawing fills it, its oil along, within the limits; letting go keeps it', () => {
  const [move, release] = [jest.fn<void, [PlanFile]>(), jest.fn<void, [PlanFile]>()];
  render(
    <DragLoad document={FIRST_PLAN} move={move} release={release}>
      <span>basket</span>
    </DragLoad>,
  );
  const basket = screen.getByTitle('Drag sideways to fill the basket');
  basket.setPointerCapture = jest.fn();
  fireEvent.pointerMove(basket, { clientX: 300 });
  expect(move).not.toHaveBeenCalled();
  fireEvent(basket, new MouseEvent('pointerdown', { bubbles: true, clientX: 100 }));
  fireEvent(basket, new MouseEvent('pointermove', { bubbles: true, clientX: 150 }));
  expect(move.mock.calls[0]![0]).toMatchObject({ mass_g: 600 });
  fireEvent(basket, new MouseEvent('pointerup', { bubbles: true, clientX: 5000 }));
  expect(release.mock.calls[0]![0].mass_g).toBe(1500);
  expect(release.mock.calls[0]![0].prep).toContainEqual({ step: 'oil', mass_g: 30 });
});
