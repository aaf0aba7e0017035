/** The board, a ring of the hob, and the oven by its shelves. */
export const BOARD = 'board';
export const RING = 'ring';
export const OVEN = 'oven';
