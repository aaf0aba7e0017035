/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { late } from './late';

const Word = ({ word }: { word: string }) => <p>{word}</p>;
const drawn = (Component: typeof Word) =>
  render(
    <Suspense fallback="not yet">
      <Component word="here" />
    </Suspense>,
  );

test('what was fetched before is drawn in the same breath; what was not comes once it is there', async () => {
  const fetched = late(async () => Word);
  await act(async () => fetched.fetch());
  drawn(fetched.Late as typeof Word);
  expect(screen.getByText('here')).toBeInTheDocument();
  const unfetched = late(async () => Word);
  const { container } = drawn(unfetched.Late as typeof Word);
  expect(container).toHaveTextContent('not yet');
  await screen.findAllByText('here');
});

test('a fetch that fails is no fault: it is asked for again when it is drawn', async () => {
  let asked = 0;
  const { Late, fetch } = late(async () => {
    asked++;
    if (asked === 1) throw new Error('no network');
    return Word;
  });
  await act(async () => fetch());
  drawn(Late as typeof Word);
  expect(await screen.findByText('here')).toBeInTheDocument();
});
