import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { keepPhotoSchema, PHOTOS_OF_BATCH } from '@/schemas/photo';
import { beginBatch, searchLog } from '@/services/batches';
import { createKitchen, loadFryers } from '@/services/kitchen';
import { keepPhoto, loadPhotos, readPhoto, removePhoto } from '@/services/photos';
import { logAskSchema } from '@/schemas/log-ask';
import { archiveOf, takeIn } from '../support/archive';
import { pastBatch } from '../support/batch';
import { value } from '../support/value';

afterAll(closeDatabase);

/* the first bytes of every JPEG, and a few more */
const IMAGE = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 4, 5]).toString('base64');
const photo = () => ({ photoId: randomUUID(), width: 640, height: 480, image: IMAGE });

async function batchInKitchen() {
  const { id } = await value(createKitchen());
  const [fryer] = await loadFryers(id);
  const batchId = randomUUID();
  const { forecast } = pastBatch();
  await value(beginBatch(id, { batchId, fryerName: fryer!.name, document: FIRST_PLAN, forecast, beside: true }));
  return { id, batchId };
}

test('a photo is kept once, read back as it was, and taken out; another kitchen sees nothing of it', async () => {
  const { id, batchId } = await batchInKitchen();
  const first = photo();
  await value(keepPhoto(id, batchId, first));
  await value(keepPhoto(id, batchId, first));
  expect(await value(loadPhotos(id, batchId))).toEqual([{ photoId: first.photoId, width: 640, height: 480 }]);
  expect((await value(readPhoto(id, batchId, first.photoId))).toString('base64')).toBe(IMAGE);
  const other = await batchInKitchen();
  expect(await readPhoto(other.id, batchId, first.photoId)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await keepPhoto(other.id, batchId, photo())).toMatchObject({ failure: { code: 'not-found' } });
  expect(await removePhoto(other.id, batchId, first.photoId)).toMatchObject({ failure: { code: 'not-found' } });
  await value(removePhoto(id, batchId, first.photoId));
  expect(await value(loadPhotos(id, batchId))).toEqual([]);
});

test('of twenty photos at once a batch keeps as many as it may', async () => {
  const { id, batchId } = await batchInKitchen();
  const kept = await Promise.all(Array.from({ length: 20 }, () => keepPhoto(id, batchId, photo())));
  expect(kept.filter(({ ok }) => ok)).toHaveLength(PHOTOS_OF_BATCH);
  expect(await value(loadPhotos(id, batchId))).toHaveLength(PHOTOS_OF_BATCH);
});

test('a batch has only so many; what is no JPEG is refused at the door', async () => {
  const { id, batchId } = await batchInKitchen();
  for (let n = 0; n < PHOTOS_OF_BATCH; n++) await value(keepPhoto(id, batchId, photo()));
  expect(await keepPhoto(id, batchId, photo())).toMatchObject({ failure: { code: 'enough-photos' } });
  const parsed = keepPhotoSchema.safeParse({ ...photo(), image: Buffer.from('<svg onload=x>').toString('base64') });
  expect(parsed.success).toBe(false);
});

test('photos go with the whole kitchen, and come in again, equal', async () => {
  const { id, batchId } = await batchInKitchen();
  await value(keepPhoto(id, batchId, photo()));
  const bytes = await archiveOf(id);
  const { id: elsewhere } = await value(createKitchen());
  await value(takeIn(elsewhere, bytes));
  const [batch] = (await value(searchLog(elsewhere, logAskSchema.parse({})))).batches;
  const [kept] = await value(loadPhotos(elsewhere, batch!.id));
  expect(kept).toMatchObject({ width: 640, height: 480 });
  expect((await value(readPhoto(elsewhere, batch!.id, kept!.photoId))).toString('base64')).toBe(IMAGE);
});
