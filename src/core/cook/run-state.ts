import type { Bite, Look, Observation } from '../coach/observation';
import type { CookEvent } from '../plan/plan';

/** What can happen to a batch, as stored. */
export const BATCH_EVENT_KINDS = [
  'prep-begun',
  'prep-done',
  'loaded',
  'shaken',
  'tossed',
  'flipped',
  'oiled',
  'added',
  'pulled-some',
  'drawer-open',
  'more-time',
  'looked',
  'bent',
  'weighed',
  'dial-turned',
  'stuck',
  'done',
  'undone',
] as const;

/** The kind of a batch event. */
export type BatchEventKind = (typeof BATCH_EVENT_KINDS)[number];

/** What an event carries, by its kind. */
export interface EventDetail {
  /** prep-begun, prep-done: which step */
  readonly step?: number;
  /** undone: which event */
  readonly event?: string;
  /** looked: beside the picture shown, whose typical browning is `shown` */
  readonly look?: Look;
  readonly shown?: number;
  /** looked: the swatch that matches */
  readonly browning?: number;
  /** bent: beside the words shown, which meant this crispness over that wished */
  readonly bite?: Bite;
  readonly said?: number;
  /** weighed: share of the weight put in that is gone */
  readonly lost?: number;
  /** dial-turned: to which °C */
  readonly celsius?: number;
}

/** One event of a batch. Times are ms since 1970 by the device's clock. */
export interface BatchEvent {
  readonly id: string;
  readonly kind: BatchEventKind;
  readonly happenedAt: number;
  readonly detail: EventDetail;
}

/** Where a batch stands. Derived from its events alone, so that reload, sleep and a second device agree. */
export interface RunState {
  readonly phase: 'prep' | 'cooking' | 'done';
  /** ms since 1970 by step that has begun */
  readonly prepBegun: ReadonlyMap<number, number>;
  readonly prepDone: ReadonlySet<number>;
  readonly loadedAt: number | null;
  readonly doneAt: number | null;
  /** minutes the cook added */
  readonly extraMinutes: number;
  /** openings that happened, s after loading */
  readonly openings: readonly CookEvent[];
  /** what was seen, bent and weighed, in order */
  readonly observations: readonly Observation[];
  /** turns of the dial, s after loading, to °C */
  readonly dialTurns: readonly { readonly time: number; readonly celsius: number }[];
  /** whether pieces were said to stick or break */
  readonly stuck: boolean;
  /** the newest event that can still be undone, or null */
  readonly last: BatchEvent | null;
}

const OPENING_OF: Partial<Record<BatchEventKind, CookEvent['action']>> = {
  shaken: 'shake',
  tossed: 'toss',
  flipped: 'flip',
  oiled: 'oil',
  added: 'add',
  'pulled-some': 'pull',
  'drawer-open': 'open',
};

/** Folds events, in any order and with repeats, into the state of the batch. */
export function deriveRun(events: readonly BatchEvent[]): RunState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()];
  const undone = new Set(unique.filter((event) => event.kind === 'undone').map((event) => event.detail.event));
  const standing = unique
    .filter((event) => event.kind !== 'undone' && !undone.has(event.id))
    .sort((a, b) => a.happenedAt - b.happenedAt);
  const prepBegun = new Map<number, number>();
  const prepDone = new Set<number>();
  let loadedAt: number | null = null;
  let doneAt: number | null = null;
  let extraMinutes = 0;
  const openings: CookEvent[] = [];
  const observations: Observation[] = [];
  const dialTurns: { time: number; celsius: number }[] = [];
  for (const event of standing) {
    const action = OPENING_OF[event.kind];
    if (event.kind === 'prep-begun' && event.detail.step !== undefined)
      prepBegun.set(event.detail.step, event.happenedAt);
    else if (event.kind === 'prep-done' && event.detail.step !== undefined) prepDone.add(event.detail.step);
    else if (event.kind === 'loaded') loadedAt ??= event.happenedAt;
    else if (loadedAt === null) continue;
    else if (event.kind === 'done') doneAt ??= event.happenedAt;
    else if (event.kind === 'more-time') extraMinutes += 1;
    else {
      const time = Math.max(0, (event.happenedAt - loadedAt) / 1000);
      if (action) openings.push({ time, action });
      if (event.kind === 'dial-turned' && event.detail.celsius !== undefined) {
        dialTurns.push({ time, celsius: event.detail.celsius });
      }
      observations.push(...observationOf(event, time));
    }
  }
  const phase = loadedAt === null ? 'prep' : doneAt === null ? 'cooking' : 'done';
  const last = standing.at(-1) ?? null;
  const stuck = standing.some((event) => event.kind === 'stuck');
  return {
    phase,
    prepBegun,
    prepDone,
    loadedAt,
    doneAt,
    extraMinutes,
    openings,
    observations,
    dialTurns,
    stuck,
    last,
  };
}

/** What an event tells of the pieces; nothing where it carries too little. */
function observationOf({ kind, detail }: BatchEvent, time: number): Observation[] {
  const { look, shown, browning, bite, said, lost } = detail;
  if (kind === 'looked' && browning !== undefined) return [{ kind: 'swatch', time, browning }];
  if (kind === 'looked' && look !== undefined && shown !== undefined) return [{ kind: 'look', time, look, shown }];
  if (kind === 'bent' && bite !== undefined && said !== undefined) return [{ kind: 'bite', time, bite, said }];
  if (kind === 'weighed' && lost !== undefined) return [{ kind: 'weight', time, lost }];
  return [];
}

/** How near to a planned opening, s, an early one counts as it. Source: assumed; a cook is often a little early. */
const COUNTS_AS_PLANNED = 150;

/**
 * Planned openings that are still to come: each that happened takes up the nearest planned one not later than shortly
 * after it; those missed by more than `patience` s are given up.
 */
export function openingsToCome<Opening extends Pick<CookEvent, 'time' | 'action'>>(
  planned: readonly Opening[],
  happened: readonly CookEvent[],
  elapsed: number,
  patience = COUNTS_AS_PLANNED,
): Opening[] {
  const left = [...planned].sort((a, b) => a.time - b.time);
  for (const opening of happened) {
    if (opening.action === 'open') continue;
    const index = left.findIndex((plan) => plan.time <= opening.time + COUNTS_AS_PLANNED);
    if (index >= 0) left.splice(index, 1);
  }
  return left.filter((plan) => plan.time > elapsed - patience);
}
