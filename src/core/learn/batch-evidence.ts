import { MEMBER_RESOLUTION } from '../batch/resolution';
import { deviation, NOISE, seen, SLIPS } from '../coach/likelihood';
import { ANSWER_STEP, type Observation } from '../coach/observation';
import { type Trace, recordUntilKnown, traceAt, tracesIn } from '../coach/trace';
import { goingOn } from '../forecast/interval';
import type { Plan } from '../plan/plan';
import { sugarSensitivity } from '../prep/sugar-sensitivity';
import { judgeFor, RIGHT_BROWNING } from '../piece/judge-piece';
import type { Evidence } from './evidence';
import { explain } from './gauss-newton';
import { UNIT } from './quantities';
import { type CameOut, hasHeart, saidCrispness } from './what-came-out';

/** Passes of the Gauss–Newton iteration. Source: numerics; the fifth moves the mean by less than 0.05 standard deviations. */
const PASSES = 4;

/** Step of the differences, standard deviations. Source: numerics; large enough that the grid's own steps vanish beside it. */
const STEP = 0.6;

/** Standard deviation of the bite as said by a word, ln. Source: assumed, half the step between two words. */
const WORD_NOISE = 0.45;

/** Dose over that needed, or under, beyond which it is ever harder to tell by how much, ln. Source: assumed, a factor of two; a heart that dries is hot, and its dose runs away. */
const TELLABLE = Math.LN2;

/** Dose of a heart that has hardly begun to soften, so that its logarithm is a number. Source: numerics. */
const LEAST_DOSE = 0.02;

/** Standard deviation of a heart that is called hard or soft, ln of its dose. Source: assumed; where hard ends differs between mouths by a third. */
const HEART_NOISE = 0.4;

/**
 * How near to the call a cook pulls who follows it, how far from it what is right for the own eye may lie, and how near to that one
 * pulls who decides by eye, ln of s. Source: assumed; half a minute of twenty, the interval of a kitchen that knows little, a minute.
 */
const OWN_PULL = { follows: 0.03, apart: 0.15, near: 0.05 } as const;

/** Pulls that are tapped only once the cook thinks of it: share of all, and how much later, s. Source: assumed, one in ten and some minutes. */
const TOLD_LATE = { share: 0.1, mean: 240 } as const;

/** Least that colour or bite rises by ln of time, so that one which stands still is not told to the second. Source: numerics. */
const LEAST_SLOPE = 1;

/** The heap of every cook: the same as of a run's guesses. */
const HEAP = 1;

const [HEAT, OFFSET, POWER, BROWNING, SHADE, FIRMNESS, SOFTENING, SUGAR] = [0, 1, 2, 3, 4, 5, 6, 7] as const;
const OF_THE_FRYER = [HEAT, OFFSET, POWER] as const;

/** What a cook of quantities `x` would have shown, against what was told, zero where they agree; the liking is that of `from`. */
type Residuals = (trace: Trace, x: readonly number[], liking: Liking, from: readonly number[]) => number[];

/**
 * What "as I like it" means beside a cook: the typical browning, ln, at which a taste like that of `x` would find the batch right,
 * bite and heart included; and how much of a darker taste shows in it, 0 where the bite decides when it is right, 1 where the colour
 * does; and its bite at that moment, ln. By these a cook who finds right what the app calls right tells nothing new, so that a
 * forecast cannot confirm itself.
 */
interface Liking {
  readonly at: number;
  readonly share: number;
  readonly bite: number;
  /** how fast colour and bite rise around the pull, d ln by d ln t */
  readonly slopes: { readonly browning: number; readonly bite: number };
}

function likingOf(
  { here, shadier }: Cooked,
  { target: { colour } }: Plan,
  x: readonly number[],
  pulledAt: number,
): Liking {
  const { from, to } = RIGHT_BROWNING[colour];
  const slopes = {
    browning: slopeAt(here, here.browning, pulledAt),
    bite: slopeAt(here, here.crispness, pulledAt),
  };
  if (here.pullTime === null) {
    return { at: seen(Math.sqrt(from * to) * Math.exp(UNIT.shade * x[SHADE]!)), share: 1, bite: 0, slopes };
  }
  const at = seen(traceAt(here, here.browning, here.pullTime));
  const bite = seen(traceAt(here, here.crispness, here.pullTime));
  const darker = shadier.pullTime === null ? at : seen(traceAt(here, here.browning, shadier.pullTime));
  return { at, share: Math.min(1, Math.max(0, (darker - at) / (UNIT.shade * STEP))), bite, slopes };
}

