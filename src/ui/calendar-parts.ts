import { roundToNearestMinutes } from 'date-fns';

/** Local wall time to the minute as a calendar file wants it. */
export function calendarParts(exact: Date): [number, number, number, number, number] {
  const date = roundToNearestMinutes(exact);
  return [date.getFullYear(), date.getMonth() + 1, date.getDate(), date.getHours(), date.getMinutes()];
}
