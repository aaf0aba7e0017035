/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { withLoad } from '@/editing/amounts';
import { withStepChanged } from '@/editing/edit-steps';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { KeptAmounts } from './kept-amounts';

test('what stayed behind is said with both loads, and one tap lets it follow', async () => {
  const at = FIRST_PLAN.prep.findIndex(({ step }) => step === 'oil');
  const set = withStepChanged(FIRST_PLAN, 'prep', at, { step: 'oil', mass_g: 6 });
  const release = jest.fn();
  const { rerender } = render(<KeptAmounts document={set} release={release} />);
  expect(screen.queryByRole('status')).toBeNull();
  rerender(<KeptAmounts document={withLoad(set, 1000)} release={release} />);
  expect(screen.getByRole('status')).toHaveTextContent('Oil: stays at 6 g, as you set it for 500 g.');
  await userEvent.click(screen.getByRole('button', { name: 'Let it follow: 12 g' }));
  expect(release.mock.calls[0][0].prep[at]).toEqual({ step: 'oil', mass_g: 12 });
});