/**
 * Residuals of everything told, in standard deviations of the noise of each: by the likelihood of the run for what was seen on the
 * way; by the same swatch and step for what came out.
 */
function residualsOf(
  plan: Plan,
  observations: readonly Observation[],
  pulledAt: number,
  cameOut: CameOut,
  called: number | null,
): Residuals {
  const own = called !== null && cameOut.liked === 'as-wished' ? ownDecision(pulledAt, called) : 0;
  const said = cameOut.bite === null ? null : saidCrispness(cameOut.bite, plan.target.crispness);
  const { softness: needed } = judgeFor(plan.target);
  return (trace, x, liking, from) => {
    const residuals = observations.map((one) => deviation(trace, one));
    const browning = seen(traceAt(trace, trace.browning, pulledAt));
    if (cameOut.browning !== null) residuals.push((browning - seen(cameOut.browning)) / NOISE.swatch);
    if (cameOut.liked !== null) {
      const step = { 'as-wished': 0, 'too-pale': -ANSWER_STEP, 'too-dark': ANSWER_STEP }[cameOut.liked];
      const darker = liking.share * UNIT.shade * (x[SHADE]! - from[SHADE]!);
      residuals.push((Math.sqrt(1 - own) * liking.share * (browning - liking.at - darker - step)) / NOISE.look);
      if (own > 0) {
        /* pulled by eye: in time as near as that, in whichever of colour and bite it shows */
        const bite = seen(traceAt(trace, trace.crispness, pulledAt)) - UNIT.firmness * x[FIRMNESS]!;
        residuals.push(
          (Math.sqrt(own) * liking.share * (browning - liking.at - darker)) / (liking.slopes.browning * OWN_PULL.near),
          (Math.sqrt(own) * (1 - liking.share) * (bite - liking.bite)) / (liking.slopes.bite * OWN_PULL.near),
        );
      }
    }
    if (said !== null) {
      const bite = seen(traceAt(trace, trace.crispness, pulledAt));
      residuals.push((bite - seen(said * Math.exp(UNIT.firmness * x[FIRMNESS]!))) / WORD_NOISE);
    }
    if (cameOut.heart !== null && hasHeart(plan.cut)) {
      const slower = UNIT.softening * (x[SOFTENING]! - from[SOFTENING]!);
      const dose = Math.log(traceAt(trace, trace.softening, pulledAt) + LEAST_DOSE) - slower - Math.log(needed);
      const beyond = TELLABLE * Math.asinh(dose / TELLABLE);
      /* what agrees says nothing of how far */
      residuals.push((cameOut.heart === 'hard' ? Math.max(0, beyond) : Math.min(0, beyond)) / HEART_NOISE);
    }
    return residuals;
  };
}

/** How likely a pull at `pulledAt` s was the cook's own decision, when the app called at `called` s: not that call's, nor told late. */
function ownDecision(pulledAt: number, called: number): number {
  const off = Math.log(pulledAt / called);
  const normal = (deviation: number) =>
    Math.exp(-(off * off) / (2 * deviation ** 2)) / (deviation * Math.sqrt(2 * Math.PI));
  const meant = (1 - TOLD_LATE.share) / 2;
  const [own, follows] = [meant * normal(OWN_PULL.apart), meant * normal(OWN_PULL.follows)];
  const late = pulledAt - called;
  const forgotten = late > 0 ? (TOLD_LATE.share * pulledAt * Math.exp(-late / TOLD_LATE.mean)) / TOLD_LATE.mean : 0;
  /* just when called it says nothing, however it came about */
  const whenCalled = OWN_PULL.follows / (OWN_PULL.follows + OWN_PULL.apart);
  return own > 0 ? Math.max(0, (own / (own + follows + forgotten) - whenCalled) / (1 - whenCalled)) : 0;
}

