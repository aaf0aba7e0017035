import type { ScaleLinear } from 'd3';

/** Seconds to px along the field. */
export type TimeScale = ScaleLinear<number, number>;
