/** Emptying and filling between loads with the drawer out, s. Source: assumed. */
export const CHANGE_OVER = 90;
