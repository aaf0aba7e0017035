import { notFound } from 'next/navigation';
import { z } from 'zod';
import type { Kitchen } from '@/schemas/kitchen';
import { loadPlan, type SavedPlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { pageKitchen } from './session';

/** The plan an address names and its kitchen, or null where the database is away; an address that names none is not found. */
export async function pagePlan(
  params: Promise<{ planId: string }>,
): Promise<{ readonly kitchen: Kitchen; readonly plan: SavedPlan } | null> {
  const kitchen = await pageKitchen();
  if (!kitchen) return null;
  const planId = z.uuid().safeParse((await params).planId);
  if (!planId.success) notFound();
  const loaded = await withDatabase(async () => succeed(await loadPlan(kitchen.id, planId.data)));
  if (!loaded.ok) return null;
  if (!loaded.value) notFound();
  return { kitchen, plan: loaded.value };
}
