/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { DueAction } from './due-action';

const show = (part: Partial<Parameters<typeof DueAction>[0]>) =>
  render(
    <DueAction verb="Shake" left={72} dial="190 °C" detail={null} caution="Hot." pull={null} {...part}>
      12:48 in the fryer.
    </DueAction>,
  );

test('before it is due the countdown stands after "in", with the pull that follows by minutes and by the clock', () => {
  const { container } = show({ pull: { left: 265, at: Date.parse('2026-11-26T18:27:00') } });
  expect(screen.getByRole('timer')).toHaveTextContent('in1:12');
  expect(container).toHaveTextContent(/then\s*Pull\s*in about 4½ min\s*18:27/);
  expect(container.firstChild).not.toHaveClass('bg-enamel');
});

test('when it is due iron turns to enamel and the digits become "now", by words too', () => {
  const { container } = show({ left: -5 });
  expect(screen.getByRole('timer')).toHaveTextContent('now 0:05 ago');
  expect(screen.getByText('Shake')).toHaveTextContent('Shake now');
  expect(container.firstChild).toHaveClass('bg-enamel');
});
