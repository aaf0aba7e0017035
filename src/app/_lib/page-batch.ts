import { notFound } from 'next/navigation';
import { z } from 'zod';
import type { Batch } from '@/schemas/batch';
import { loadBatch } from '@/services/batches';

/** The batch an address names, or null when the database is away; an address that names none is not found. */
export async function pageBatch(kitchenId: string, params: Promise<{ batchId: string }>): Promise<Batch | null> {
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!batchId.success) notFound();
  const batch = await loadBatch(kitchenId, batchId.data);
  if (batch.ok) return batch.value;
  if (batch.failure.code === 'database-away') return null;
  notFound();
}
