import type { PrepTask } from '../prep/prep-tasks';

const MINUTE = 60;
const HOUR = 3600;

/** Longest that cooked food stands in the kitchen, s. Source: food-safety advice, two hours. */
export const LONGEST_OUT = 2 * HOUR;

/**
 * Longest that pieces may lie after a step before the next, s. Source: assumed from what happens to them: cut faces dry and darken in
 * minutes, under water nothing does; a towelled piece sweats, salt draws water, batter runs, a coat wants rest but not long; what
 * was cooked is within the two hours of food-safety advice, what is chilled within a day.
 */
const LONGEST: Record<PrepTask['kind'] | 'board', number> = {
  board: 15 * MINUTE,
  rinse: LONGEST_OUT,
  soak: LONGEST_OUT,
  dip: 15 * MINUTE,
  brine: 30 * MINUTE,
  marinate: 30 * MINUTE,
  press: HOUR,
  parcook: HOUR,
  cool: HOUR,
  cook: HOUR,
  dry: 15 * MINUTE,
  oil: 10 * MINUTE,
  starch: 10 * MINUTE,
  season: 5 * MINUTE,
  bind: 10 * MINUTE,
  dredge: 30 * MINUTE,
  coat: 30 * MINUTE,
  batter: 5 * MINUTE,
  'press-flat': 30 * MINUTE,
  cut: 15 * MINUTE,
  chill: 24 * HOUR,
  freeze: 24 * HOUR,
  'freeze-thaw': 24 * HOUR,
  preheat: 0,
};

/** @see LONGEST */
export function longestAfter(kind: PrepTask['kind'] | 'board'): number {
  return LONGEST[kind];
}
