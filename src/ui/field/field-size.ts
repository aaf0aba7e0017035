/** Heights of the parts of a colour field, px: the dial's line above it, the window's bracket, the minutes and the share of pieces right below. */
export const STAGE_HEIGHT = 34;
export const BRACKET_HEIGHT = 18;
export const AXIS_HEIGHT = 18;
export const SHARE_HEIGHT = 44;

/** Room on either side of it, px. */
export const MARGIN = 28;
