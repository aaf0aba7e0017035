/** The board, the sink, a ring of the hob, and the oven by its shelves. */
export const BOARD = 'board';
export const SINK = 'sink';
export const RING = 'ring';
export const OVEN = 'oven';
