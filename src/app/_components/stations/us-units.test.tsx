/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { furnishDom } from '../../../../tests/support/dom';
import { StationShown } from '../../../../tests/support/station-shown';
import { findFood } from '@/core/food/catalogue';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { QuickFryerForm } from '@/ui/controls/quick-fryer-form';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '@/ui/units-context';
import { CoatStation } from './coat-station';
import { CookStation } from './cook-station';
import { CutStation } from './cut-station';
import { DryStation } from './dry-station';
import { FryerStation } from './fryer-station';
import { ProduceStation } from './produce-station';
import { SoakStation } from './soak-station';
import { ParcookStation } from './parcook-station';
import { PressStation } from './press-station';
import { RestStation } from './rest-station';
import { LoadStation } from './load-station';
import { STATION_IDS } from './station';
import { StationDrawing } from './station-drawing';
import { UsualWayOffer } from './usual-way-offer';

beforeAll(furnishDom);

const METRIC = /[\d.]+ ?(°C|mm|cm|cm²|g|kg|ml|l|g\/m²|m²)(?![\w²/])/;

test.each(
  Object.entries({
    ProduceStation,
    CutStation,
    SoakStation,
    PressStation,
    ParcookStation,
    DryStation,
    CoatStation,
    FryerStation,
    LoadStation,
    CookStation,
    RestStation,
  }),
)('%s in US units says nothing in metric ones alone', (_, Station) => {
  const { container } = render(
    <UnitsProvider units="us">
      <StationShown Station={Station} />
      {STATION_IDS.map((station) => (
        <StationDrawing key={station} station={station} plan={planFromFile(FIRST_PLAN)} large />
      ))}
    </UnitsProvider>,
  );
  const labels = [...container.querySelectorAll('[aria-label]')].map((part) => part.getAttribute('aria-label')!);
  const texts = [...container.querySelectorAll('p, span, label, button, text, td, th, li')].map(
    (part) => part.textContent,
  );
  const metric = [...labels, ...texts]
    /* metric ones stand in brackets, or before the US ones in brackets */
    .map((text) => text.replace(/[\d.]+ (g|°C) \([^)]*(tsp|tbsp|°F)\)/g, '').replace(/\([^)]*\)/g, ''))
    .filter((text) => METRIC.test(text));
  expect(metric).toEqual([]);
});

test('a new fryer’s size is typed in quarts, and is the one of as many litres', async () => {
  const onUse = jest.fn<void, [KitchenFryer]>();
  const sized = async (units: 'metric' | 'us', name: string, size: string) => {
    const { unmount } = render(
      <UnitsProvider units={units}>
        <QuickFryerForm onUse={onUse} onLeave={jest.fn()} />
      </UnitsProvider>,
    );
    const field = screen.getByRole('textbox', { name });
    await userEvent.clear(field);
    await userEvent.type(field, `${size}{Enter}`);
    await userEvent.click(screen.getByRole('button', { name: 'Use this fryer' }));
    unmount();
    return onUse.mock.calls.at(-1)![0].basketCm2;
  };
  const floor = await sized('metric', 'Litres', '5.7');
  expect(await sized('us', 'Quarts', '6')).toBeCloseTo(floor, 6);
  expect(await sized('us', 'Quarts', '5')).toBeLessThan(floor);
});

test('a usual way is offered and taken by its size in inches', async () => {
  const onTake = jest.fn<void, [PlanFile]>();
  render(
    <UnitsProvider units="us">
      <UsualWayOffer food={findFood('celeriac')!} document={FIRST_PLAN} onTake={onTake} onKeep={jest.fn()} />
    </UnitsProvider>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Batons 3/8 in, raw' }));
  expect(onTake.mock.calls[0]![0].name).toBe('Celeriac: batons 3/8 in, raw');
});
