import { z } from 'zod';
import { newId } from './new-id';

test('ids are UUIDs with and without the browser’s own maker, and no two are alike', () => {
  const own = crypto.randomUUID.bind(crypto);
  const ids = [newId(), newId()];
  Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true });
  ids.push(newId(), newId());
  Object.defineProperty(crypto, 'randomUUID', { value: own, configurable: true });
  ids.forEach((id) => expect(z.uuid().safeParse(id).success).toBe(true));
  expect(new Set(ids).size).toBe(4);
});
