/** @jest-environment jsdom */
import { render, renderHook, screen } from '@testing-library/react';
import { forecastPlan } from '../../core/forecast/forecast';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { BasketCanvas } from './basket-canvas';
import { BasketDrawing } from './basket-drawing';
import { paintPieces } from './paint-pieces';
import { MOST_DRAWN, useDrawnPieces } from './use-drawn-pieces';

/** jsdom has no paths; what they are made of is all that is looked at. */
class PathOf {
  constructor(readonly path: string) {}
}

/** A canvas that notes each shape it is given, and in which colour. */
function notingContext() {
  const noted: string[] = [];
  const context = {
    fillStyle: '',
    strokeStyle: '',
    save() {},
    restore() {},
    translate() {},
    rotate() {},
    scale() {},
    fill({ path }: PathOf) {
      noted.push(`${path} filled ${this.fillStyle}`);
    },
    stroke({ path }: PathOf) {
      noted.push(`${path} stroked ${this.strokeStyle}`);
    },
  };
  return { noted, context: context as unknown as CanvasRenderingContext2D };
}

beforeAll(() => {
  globalThis.Path2D = PathOf as unknown as typeof Path2D;
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

const plan = planFromFile({ ...FIRST_PLAN, mass_g: 200 });
const { record } = forecastPlan(plan, 1);

test('on the canvas lie the same shapes in the same colours and order as in the drawing', () => {
  const sample = Math.round(record.samples / 2);
  const { container } = render(<BasketDrawing plan={plan} record={record} sample={sample} label="The basket" />);
  const drawn = [...container.querySelectorAll('g[transform] > path')].flatMap((shape) => {
    const [fill, stroke] = [shape.getAttribute('fill'), shape.getAttribute('stroke')];
    const path = shape.getAttribute('d');
    return [
      ...(fill === 'none' ? [] : [`${path} filled ${fill}`]),
      ...(stroke === null ? [] : [`${path} stroked ${stroke}`]),
    ];
  });
  const { context, noted } = notingContext();
  const { result } = renderHook(() => useDrawnPieces(plan, record, sample, MOST_DRAWN, false));
  paintPieces(context, result.current);
  expect(drawn.length).toBeGreaterThan(100);
  expect(noted).toEqual(drawn);
});

test('the drawer on the canvas is one picture with its words, and stands where nothing can be painted', () => {
  HTMLCanvasElement.prototype.getContext = () => null;
  render(<BasketCanvas plan={plan} record={record} sample={0} label="The basket, raw" />);
  expect(screen.getByRole('img', { name: 'The basket, raw' })).toBeInTheDocument();
});
