/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { TabTitle, useTabCountdown } from './tab-title';

function Run({ verb, left = 0 }: { verb: string | null; left?: number }) {
  useTabCountdown(verb, left);
  return null;
}

test('the page’s name, or a run’s countdown in its place; what is left leaves nothing behind on the next page', () => {
  const { rerender } = render(<TabTitle page="Cook" />);
  expect(document.title).toBe('Cook · Drubek');
  const cooking = (verb: string | null, left = 0) => (
    <div key="cook">
      <TabTitle page="Cook" />
      <Run verb={verb} left={left} />
    </div>
  );
  rerender(cooking(null));
  expect(document.title).toBe('Cook · Drubek');
  rerender(cooking('Shake', 1));
  expect(document.title).toBe('Shake in 0:01 · Drubek');
  rerender(cooking('Shake', 0));
  expect(document.title).toBe('Shake now · Drubek');
  rerender(
    <div key="log">
      <TabTitle page="Log" />
    </div>,
  );
  expect(document.title).toBe('Log · Drubek');
  rerender(<TabTitle />);
  expect(document.title).toBe('Drubek');
  expect(document.querySelectorAll('title')).toHaveLength(1);
});

test('the same countdown shown twice on a page, for a desk and a phone, goes when both go', () => {
  const { rerender } = render(
    <>
      <TabTitle page="Log" />
      <Run key="desk" verb="Pull" left={60} />
      <Run key="phone" verb="Pull" left={60} />
    </>,
  );
  expect(document.title).toBe('Pull in 1:00 · Drubek');
  rerender(
    <>
      <TabTitle page="Log" />
      <Run key="desk" verb="Pull" left={59} />
      <Run key="phone" verb="Pull" left={59} />
    </>,
  );
  expect(document.title).toBe('Pull in 0:59 · Drubek');
  rerender(<TabTitle page="Log" />);
  expect(document.title).toBe('Log · Drubek');
});
