/** @jest-environment jsdom */
const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush }) }));
const mockSend = jest.fn();
jest.mock('@/workers/reading/client', () => ({
  readApart: async (kind: 'text' | 'link', value: string) => {
    const { readLink, readText } = jest.requireActual('@/editing/read-plan');
    return kind === 'text' ? readText(value) : readLink(value);
  },
}));
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));

import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { writePlanFile } from '@/schemas/write-plan';
import { packPlan } from '@/schemas/plan-link';
import { OpenPlan } from './_components/open-plan';

/* the test browser has no Blob.text */
Blob.prototype.text = function text(this: Blob) {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.readAsText(this);
  });
};

beforeEach(() => {
  window.location.hash = '';
  mockSend.mockReset().mockResolvedValue({ kind: 'done' });
});

test('a link opens what it carries, and it goes on the bench under an id of its own', async () => {
  window.location.hash = `#p=${packPlan({ ...FIRST_PLAN, name: 'From a friend' })!}`;
  render(<OpenPlan fryerId="f" />);
  expect(await screen.findByRole('heading', { name: 'From a friend' })).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Put it on the bench' }));
  const [, path, body] = mockSend.mock.calls[0]!;
  expect(body).toMatchObject({ fryerId: 'f', document: { name: 'From a friend' } });
  expect(mockPush).toHaveBeenCalledWith(`/?plan=${path.split('/').at(-1)}`);
});

test('a pasted recipe says what was understood and what was not', async () => {
  render(<OpenPlan fryerId="f" />);
  await userEvent.click(screen.getByLabelText('or paste its text'));
  await userEvent.paste('{"@type":"Recipe","name":"Carrot sticks","recipeIngredient":["300 g carrots"]}');
  expect(await screen.findByRole('status')).toHaveTextContent(/Understood: food, shape, amount/);
  expect(screen.getByRole('status')).toHaveTextContent(/as in an ordinary plan: thickness, dial, soak, drying, oil/);
});

test('a file that is no plan is refused by field; too large a file is not read', async () => {
  render(<OpenPlan fryerId="f" />);
  const choose = screen.getByLabelText(/Choose a file/);
  await userEvent.upload(
    choose,
    new File(['{"format":"drubek.plan","version":9}'], 'a.json', { type: 'application/json' }),
  );
  expect(await screen.findByRole('alert')).toHaveTextContent(/version/);
  await userEvent.upload(choose, new File(['x'.repeat(1_000_001)], 'b.json', { type: 'application/json' }));
  expect(await screen.findByText(/larger than 1 MB/)).toBeInTheDocument();
});

test('when it cannot be stored the plan stays and that is said', async () => {
  mockSend.mockResolvedValue({ kind: 'away', error: 'The server cannot be reached.' });
  render(<OpenPlan fryerId="f" />);
  await userEvent.click(screen.getByLabelText('or paste its text'));
  await userEvent.paste(JSON.stringify(writePlanFile(FIRST_PLAN)));
  await userEvent.click(await screen.findByRole('button', { name: 'Put it on the bench' }));
  expect(screen.getByText(/The plan is still here; try again/)).toBeInTheDocument();
});
