/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn(), replace: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));

import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Finding } from '@/core/learn/findings';
import { logAskSchema } from '@/schemas/log-ask';
import { batchEvent, pastBatch } from '../../../../tests/support/batch';
import { furnishDom } from '../../../../tests/support/dom';
import { LogBoard } from './log-board';
import { logAddress } from './log-address';
import { LogFilters } from './log-filters';
import { LogRows } from './log-rows';

beforeAll(furnishDom);

describe('the list', () => {
  test('a batch stands by its colours, with what came of it and when it was pulled', async () => {
    render(<LogRows batches={[pastBatch()]} />);
    const row = screen.getByRole('link');
    expect(row).toHaveAttribute('href', '/log/3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11');
    expect(row).toHaveTextContent('Floury potato, 10 mm sticks');
    expect(row).toHaveTextContent('Crisp, some differ, wet inside');
    expect(row).toHaveTextContent('to pull after 20 min, pulled after 20 min');
    expect(row).toHaveTextContent('on time');
    const drawer = await within(row).findByRole('img', { name: 'Colours when pulled' });
    const pieces = drawer.querySelectorAll('g[transform]');
    expect(pieces.length).toBeGreaterThan(20);
    expect(pieces.length).toBeLessThanOrEqual(40);
    expect(new Set(Array.from(pieces, (piece) => piece.innerHTML)).size).toBeGreaterThan(5);
  });

  test('a pull that was late by minutes says so', () => {
    render(<LogRows batches={[pastBatch({ events: [batchEvent('loaded', 0), batchEvent('done', 26)] })]} />);
    expect(screen.getByRole('link')).toHaveTextContent('7 min late');
  });

  test.each([
    ['In preparation', []],
    ['In the fryer', [batchEvent('loaded', 0)]],
    ['Outcome not said yet', [batchEvent('loaded', 0), batchEvent('done', 20)]],
  ])('one without an outcome says %s', (words, events) => {
    render(<LogRows batches={[pastBatch({ events, outcome: null, fingerprint: [] })]} />);
    expect(screen.getByRole('link')).toHaveTextContent(words);
    expect(screen.getByRole('link')).toHaveTextContent('no colours yet');
  });
});

describe('the board', () => {
  const finding: Finding = {
    about: { kind: 'fryer', fryer: 'Large drawer', quantity: 'offset' },
    before: { mean: 0, deviation: 9 },
    now: { mean: -12, deviation: 3 },
    sureness: 'sure',
    from: [pastBatch().id],
    tests: 0,
    agree: 4,
    differ: 0,
  };
  const other = pastBatch({ id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12' });

  test('a finding is said with its evidence and marks its batches; two that are ticked can be laid side by side', async () => {
    const says = { [other.id]: { mean: -14, deviation: 4 } };
    render(
      <LogBoard batches={[pastBatch(), other]} findings={[finding]} says={says} byDish={false}>
        <p>filters</p>
      </LogBoard>,
    );
    expect(screen.getByRole('button', { name: 'Large drawer runs 12 °C under its dial (±4 °C)' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    expect(screen.getAllByText('counts for the line opened above')).toHaveLength(1);
    expect(screen.getByText('14 °C under')).toBeInTheDocument();
    for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
    expect(screen.getByRole('link', { name: 'Lay side by side' })).toHaveAttribute(
      'href',
      `/log/compare?batch=${pastBatch().id}&batch=${other.id}`,
    );
  });

  test('filters and words change the address, and nothing else', async () => {
    render(
      <LogFilters
        ask={logAskSchema.parse({})}
        foods={['celeriac']}
        shapes={['stick']}
        fryers={['Large drawer']}
        total={2}
      />,
    );
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Food' }), 'Celeriac');
    expect(mockRouter.replace).toHaveBeenLastCalledWith('/log?food=celeriac');
    await userEvent.type(screen.getByRole('searchbox'), 'heap');
    await waitFor(() => expect(mockRouter.replace).toHaveBeenLastCalledWith('/log?words=heap'));
    expect(logAddress({ order: 'dish', page: 2, words: 'a b' })).toBe('/log?words=a+b&order=dish&page=2');
  });
});
