import { subSeconds } from 'date-fns';

/** Clock time `seconds` before `clock` (HH:MM), or null when that is no time. */
export function clockBefore(clock: string, seconds: number): string | null {
  const parts = /^(\d{1,2}):(\d{2})$/.exec(clock);
  if (!parts) return null;
  const before = subSeconds(new Date(2000, 0, 2, Number(parts[1]), Number(parts[2])), seconds);
  return `${String(before.getHours()).padStart(2, '0')}:${String(before.getMinutes()).padStart(2, '0')}`;
}
