import { notify, notifyError, onFirstMessage, showMessagesBy } from './notify';

test('what is said before anybody shows it waits, in its order, and wakes who will', () => {
  const wake = jest.fn();
  const leave = onFirstMessage(wake);
  notify('Saved');
  notifyError('Lost');
  expect(wake).toHaveBeenCalled();
  const shown: string[] = [];
  const end = showMessagesBy(({ words, isError }) => shown.push(isError ? `! ${words}` : words));
  notify('Later');
  expect(shown).toEqual(['Saved', '! Lost', 'Later']);
  end();
  leave();
  notify('Nobody listens');
  const late = jest.fn();
  onFirstMessage(late);
  expect(late).toHaveBeenCalledTimes(1);
  showMessagesBy(({ words }) => shown.push(words))();
  expect(shown.at(-1)).toBe('Nobody listens');
});
