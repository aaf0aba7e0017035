import { isValid, parse } from 'date-fns';

/** How days are written. */
export const DATE_FORMS = ['yyyy-MM-dd', 'd.M.yyyy', 'd/M/yyyy', 'M/d/yyyy'] as const;

/** @see DATE_FORMS */
export type DateForm = (typeof DATE_FORMS)[number];

/** The form that reads most of the days. */
export function guessDates(values: readonly string[]): DateForm {
  const reads = (form: DateForm) => values.filter((value) => dayOf(value, form) !== null).length;
  return DATE_FORMS.reduce((best, form) => (reads(form) > reads(best) ? form : best));
}

/** Noon of a day, local time. */
export function dayOf(value: string, form: DateForm): Date | null {
  const day = parse(value.slice(0, 10).trim(), form, new Date(2000, 0, 1, 12));
  return isValid(day) ? new Date(day.getFullYear(), day.getMonth(), day.getDate(), 12) : null;
}
