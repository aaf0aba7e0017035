/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { furnishDom } from '../../../../tests/support/dom';
import { StationShown } from '../../../../tests/support/station-shown';
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
