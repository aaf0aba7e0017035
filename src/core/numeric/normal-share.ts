/**
 * Share of the standard normal distribution below a value.
 * Error: below 7.5e-8 absolute. Source: Abramowitz & Stegun (1964), formula 26.2.17.
 */
export function normalShare(value: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(value));
  const series = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-value * value) / 2) / Math.sqrt(2 * Math.PI)) * series;
  return value < 0 ? tail : 1 - tail;
}
