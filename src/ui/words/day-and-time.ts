import { format } from 'date-fns';
import type { UnitSystem } from './format';
import { timeOfDayText } from './time-of-day';

/** A day in the given form with its time of day: 3 Nov 2026, 19:05. */
export function dayAndTimeText(date: Date, day: string, units: UnitSystem): string {
  return `${format(date, day)}, ${timeOfDayText(format(date, 'HH:mm'), units)}`;
}
