/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({
  notify: (words: string) => mockNotify(words),
  notifyError: (words: string) => mockNotify(words),
}));

import { render, screen } from '@testing-library/react';
import { furnishDom } from '../../../tests/support/dom';
import userEvent from '@testing-library/user-event';
import { UnitsProvider } from '@/ui/units-context';
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
  await userEvent.click(screen.getByRole('button', { name: 'Change' }));
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
  await userEvent.click(screen.getByRole('button', { name: 'Change' }));
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
  await userEvent.click(screen.getByRole('button', { name: 'Remove Small' }));
  expect(mockNotify).toHaveBeenCalledWith('This is the only fryer.');
});
