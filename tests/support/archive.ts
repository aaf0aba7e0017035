import { randomUUID } from 'node:crypto';
import { rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { exportKitchen } from '@/services/archive/export-kitchen';
import { importKitchen } from '@/services/archive/import-kitchen';
import { value } from './value';

/** A kitchen's archive, whole. */
export async function archiveOf(kitchenId: string): Promise<Buffer> {
  return buffer((await value(exportKitchen(kitchenId, 'test'))).stream);
}

/** Takes an archive in as a route would, from a file. */
export async function takeIn(kitchenId: string, bytes: Uint8Array): ReturnType<typeof importKitchen> {
  const file = join(tmpdir(), `drubek-test-${randomUUID()}.zip`);
  writeFileSync(file, bytes);
  try {
    return await importKitchen(kitchenId, file, 'test');
  } finally {
    rmSync(file);
  }
}
