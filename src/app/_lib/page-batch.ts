import { notFound, redirect } from 'next/navigation';
import { connection } from 'next/server';
import { z } from 'zod';
import type { Batch } from '@/schemas/batch';
import type { Kitchen } from '@/schemas/kitchen';
import { loadBatch } from '@/services/batches';
import { loadKitchen } from '@/services/kitchen';
import { sessionForBatch } from './session';

/** A batch as a browser may see it. */
export interface BatchPage {
  readonly kitchen: Kitchen;
  readonly batch: Batch;
  /** whether only this run was lent to the browser */
  readonly lent: boolean;
}

/** The batch an address names, or null when the database is away; an address that names none, or none for this browser, is not found. */
export async function pageBatch(params: Promise<{ batchId: string }>): Promise<BatchPage | null> {
  await connection();
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!batchId.success) notFound();
  const session = await sessionForBatch(batchId.data);
  if (!session.ok && session.failure.code === 'not-found') redirect(`/enter?next=/cook/${batchId.data}`);
  if (!session.ok) return null;
  const { kitchenId } = session.value;
  const [kitchen, batch] = await Promise.all([loadKitchen(kitchenId), loadBatch(kitchenId, batchId.data)]);
  if (kitchen.ok && batch.ok) {
    return { kitchen: kitchen.value, batch: batch.value, lent: session.value.role === 'follower' };
  }
  if (
    (!kitchen.ok && kitchen.failure.code === 'database-away') ||
    (!batch.ok && batch.failure.code === 'database-away')
  ) {
    return null;
  }
  if (!batch.ok && batch.failure.code === 'unreadable') {
    throw new Error('This batch is kept in a form that this version of the app cannot read (unreadable).');
  }
  notFound();
}
