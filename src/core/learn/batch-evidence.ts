import { deviation, NOISE, seen, SLIPS } from '../coach/likelihood';
import { ANSWER_STEP, type Observation } from '../coach/observation';
import { PARTICLE_RESOLUTION, type Trace, traceAt, tracesOf } from '../coach/trace';
import { cookDuration, type Plan } from '../plan/plan';
import { RIGHT_BROWNING } from '../piece/judge-piece';
import { choleskyFactor, solveFactored } from '../numeric/cholesky';
import { type Evidence, NO_EVIDENCE } from './evidence';
import { QUANTITY_COUNT, UNIT } from './quantities';
import { type CameOut, saidCrispness } from './what-came-out';

/** Passes of the Gauss–Newton iteration. Source: numerics; the fifth moves the mean by less than 0.05 standard deviations. */
const PASSES = 4;

/** Step of the differences, standard deviations. Source: numerics; large enough that the grid's own steps vanish beside it. */
const STEP = 0.6;

/** Furthest that the mean may lie from what is expected, standard deviations. Source: numerics; the model is not linear beyond. */
const FURTHEST = 3.5;

/** Standard deviation of the bite as said by a word, ln. Source: assumed, half the step between two words. */
const WORD_NOISE = 0.45;

/** The heap of every cook: the same as of a run's guesses. */
const HEAP = 1;

const [HEAT, OFFSET, POWER, BROWNING, SHADE, FIRMNESS] = [0, 1, 2, 3, 4, 5] as const;
const OF_THE_FRYER = [HEAT, OFFSET, POWER] as const;

/** What a cook of these quantities would have shown, against what was told; zero where they agree. */
type Residuals = (trace: Trace, x: readonly number[]) => number[];

/** The colour in the middle of what counts as wished, by the ends of its band in ln. */
function wishedBrowning({ target }: Plan): number {
  const { from, to } = RIGHT_BROWNING[target.colour];
  return Math.sqrt(from * to);
}

/**
 * Residuals of everything told, in standard deviations of the noise of each: by the likelihood of the run for what was seen on the
 * way; by the same swatch and step for what came out. Whether the colour was liked is held against the cook's own shade.
 */
function residualsOf(plan: Plan, observations: readonly Observation[], pulledAt: number, cameOut: CameOut): Residuals {
  const wished = wishedBrowning(plan);
  const said = cameOut.bite === null ? null : saidCrispness(cameOut.bite, plan.target.crispness);
  return (trace, x) => {
    const residuals = observations.map((one) => deviation(trace, one));
    const browning = seen(traceAt(trace, trace.browning, pulledAt));
    if (cameOut.browning !== null) residuals.push((browning - seen(cameOut.browning)) / NOISE.swatch);
    if (cameOut.liked !== null) {
      const step = { 'as-wished': 0, 'too-pale': -ANSWER_STEP, 'too-dark': ANSWER_STEP }[cameOut.liked];
      residuals.push((browning - seen(wished * Math.exp(UNIT.shade * x[SHADE]!)) - step) / NOISE.look);
    }
    if (said !== null) {
      const bite = seen(traceAt(trace, trace.crispness, pulledAt));
      residuals.push((bite - seen(said * Math.exp(UNIT.firmness * x[FIRMNESS]!))) / WORD_NOISE);
    }
    return residuals;
  };
}

/** The plan in a fryer that lies so many standard deviations from it, and its trace until `atLeast` s. Cost: a cook. */
function cookIn(plan: Plan, x: readonly number[], atLeast: number): Trace {
  const { fryer } = plan;
  const own: Plan = {
    ...plan,
    browningScale: plan.browningScale * Math.exp(UNIT.browning * x[BROWNING]!),
    fryer: {
      ...fryer,
      heatTransferCoefficient: fryer.heatTransferCoefficient * Math.exp(UNIT.heatTransfer * x[HEAT]!),
      thermostatOffset: fryer.thermostatOffset + UNIT.offset * x[OFFSET]!,
      maximumPower: fryer.maximumPower * Math.exp(UNIT.power * x[POWER]!),
    },
  };
  return tracesOf(own, HEAP, [1], atLeast)[0]!;
}

/** The trace of a food that browns so many standard deviations faster: browning is a scale. */
function browned(trace: Trace, deviations: number): Trace {
  const scale = Math.exp(UNIT.browning * deviations);
  return { ...trace, browning: trace.browning.map((value) => value * scale) };
}

/** How much a residual counts, given that some answers are slips. */
function trust(residual: number): number {
  const meant = (1 - SLIPS) * Math.exp(-(residual * residual) / 2);
  return meant / (meant + SLIPS * Math.exp(-4.5));
}

/**
 * What a finished batch says: the mean that explains it best over a standard normal prior by Gauss–Newton, each answer weighed by
 * how likely it is no slip; the likelihood there in its information form, the prior taken out again.
 * @param plan as it was really cooked, in the fryer as labelled: nothing learnt in it
 * @param pulledAt s after loading
 * Cost: four coarse cooks a pass, sixteen in all.
 */
export function batchEvidence(
  plan: Plan,
  observations: readonly Observation[],
  pulledAt: number,
  cameOut: CameOut,
): Evidence {
  const n = QUANTITY_COUNT;
  const residuals = residualsOf(plan, observations, pulledAt, cameOut);
  const until = Math.max(cookDuration(plan), pulledAt) + PARTICLE_RESOLUTION.interval;
  let x: number[] = new Array<number>(n).fill(0);
  let evidence: Evidence = NO_EVIDENCE;
  for (let pass = 0; pass < PASSES; pass++) {
    const here = cookIn(plan, x, until);
    const r = residuals(here, x);
    if (r.length === 0) return NO_EVIDENCE;
    const columns = x.map((_, i) => {
      const moved = x.with(i, x[i]! + STEP);
      const there = OF_THE_FRYER.includes(i as typeof HEAT)
        ? cookIn(plan, moved, until)
        : i === BROWNING
          ? browned(here, STEP)
          : here;
      const shifted = residuals(there, moved);
      return r.map((value, k) => (shifted[k]! - value) / STEP);
    });
    const weights = r.map((value) => (pass === 0 ? 1 : trust(value)));
    const information = Array.from({ length: n * n }, (_, at) => {
      const [left, right] = [columns[Math.floor(at / n)]!, columns[at % n]!];
      return weights.reduce((sum, w, k) => sum + w * left[k]! * right[k]!, 0);
    });
    /* η = Jᵀ·W·(J·x − r): where the residuals would vanish if all were linear */
    const aim = r.map((value, k) => columns.reduce((sum, column, i) => sum + column[k]! * x[i]!, -value));
    const vector = columns.map((column) => weights.reduce((sum, w, k) => sum + w * column[k]! * aim[k]!, 0));
    evidence = { information, vector, answers: r.length };
    const precision = information.map((value, at) => value + (at % (n + 1) === 0 ? 1 : 0));
    x = Array.from(solveFactored(choleskyFactor(precision, n), vector), (value) =>
      Math.min(FURTHEST, Math.max(-FURTHEST, value)),
    );
  }
  return evidence;
}
