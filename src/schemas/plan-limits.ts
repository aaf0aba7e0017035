/** Limits of what is physical and of what a forecast can still answer in time. */
export const PLAN_LIMITS = {
  thicknessMm: [0.8, 70],
  leafMm: [0.2, 3],
  lengthMm: [3, 250],
  scatter: [0, 0.4],
  massG: [20, 3000],
  startTemperatureC: [-2, 80],
  waterC: [0, 100],
  prepMinutes: [0.5, 2880],
  oilG: [0, 200],
  filmGM2: [0, 500],
  coatG: [0, 500],
  powerW: [400, 3500],
  basketCm2: [100, 2000],
  basketHeightMm: [30, 300],
  dialC: [60, 250],
  stageMinutes: [0.5, 120],
} as const satisfies Record<string, readonly [number, number]>;