/** d ln of what is seen of a track by d ln t around `time` s. */
function slopeAt(trace: Trace, track: Float32Array, time: number): number {
  const reach = 0.1;
  const at = (share: number) => seen(traceAt(trace, track, time * share));
  return Math.max(LEAST_SLOPE, (at(1 + reach) - at(1 - reach)) / Math.log((1 + reach) / (1 - reach)));
}

/** The plan for a taste that lies so many standard deviations from that of most. */
function withShade(plan: Plan, deviations: number): Plan {
  return { ...plan, target: { ...plan.target, shade: Math.exp(UNIT.shade * deviations) } };
}

/** Traces of one cook: as it is, of a food that browns a step faster, and for a taste a step darker. */
interface Cooked {
  readonly here: Trace;
  readonly browner: Trace;
  readonly shadier: Trace;
}

/** Those of the plan in a fryer, with a food and for a taste that lie so many standard deviations from it. @param sweetness standard deviations of browning by one of sugar. Cost: a cook. */
function cookIn(plan: Plan, x: readonly number[], sweetness: number, atLeast: number): Cooked {
  const { fryer } = plan;
  const own: Plan = {
    ...withShade(plan, x[SHADE]!),
    browningScale: plan.browningScale * Math.exp(UNIT.browning * (x[BROWNING]! + sweetness * x[SUGAR]!)),
    food: { ...plan.food, softeningDose: plan.food.softeningDose * Math.exp(UNIT.softening * x[SOFTENING]!) },
    fryer: {
      ...fryer,
      heatTransferCoefficient: fryer.heatTransferCoefficient * Math.exp(UNIT.heatTransfer * x[HEAT]!),
      thermostatOffset: fryer.thermostatOffset + UNIT.offset * x[OFFSET]!,
      maximumPower: fryer.maximumPower * Math.exp(UNIT.power * x[POWER]!),
    },
  };
  const scales = [1, Math.exp(UNIT.browning * STEP)];
  /* a darker taste takes as long as a food that browns so much less */
  const record = recordUntilKnown(own, HEAP, [...scales, Math.exp(-UNIT.shade * STEP)], atLeast);
  const [here, browner] = tracesIn(record, own, scales);
  const [shadier] = tracesIn(record, withShade(own, x[SHADE]! + STEP), [1]);
  return { here: here!, browner: browner!, shadier: shadier! };
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
 * @param called s after loading, when the app said to pull; null where that is not known. One who pulls elsewhere and finds the batch
 * as wished has decided by eye; one who pulls when called tells nothing by it, so that a forecast does not confirm itself.
 * Cost: four coarse cooks a pass, sixteen in all.
 */
export function batchEvidence(
  plan: Plan,
  observations: readonly Observation[],
  pulledAt: number,
  cameOut: CameOut,
  called: number | null = null,
): Evidence {
  const residuals = residualsOf(plan, observations, pulledAt, cameOut, called);
  const longer = goingOn(plan);
  const until = pulledAt + MEMBER_RESOLUTION.interval;
  const sweetness = (UNIT.sugar / UNIT.browning) * sugarSensitivity(plan);
  const linearise = (x: readonly number[]) => {
    const cooked = cookIn(longer, x, sweetness, until);
    const liking = likingOf(cooked, plan, x, pulledAt);
    const here = residuals(cooked.here, x, liking, x);
    const columns = x.map((_, i) => {
      const moved = x.with(i, x[i]! + STEP);
      const there = OF_THE_FRYER.includes(i as typeof HEAT)
        ? cookIn(longer, moved, sweetness, until).here
        : i === BROWNING
          ? cooked.browner
          : cooked.here;
      const shifted = residuals(there, moved, liking, x);
      return here.map((value, k) => (shifted[k]! - value) / STEP);
    });
    /* sugar acts through browning alone */
    columns[SUGAR] = columns[BROWNING]!.map((slope) => slope * sweetness);
    return { residuals: here, columns };
  };
  return explain(linearise, PASSES, trust);
}
