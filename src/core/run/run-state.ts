import type { Observation } from '../coach/observation';
import type { CookEvent } from '../plan/plan';
import { kelvinFromCelsius } from '../units/temperature';
import type { BatchEvent, BatchEventKind } from './batch-event';
import { REAL_TIME, type ShownClock } from './shown-clock';

/** Something that was told and does not count, and by which rule. */
export interface PassedOver {
  readonly event: BatchEvent;
  readonly rule: 'recorded-twice' | 'after-the-end';
}

/** Where a batch stands. Derived from its events alone, so that reload, sleep and a second device agree. */
export interface RunState {
  readonly phase: 'prep' | 'cooking' | 'done';
  /** ms since 1970 by step that has begun */
  readonly prepBegun: ReadonlyMap<number, number>;
  /** done or left out */
  readonly prepDone: ReadonlySet<number>;
  readonly prepSkipped: ReadonlySet<number>;
  /** min that a step really took, where that was told */
  readonly prepTook: ReadonlyMap<number, number>;
  readonly loadedAt: number | null;
  readonly doneAt: number | null;
  /** s after loading when the app said to pull, as it stood when that was done; null where that was not kept */
  readonly called: number | null;
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
  /** °C, the warmest that a probe showed, or null */
  readonly probed: number | null;
  /** whether they were salted while hot */
  readonly seasoned: boolean;
  readonly servedAt: number | null;
  /** ms since 1970 by step after the drawer that has begun, and those that are done */
  readonly afterBegun: ReadonlyMap<number, number>;
  readonly afterDone: ReadonlySet<number>;
  /** the clock that this run's times are told by */
  readonly clock: ShownClock;
  /** left, and no longer listed among those under way */
  readonly putAway: boolean;
  /** what two devices told alike, or one too late; shown, and not counted */
  readonly passedOver: readonly PassedOver[];
  /** the newest event of a hand that can still be undone, or null */
  readonly last: BatchEvent | null;
}

const OPENING_OF: Partial<Record<BatchEventKind, CookEvent['action']>> = {
  shaken: 'shake',
  tossed: 'toss',
  flipped: 'flip',
  oiled: 'oil',
  added: 'add',
  swapped: 'swap',
  'pulled-some': 'pull',
  'drawer-open': 'open',
  seasoned: 'season',
};

/** How near the same deed told by two devices lies, ms. Source: assumed; nobody shakes twice in half a minute. */
const SAME_DEED = 30_000;

/** Deeds that are done once, whoever tells them. */
const DEEDS: ReadonlySet<BatchEventKind> = new Set([
  'loaded',
  'shaken',
  'tossed',
  'flipped',
  'oiled',
  'added',
  'swapped',
  'pulled-some',
  'done',
]);

/** What may still be told once the pieces are out. */
const AFTER_THE_END: ReadonlySet<BatchEventKind> = new Set([
  'done',
  'seasoned',
  'after-begun',
  'after-done',
  'served',
  'rehearsed',
  'probed',
  'put-away',
]);

