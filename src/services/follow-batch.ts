import type { BatchEvent } from '@/core/run/batch-event';
import { type BatchEventRow, findBatch, listNewEvents } from '@/db/queries/batches';
import { onBatchEvents } from '@/db/notices';
import { inKitchen } from '@/db/query';
import { clockBehindOf, eventOf } from './batches';

/** Wait before events that could not be read are read again, ms. */
const AGAIN = 1000;

/** What a follower is told: events after its cursor, written as JSON, and the number of the newest. */
export interface NewEvents {
  readonly seq: number;
  /** each event as JSON text */
  readonly events: readonly string[];
  /** see `clockBehindOf` */
  readonly behind: number | null;
}

/** Someone who follows a batch from a number on. */
export interface Follower {
  onEvents(news: NewEvents): void;
  /** the batch is gone */
  onGone(): void;
  /** the database is away, or back */
  onAway(away: boolean): void;
}

interface Cursor {
  readonly follower: Follower;
  after: number;
}

/** All who follow one batch in this process: one reading serves them all. */
interface Room {
  readonly cursors: Set<Cursor>;
  /** events read so far, from `from` on, each with its number and text */
  known: { readonly seq: number; readonly text: string; readonly row: BatchEventRow }[];
  /** every event with a number above this is known; Infinity before the first reading */
  from: number;
  reading: boolean;
  again: boolean;
  away: boolean;
  stop: () => void;
}

const rooms = new Map<string, Room>();

/**
 * Follows a batch: what was stored after number `after` at once, then whatever any process stores. A database that is away is
 * asked until it is back.
 * @returns what ends it
 */
export function followBatch(kitchenId: string, batchId: string, after: number, follower: Follower): () => void {
  const key = `${kitchenId}/${batchId}`;
  const room = rooms.get(key) ?? openRoom(key, kitchenId, batchId);
  const cursor: Cursor = { follower, after };
  room.cursors.add(cursor);
  if (room.from <= after && !room.away) deliver(room, cursor);
  else void read(room, kitchenId, batchId);
  return () => {
    room.cursors.delete(cursor);
    if (room.cursors.size === 0) closeRoom(room, key);
  };
}

/** Whether someone follows the batch here already, so that it is known to be there. */
export function isFollowed(kitchenId: string, batchId: string): boolean {
  const room = rooms.get(`${kitchenId}/${batchId}`);
  return room !== undefined && room.from !== Infinity && !room.away;
}

function openRoom(key: string, kitchenId: string, batchId: string): Room {
  const room: Room = {
    cursors: new Set(),
    known: [],
    from: Infinity,
    reading: false,
    again: false,
    away: false,
    stop: () => undefined,
  };
  room.stop = onBatchEvents(batchId, () => void read(room, kitchenId, batchId));
  rooms.set(key, room);
  return room;
}

/** Reads what nobody in the room has seen yet, and tells each what it has not. */
async function read(room: Room, kitchenId: string, batchId: string): Promise<void> {
  if (room.reading) {
    room.again = true;
    return;
  }
  room.reading = true;
  const lowest = Math.min(...[...room.cursors].map(({ after }) => after));
  const whole = lowest < room.from;
  const after = whole ? lowest : Math.max(room.from, room.known.at(-1)?.seq ?? 0);
  try {
    const { rows, gone } = await inKitchen(kitchenId, async () => {
      const news = await listNewEvents(kitchenId, batchId, after);
      return { rows: news, gone: news.length === 0 && !(await findBatch(kitchenId, batchId)) };
    });
    const texts = rows.flatMap((row) => {
      const event: BatchEvent | null = eventOf(row);
      return event ? [{ seq: row.seq, text: JSON.stringify(event), row }] : [];
    });
    room.known = whole ? texts : [...room.known, ...texts];
    room.from = Math.min(room.from, after);
    if (room.away) tellAll(room, (follower) => follower.onAway(false));
    room.away = false;
    if (gone) leaveRoom(room, `${kitchenId}/${batchId}`);
    else for (const cursor of room.cursors) deliver(room, cursor);
  } catch {
    if (!room.away) tellAll(room, (follower) => follower.onAway(true));
    room.away = true;
    setTimeout(() => room.cursors.size > 0 && void read(room, kitchenId, batchId), AGAIN).unref();
  }
  room.reading = false;
  if (!room.again) return;
  room.again = false;
  if (room.cursors.size > 0) void read(room, kitchenId, batchId);
}

function closeRoom(room: Room, key: string): void {
  room.stop();
  room.stop = () => undefined;
  if (rooms.get(key) === room) rooms.delete(key);
}

/** The batch is gone: each is told so once, and nobody follows it any more. */
function leaveRoom(room: Room, key: string): void {
  const told = [...room.cursors];
  room.cursors.clear();
  closeRoom(room, key);
  for (const { follower } of told) follower.onGone();
}

function tellAll(room: Room, tell: (follower: Follower) => void): void {
  for (const { follower } of room.cursors) tell(follower);
}

function deliver(room: Room, cursor: Cursor): void {
  /* who came in while the room was reading from a later number waits for the reading that follows */
  if (cursor.after < room.from) return;
  const news = room.known.filter(({ seq }) => seq > cursor.after);
  if (news.length === 0) return;
  const { seq } = news.at(-1)!;
  cursor.after = seq;
  cursor.follower.onEvents({
    seq,
    events: news.map(({ text }) => text),
    behind: clockBehindOf(news.map(({ row }) => row)),
  });
}
