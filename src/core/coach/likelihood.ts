import { ANSWER_STEP, type Observation } from './observation';
import { type Trace, traceAt } from './trace';

/** Added to browning and crispness before the logarithm, so that "nothing yet" is a number. Source: assumed; less cannot be seen. */
const LEAST_SEEN = 0.08;

/**
 * Standard deviations of what is told: ln browning beside a picture, ln browning by swatch, ln crispness by a bend, share of the
 * weight put in, K of air, share of pieces taken as right. Source: assumed; eyes in kitchen light tell half a swatch, kitchen scales 1–2 g and what sticks to the basket.
 */
export const NOISE = { look: 0.25, swatch: 0.2, bite: 0.4, weight: 0.015, air: 4, pulled: 0.25 } as const;

/** Load below which a scale's own error counts instead, kg. Source: assumed, 1.5 g of 100 g. */
const LEAST_WEIGHED = 0.1;

/** Share of answers that are slips of the hand or of the eye. Source: assumed; keeps one wrong tap from deciding all. */
export const SLIPS = 0.02;

/** What is seen of a browning or a bite, ln. */
export const seen = (value: number) => Math.log(Math.max(0, value) + LEAST_SEEN);

/** How far an observation lies from what a trace has at that time, in standard deviations. */
export function deviation(trace: Trace, observation: Observation): number {
  const { time } = observation;
  switch (observation.kind) {
    case 'look': {
      const step = { 'as-shown': 0, paler: -ANSWER_STEP, darker: ANSWER_STEP }[observation.look];
      return (seen(traceAt(trace, trace.browning, time)) - seen(observation.shown) - step) / NOISE.look;
    }
    case 'swatch':
      return (seen(traceAt(trace, trace.browning, time)) - seen(observation.browning)) / NOISE.swatch;
    case 'bite': {
      const step = { 'as-said': 0, softer: -ANSWER_STEP, crisper: ANSWER_STEP }[observation.bite];
      return (seen(traceAt(trace, trace.crispness, time)) - seen(observation.said) - step) / NOISE.bite;
    }
    case 'weight':
    case 'weight-left': {
      const put = Math.max(LEAST_WEIGHED, trace.weight[0]!);
      const mass = observation.kind === 'weight' ? observation.mass : observation.share * trace.weight[0]!;
      return (traceAt(trace, trace.weight, time) - mass) / (NOISE.weight * put);
    }
    case 'pulled':
      return (traceAt(trace, trace.right, time) - observation.share) / NOISE.pulled;
    case 'air':
      return (traceAt(trace, trace.air, time) - observation.temperature) / NOISE.air;
  }
}

/** Log likelihood of an observation under a trace, up to a constant: ln((1 − s)·exp(−z²/2) + s·exp(−4.5)), s the share of slips. */
export function logLikelihood(trace: Trace, observation: Observation): number {
  const z = deviation(trace, observation);
  return Math.log((1 - SLIPS) * Math.exp(-(z * z) / 2) + SLIPS * Math.exp(-4.5));
}
