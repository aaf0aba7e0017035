import { newEvening, withDish } from '@/editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import type { ShownSchedule } from '@/workers/evening/protocol';
import { calendarOfEvening } from './evening-calendar';

test('a calendar has an event with its alarm for each thing hands do, and the table', () => {
  const serveAt = new Date(2026, 10, 28, 19, 0).getTime();
  const bare = newEvening('Friday', new Date(serveAt), ['3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11']);
  const evening = withDish(bare, ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4));
  const shown: ShownSchedule = {
    loss: 0,
    serveAt,
    steps: [
      { id: 'dip:own-1', dish: 'dip', kind: 'own', begin: 3600, length: 480, uses: [] },
      { id: 'evening:serve', dish: 'evening', kind: 'serve', begin: 60, length: 60, uses: [] },
    ],
    work: [
      { step: 'dip:own-1', from: 3600, to: 3120, cook: 0 },
      { step: 'evening:serve', from: 60, to: 0, cook: 0 },
    ],
    table: [],
    warmUps: [],
    orders: [],
  };
  const calendar = calendarOfEvening(shown, evening)!;
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(3);
  expect(calendar.match(/BEGIN:VALARM/g)).toHaveLength(2);
  expect(calendar).toContain('SUMMARY:Chop herbs\\, stir the dip (A)');
  expect(calendar).toContain('SUMMARY:All to the table (A)');
  expect(calendar).toContain('SUMMARY:Friday: on the table');
});
