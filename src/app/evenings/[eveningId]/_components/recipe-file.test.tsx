/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readOwnRecipe } from '@/editing/own-recipe';
import { evening, FRYER } from '../../../../../tests/support/shown-evening';
import { AddDish } from './add-dish';

const mockRead = jest.fn();
jest.mock('@/workers/reading/client', () => ({
  readApart: async (...asked: [string, string]) => mockRead(...asked),
}));

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  mockRead.mockImplementation((_kind: string, text: string) => readOwnRecipe(text));
});

const file = (content: string) => {
  const made = new File([content], 'recipe.json', { type: 'application/json' });
  made.text = async () => content;
  return made;
};
const RECIPE = JSON.stringify({
  '@type': 'Recipe',
  name: 'Lentils',
  recipeYield: '2 people',
  recipeIngredient: ['200 g lentils'],
  recipeInstructions: ['Simmer the lentils for 20 minutes in a pot'],
});

test('a recipe file fills in the dish for the cook to look over, and what is bought goes by the guests', async () => {
  const onAdd = jest.fn();
  render(<AddDish evening={evening} fryer={FRYER} plans={[]} onAdd={onAdd} />);
  await userEvent.click(screen.getByRole('radio', { name: 'In your own words' }));
  const input = screen.getByLabelText(/from a recipe file/);
  await userEvent.upload(input, file('{"@type": "Thing"}'));
  expect(await screen.findByRole('alert')).toHaveTextContent('No recipe with steps stands in this file.');
  await userEvent.upload(input, file(RECIPE));
  expect(await screen.findByDisplayValue('Lentils')).toBeVisible();
  expect(screen.getByLabelText('Steps, a line each')).toHaveValue(
    'Simmer the lentils in a pot 1 min, 20 min waiting, ring',
  );
  expect(screen.getByRole('status')).toHaveTextContent('What is bought for it (written for 2) comes along: 1 line.');
  expect(screen.queryByRole('alert')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(onAdd).toHaveBeenCalledWith(
    expect.objectContaining({
      name: 'Lentils',
      needs: [`${evening.people * 100} g lentils`],
      steps: [expect.objectContaining({ waits_min: 20, place: 'ring' })],
    }),
  );
});

test('a file too large for any recipe is not read', async () => {
  render(<AddDish evening={evening} fryer={FRYER} plans={[]} onAdd={jest.fn()} />);
  await userEvent.click(screen.getByRole('radio', { name: 'In your own words' }));
  mockRead.mockClear();
  await userEvent.upload(screen.getByLabelText(/from a recipe file/), file('x'.repeat(1_000_001)));
  expect(await screen.findByRole('alert')).toHaveTextContent('larger than 1 MB');
  expect(mockRead).not.toHaveBeenCalled();
});
