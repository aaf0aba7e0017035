'use client';

import { Camera, X } from 'lucide-react';
import Image from 'next/image';
import { useState } from 'react';
import { type BatchPhoto, type NewPhoto, PHOTOS_OF_BATCH } from '@/schemas/photo';
import { Button } from '@/ui/controls/button';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { smallPhoto } from '@/ui/small-photo';

/** Width of a photo in its row, px. */
const SHOWN = 240;

/** Photos of a batch: taken or chosen, made small on this device, taken out and had back. */
export function Photos({ batchId, initial, name }: { batchId: string; initial: readonly BatchPhoto[]; name: string }) {
  const [photos, setPhotos] = useState(initial);
  const [busy, setBusy] = useState(false);
  const [out, setOut] = useState<NewPhoto | null>(null);
  const address = `/api/batches/${batchId}/photos`;
  const keep = async (photo: NewPhoto) => {
    const sent = await send('POST', address, photo);
    if (sent.kind !== 'done') return notifyError(sent.error);
    setPhotos((all) => [...all, { photoId: photo.photoId, width: photo.width, height: photo.height }]);
    setOut(null);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const small = await smallPhoto(file);
    if (small) await keep({ photoId: newId(), ...small });
    else notifyError('This is no picture that can be read; take a photo or choose a JPEG or PNG.');
    setBusy(false);
  };
  const remove = async ({ photoId, width, height }: BatchPhoto) => {
    setBusy(true);
    /* kept here for a moment, so that it can be had back */
    const picture = await fetch(`${address}/${photoId}`).catch(() => null);
    const small = picture?.ok ? await smallPhoto(await picture.blob()) : null;
    const sent = await send('DELETE', `${address}/${photoId}`, {});
    setBusy(false);
    if (sent.kind !== 'done') return notifyError(sent.error);
    setPhotos((all) => all.filter((one) => one.photoId !== photoId));
    setOut(small && { photoId: newId(), ...small, width, height });
  };
  return (
    <section aria-labelledby="photos" className="mt-5">
      <h2 id="photos" className="text-[20px]">
        Photos
      </h2>
      {photos.length === 0 && <p className="mt-1 text-[15px] text-iron-soft">None yet.</p>}
      <ul className="mt-2 flex flex-wrap gap-3">
        {photos.map((photo, i) => (
          <li key={photo.photoId} className="relative">
            <a href={`${address}/${photo.photoId}`} target="_blank" rel="noreferrer">
              <Image
                src={`${address}/${photo.photoId}`}
                alt={`Photo ${i + 1} of ${name}`}
                width={SHOWN}
                height={Math.round((SHOWN * photo.height) / photo.width)}
                unoptimized
                className="max-h-[240px] w-auto max-w-[240px] rounded-part border border-iron-soft object-cover"
              />
            </a>
            <button
              type="button"
              aria-label={`Take out photo ${i + 1}`}
              disabled={busy}
              onClick={() => void remove(photo)}
              className="no-print absolute top-1 right-1 flex size-11 items-center justify-center rounded-full bg-enamel/90 text-rim"
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <div className="no-print mt-2 flex flex-wrap items-center gap-4">
        {photos.length < PHOTOS_OF_BATCH ? (
          <label className="flex min-h-11 cursor-pointer items-center gap-2 rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim focus-within:outline-2">
            <Camera size={18} aria-hidden />
            {busy ? 'Keeping it …' : 'Add a photo'}
            <input
              type="file"
              accept="image/*"
              disabled={busy}
              className="sr-only"
              onChange={({ target }) => {
                void take(target.files?.[0]);
                target.value = '';
              }}
            />
          </label>
        ) : (
          <p className="text-[14px] text-iron-soft">A batch has {PHOTOS_OF_BATCH} photos at most.</p>
        )}
        {out && (
          <span role="status" className="flex items-center gap-3 text-[15px]">
            The photo is out. <Button onClick={() => void keep(out)}>Have it back</Button>
          </span>
        )}
        <span className="text-[14px] text-iron-soft">Made small on this device; where it was taken is not kept.</span>
      </div>
    </section>
  );
}
