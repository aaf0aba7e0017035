import type { Bite, Look } from '../coach/observation';

/** What happens without anything to say beside it. */
type Nothing = object;

/** Which step of its list. */
interface AtStep {
  readonly step: number;
}

/** What each kind of event of a batch carries. */
export interface EventDetails {
  'prep-begun': AtStep;
  'prep-done': AtStep;
  'prep-skipped': AtStep;
  /** how long the step really took */
  'prep-took': AtStep & { readonly minutes: number };
  loaded: Nothing;
  shaken: Nothing;
  tossed: Nothing;
  flipped: Nothing;
  oiled: Nothing;
  added: Nothing;
  swapped: Nothing;
  /** share of the pieces */
  'pulled-some': { readonly share?: number };
  'drawer-open': Nothing;
  'more-time': Nothing;
  /** beside the picture shown, whose typical browning is `shown`, or the swatch that matches */
  looked: { readonly look?: Look; readonly shown?: number; readonly browning?: number };
  /** beside the words shown, which meant this crispness over that wished */
  bent: { readonly bite: Bite; readonly said: number };
  /** g of food in the basket; as it was told before, share of the weight put in that is gone */
  weighed: { readonly grams?: number; readonly lost?: number };
  /** to which °C */
  'dial-turned': { readonly celsius: number };
  stuck: Nothing;
  /** what it showed */
  'air-read': { readonly celsius: number };
  probed: { readonly celsius: number };
  /** the clock from here on runs this many times as fast; `real` is ms since 1970 by a true clock */
  rehearsed: { readonly speed: number; readonly real: number };
  seasoned: Nothing;
  'after-begun': AtStep;
  'after-done': AtStep;
  served: Nothing;
  /** s after loading when the app then said to pull */
  done: { readonly called?: number };
  /** which event */
  undone: { readonly event: string };
  /** the run was left and is no longer listed */
  'put-away': Nothing;
}

/** The kind of a batch event. */
export type BatchEventKind = keyof EventDetails;

/** What an event carries, by its kind; `device` where a device told it, not a hand. */
export type EventDetail<Kind extends BatchEventKind = BatchEventKind> = EventDetails[Kind] & {
  readonly device?: boolean;
};

/** An event of one kind. Times are ms since 1970 by the device's clock. */
export interface EventOf<Kind extends BatchEventKind> {
  readonly id: string;
  readonly kind: Kind;
  readonly happenedAt: number;
  readonly detail: EventDetail<Kind>;
}

/** One event of a batch, by its kind. */
export type BatchEvent = { [Kind in BatchEventKind]: EventOf<Kind> }[BatchEventKind];

/** An event of a kind with what that kind carries. */
export function eventOfKind<Kind extends BatchEventKind>(
  kind: Kind,
  event: { readonly id: string; readonly happenedAt: number },
  ...[detail]: Told<Kind>
): BatchEvent {
  /* a kind with its own detail is a member, which the compiler cannot follow through the parameter */
  return { ...event, kind, detail: detail ?? {} } as BatchEvent;
}

/** Records an event of a kind with what that kind carries; kinds that carry nothing need nothing. */
export type RecordEvent = <Kind extends BatchEventKind>(kind: Kind, ...detail: Told<Kind>) => void;

/** The same for what happened at a moment of the run's clock, ms since 1970. */
export type RecordEventAt = <Kind extends BatchEventKind>(at: number, kind: Kind, ...detail: Told<Kind>) => void;

/** What has to be told beside a kind. */
export type Told<Kind extends BatchEventKind> =
  Partial<EventDetails[Kind]> extends EventDetails[Kind] ? [detail?: EventDetail<Kind>] : [detail: EventDetail<Kind>];

/** All kinds, in the order in which they were brought in. */
export const BATCH_EVENT_KINDS = [
  'prep-begun',
  'prep-done',
  'prep-skipped',
  'prep-took',
  'loaded',
  'shaken',
  'tossed',
  'flipped',
  'oiled',
  'added',
  'swapped',
  'pulled-some',
  'drawer-open',
  'more-time',
  'looked',
  'bent',
  'weighed',
  'dial-turned',
  'stuck',
  'air-read',
  'probed',
  'rehearsed',
  'seasoned',
  'after-begun',
  'after-done',
  'served',
  'done',
  'undone',
  'put-away',
] as const satisfies readonly BatchEventKind[];