/** Folds events, in any order and with repeats, into the state of the batch. */
export function deriveRun(events: readonly BatchEvent[]): RunState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()];
  const undone = new Set(unique.filter((event) => event.kind === 'undone').map((event) => event.detail.event));
  const standing = unique
    .filter((event) => event.kind !== 'undone' && !undone.has(event.id))
    .sort((a, b) => a.happenedAt - b.happenedAt || (a.id < b.id ? -1 : 1));
  const counted: BatchEvent[] = [];
  const passedOver: PassedOver[] = [];
  const prepBegun = new Map<number, number>();
  const prepDone = new Set<number>();
  const prepSkipped = new Set<number>();
  const prepTook = new Map<number, number>();
  let loadedAt: number | null = null;
  let doneAt: number | null = null;
  let called: number | null = null;
  let extraMinutes = 0;
  const afterBegun = new Map<number, number>();
  const afterDone = new Set<number>();
  const openings: CookEvent[] = [];
  const observations: Observation[] = [];
  const dialTurns: { time: number; celsius: number }[] = [];
  let probed: number | null = null;
  let servedAt: number | null = null;
  let clock = REAL_TIME;
  let putAway = false;
  for (const event of standing) {
    const rule = passOver(event, counted, doneAt);
    if (rule) {
      passedOver.push({ event, rule });
      continue;
    }
    counted.push(event);
    switch (event.kind) {
      case 'rehearsed':
        clock = { real: event.detail.real, shown: event.happenedAt, speed: event.detail.speed };
        continue;
      case 'put-away':
        putAway = true;
        continue;
      case 'prep-begun':
        prepBegun.set(event.detail.step, event.happenedAt);
        continue;
      case 'prep-done':
        prepDone.add(event.detail.step);
        continue;
      case 'prep-skipped':
        prepDone.add(event.detail.step);
        prepSkipped.add(event.detail.step);
        continue;
      case 'prep-took':
        prepTook.set(event.detail.step, event.detail.minutes);
        continue;
      case 'loaded':
        loadedAt ??= event.happenedAt;
        continue;
    }
    if (loadedAt === null) continue;
    const time = Math.max(0, (event.happenedAt - loadedAt) / 1000);
    const action = OPENING_OF[event.kind];
    if (action && doneAt === null) openings.push({ time, action });
    observations.push(...observationOf(event, time));
    switch (event.kind) {
      case 'done':
        if (doneAt === null) called = event.detail.called ?? null;
        doneAt ??= event.happenedAt;
        break;
      case 'more-time':
        extraMinutes += 1;
        break;
      case 'served':
        servedAt ??= event.happenedAt;
        break;
      case 'after-begun':
        afterBegun.set(event.detail.step, event.happenedAt);
        break;
      case 'after-done':
        afterDone.add(event.detail.step);
        break;
      case 'dial-turned':
        dialTurns.push({ time, celsius: event.detail.celsius });
        break;
      case 'probed':
        probed = Math.max(probed ?? -Infinity, event.detail.celsius);
        break;
    }
  }
  const phase = loadedAt === null ? 'prep' : doneAt === null ? 'cooking' : 'done';
  const last = counted.findLast((event) => event.kind !== 'rehearsed' && !event.detail.device) ?? null;
  return {
    phase,
    prepBegun,
    prepDone,
    prepSkipped,
    prepTook,
    loadedAt,
    doneAt,
    called,
    extraMinutes,
    openings,
    observations,
    dialTurns,
    stuck: counted.some((event) => event.kind === 'stuck'),
    probed,
    seasoned: counted.some((event) => event.kind === 'seasoned' && doneAt !== null && event.happenedAt >= doneAt),
    servedAt,
    afterBegun,
    afterDone,
    clock,
    putAway,
    passedOver,
    last,
  };
}

/** The rule by which an event does not count, given what counted before it. */
function passOver(event: BatchEvent, counted: readonly BatchEvent[], doneAt: number | null): PassedOver['rule'] | null {
  const near = (other: BatchEvent) => other.kind === event.kind && event.happenedAt - other.happenedAt < SAME_DEED;
  if (DEEDS.has(event.kind) && counted.some(near)) return 'recorded-twice';
  if ((event.kind === 'loaded' || event.kind === 'done') && counted.some((other) => other.kind === event.kind)) {
    return 'recorded-twice';
  }
  return doneAt !== null && event.happenedAt > doneAt && !AFTER_THE_END.has(event.kind) ? 'after-the-end' : null;
}

/** What an event tells of the pieces; nothing where it carries too little. */
function observationOf(event: BatchEvent, time: number): Observation[] {
  switch (event.kind) {
    case 'looked': {
      const { look, shown, browning } = event.detail;
      if (browning !== undefined) return [{ kind: 'swatch', time, browning }];
      return look !== undefined && shown !== undefined ? [{ kind: 'look', time, look, shown }] : [];
    }
    case 'bent':
      return [{ kind: 'bite', time, bite: event.detail.bite, said: event.detail.said }];
    case 'air-read':
      return [{ kind: 'air', time, temperature: kelvinFromCelsius(event.detail.celsius) }];
    case 'pulled-some':
      return event.detail.share === undefined ? [] : [{ kind: 'pulled', time, share: event.detail.share }];
    case 'weighed': {
      const { grams, lost } = event.detail;
      if (grams !== undefined) return [{ kind: 'weight', time, mass: grams / 1000 }];
      return lost === undefined ? [] : [{ kind: 'weight-left', time, share: 1 - lost }];
    }
    default:
      return [];
  }
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
