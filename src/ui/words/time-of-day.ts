import type { UnitSystem } from './format';

/** A time of day HH:MM as this kitchen says it: 19:05, or 7:05 pm. */
export function timeOfDayText(hhmm: string, units: UnitSystem): string {
  if (units !== 'us') return hhmm;
  const [hours = 0, minutes = 0] = hhmm.split(':').map(Number);
  return `${hours % 12 === 0 ? 12 : hours % 12}:${String(minutes).padStart(2, '0')} ${hours < 12 ? 'am' : 'pm'}`;
}

/** Reads a time of day as cooks write it, 19:05, 19.05, 1905, 7 pm or 7:05pm, as HH:MM; null where it is none. */
export function readTimeOfDay(typed: string): string | null {
  const parts = /^\s*(\d{1,2})(?:[:.h ]?(\d{2}))?\s*([ap])?\.?(?:m\.?)?\s*$/i.exec(typed);
  if (!parts) return null;
  const [, hour, minute = '00', half] = parts;
  let hours = Number(hour);
  if (half && (hours < 1 || hours > 12)) return null;
  if (half) hours = (hours % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  if (hours > 23 || Number(minute) > 59) return null;
  return `${String(hours).padStart(2, '0')}:${minute}`;
}

/** Whether what is typed so far is a whole time of day, so that it need not wait for the field to be left. */
export function isWholeTime(typed: string): boolean {
  return /^\s*\d{1,2}[:.]\d{2}(\s*[ap]\.?m\.?)?\s*$/i.test(typed) && readTimeOfDay(typed) !== null;
}
