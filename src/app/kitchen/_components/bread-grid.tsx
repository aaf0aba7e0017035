'use client';

import { Camera } from 'lucide-react';
import { useState } from 'react';
import { CRUMB_COAT } from '@/core/food/coat';
import { PLACES, PLACES_A_SIDE } from '@/core/fryer/places';
import { foodColour } from '@/ui/colour/food-colours';
import { shadesInPhoto } from '@/ui/shades-in-photo';
import { placeText } from '@/ui/words/place-text';

/** Shades of bread that are told apart beside each other, from white to burnt. */
const LADDER: readonly { readonly browning: number; readonly word: string }[] = [
  { browning: 0.2, word: 'white' },
  { browning: 0.4, word: 'pale' },
  { browning: 0.55, word: 'straw' },
  { browning: 0.7, word: 'light gold' },
  { browning: 0.85, word: 'gold' },
  { browning: 1, word: 'full gold' },
  { browning: 1.2, word: 'deep gold' },
  { browning: 1.4, word: 'amber' },
  { browning: 1.7, word: 'light brown' },
  { browning: 2.1, word: 'brown' },
  { browning: 3, word: 'dark' },
];

const wordOf = (shade: number) =>
  LADDER.reduce((a, b) => (Math.abs(b.browning - shade) < Math.abs(a.browning - shade) ? b : a)).word;

/** The slices as they lie, handle in front: the marked one gets the shade that is tapped, then the next is marked; or all from a photo. */
export function BreadGrid({
  shades,
  onChange,
}: {
  shades: readonly (number | null)[];
  onChange: (shades: (number | null)[]) => void;
}) {
  const [marked, setMarked] = useState(0);
  const [photo, setPhoto] = useState<string | null>(null);
  const give = (browning: number | null) => {
    onChange(shades.with(marked, browning));
    setMarked((marked + 1) % PLACES);
  };
  const readPhoto = async (file: File | undefined) => {
    if (!file) return;
    const read = await shadesInPhoto(file, CRUMB_COAT.ramp);
    if (read) onChange(read);
    setPhoto(
      read
        ? 'Read from the photo. Look them over: a shadow on it counts as a weak place.'
        : 'This is no picture that can be read. Take a JPEG or PNG, or tap the shades.',
    );
  };
  return (
    <fieldset>
      <legend className="text-[14px] font-semibold">The shade of each slice, the handle in front of you</legend>
      <div className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
        <div
          className="grid w-[186px] shrink-0 gap-1.5 self-start rounded-tray bg-iron p-2.5"
          style={{ gridTemplateColumns: `repeat(${PLACES_A_SIDE}, minmax(0, 1fr))` }}
        >
          {shades.map((shade, place) => (
            <button
              key={place}
              type="button"
              aria-pressed={place === marked}
              aria-label={`${placeText(place)}: ${shade === null ? 'not read' : wordOf(shade)}`}
              onClick={() => setMarked(place)}
              className="grid aspect-square place-items-center rounded-part border-2 border-paper/40 text-[13px] font-bold focus-visible:outline-paper aria-pressed:border-paper aria-pressed:ring-3 aria-pressed:ring-rim"
              style={{ background: shade === null ? undefined : foodColour(CRUMB_COAT.ramp, shade) }}
            >
              {shade === null && <span className="text-paper">?</span>}
            </button>
          ))}
        </div>
        <div className="min-w-0 flex-1 basis-52">
          <p className="text-[14px]" role="status">
            Now <strong>{placeText(marked)}</strong>: tap its shade.
          </p>
          <div className="mt-1 flex flex-wrap gap-1">
            {LADDER.map(({ browning, word }) => (
              <button
                key={browning}
                type="button"
                onClick={() => give(browning)}
                className="min-h-11 w-[62px] rounded-part border-2 border-enamel-deep bg-paper p-0.5 text-[12px] leading-tight hover:border-rim"
              >
                <span
                  className="block h-6 rounded-[3px]"
                  style={{ background: foodColour(CRUMB_COAT.ramp, browning) }}
                />
                {word}
              </button>
            ))}
            <button
              type="button"
              onClick={() => give(null)}
              className="min-h-11 w-[62px] rounded-part border-2 border-enamel-deep p-0.5 text-[12px] leading-tight hover:border-rim"
            >
              not read
            </button>
          </div>
        </div>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
        <label className="flex min-h-11 cursor-pointer items-center gap-2 rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim focus-within:outline-2">
          <Camera size={18} aria-hidden />
          Read them from a photo
          <input
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={({ target }) => {
              void readPhoto(target.files?.[0]);
              target.value = '';
            }}
          />
        </label>
        <span className="text-[14px] text-iron-soft">
          Straight from above, the floor filling the picture. It stays on this device.
        </span>
      </div>
      {photo && (
        <p className="text-[14px] text-iron-soft" role="status">
          {photo}
        </p>
      )}
    </fieldset>
  );
}
