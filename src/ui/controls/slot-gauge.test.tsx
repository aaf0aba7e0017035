/** @jest-environment jsdom */
jest.mock('../study/study-context', () => ({
  useOutcomes: (documents: PlanFile[]) => documents.map((document) => mockOutcomes.get(document.name)),
}));

import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import userEvent from '@testing-library/user-event';
import { furnishDom } from '../../../tests/support/dom';
import { planOutcome } from '../../../tests/support/outcome';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { FIRST_PLAN } from '../../schemas/first-plan';
import type { PlanFile } from '../../schemas/plan-file';
import { PricedGauge, slotsAround } from './priced-gauge';

const mockOutcomes = new Map<string, PlanOutcome | null>();
const named = (name: string): PlanFile => ({ ...FIRST_PLAN, name });

beforeAll(furnishDom);
beforeEach(() => mockOutcomes.clear());

function renderGauge(value = 10) {
  const [move, release] = [jest.fn(), jest.fn()];
  render(
    <PricedGauge
      label="Thickness"
      value={value}
      sizes={[6, 8, 10, 12, 14]}
      unit="mm"
      limits={[4, 25]}
      step={1}
      fill="#ddd"
      document={named(String(value))}
      pull={1100}
      withValue={(one) => named(String(one))}
      sayValue={(one) => `${one} mm`}
      move={move}
      release={release}
    />,
  );
  return { move, release };
}

test('the value has a slot of its own among its neighbours, seven in view', () => {
  expect(slotsAround(9.5, [6, 8, 10, 12])).toEqual([6, 8, 9.5, 10, 12]);
  const many = Array.from({ length: 20 }, (_, i) => i + 1);
  expect(slotsAround(10, many)).toEqual([7, 8, 9, 10, 11, 12, 13]);
  expect(slotsAround(20, many)).toEqual([14, 15, 16, 17, 18, 19, 20]);
});

test('each slot carries its moment to pull, counted from the one in the head', () => {
  mockOutcomes
    .set('10', planOutcome({ pullTime: 1080, atFryer: 1080 }))
    .set('12', planOutcome({ pullTime: 1320, atFryer: 1320 }));
  mockOutcomes.set('8', null);
  renderGauge();
  expect(screen.getByRole('radio', { name: '10 mm, pull after 18 min' })).toBeChecked();
  expect(screen.getByRole('radio', { name: '12 mm, pull after 22 min' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: '8 mm, pull after –' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: '14 mm, pull after …' })).toBeInTheDocument();
  expect(screen.getByRole('button', { name: /^12 mm ?: 4 min later/ })).toBeInTheDocument();
  expect(screen.getByRole('button', { name: /^8 mm ?: cannot be worked out/ })).toBeInTheDocument();
});

test('a slot is taken by a tap, a step by its button, any other size by typing', async () => {
  const { release } = renderGauge();
  await userEvent.click(screen.getByRole('radio', { name: /^12 mm/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Less: Thickness' }));
  const field = screen.getByRole('textbox', { name: 'Thickness' });
  await userEvent.clear(field);
  await userEvent.type(field, '9,5{Enter}');
  expect(release.mock.calls.map(([document]) => document.name)).toEqual(['12', '9', '9.5']);
  await userEvent.clear(field);
  await userEvent.type(field, '60{Enter}');
  expect(screen.getByRole('status')).toHaveTextContent('60 mm is beyond what works here; set to 25 mm.');
});

test('dragged along, the plate keeps its slots under the finger, and letting go makes one step', () => {
  const release = jest.fn();
  const moved: number[] = [];
  function Dragged() {
    const [value, setValue] = useState(10);
    return (
      <PricedGauge
        label="Thickness"
        value={value}
        sizes={[4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16]}
        unit="mm"
        limits={[4, 25]}
        step={1}
        fill="#ddd"
        document={named(String(value))}
        pull={1100}
        withValue={(one) => named(String(one))}
        sayValue={(one) => `${one} mm`}
        move={({ name }) => {
          moved.push(Number(name));
          setValue(Number(name));
        }}
        release={release}
      />
    );
  }
  Element.prototype.setPointerCapture = jest.fn();
  render(<Dragged />);
  const plate = screen.getByRole('radio', { name: /^10 mm/ }).parentElement!;
  /* seven slots of 50 px: 7, 8, 9, 10, 11, 12, 13 */
  plate.getBoundingClientRect = () => ({ left: 0, width: 350 }) as DOMRect;
  const at = (clientX: number) =>
    fireEvent(plate, new MouseEvent('pointermove', { bubbles: true, clientX, buttons: 1 }));
  [175, 225, 230, 275, 280, 275].forEach(at);
  expect(moved).toEqual([11, 12]);
  fireEvent(plate, new MouseEvent('pointerup', { bubbles: true }));
  expect(release.mock.calls.map(([document]) => document.name)).toEqual(['12']);
  /* then it stands in the middle again */
  expect(screen.getAllByRole('radio').map((slot) => /^\d+/.exec(slot.getAttribute('aria-label')!)![0])).toEqual([
    '9',
    '10',
    '11',
    '12',
    '13',
    '14',
    '15',
  ]);
});
