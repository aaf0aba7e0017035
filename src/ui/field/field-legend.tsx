import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';

const WORDS: readonly { readonly word: string; readonly browning: number }[] = [
  { word: 'pale', browning: 0.3 },
  { word: 'golden', browning: 1 },
  { word: 'dark', browning: 2 },
  { word: 'burnt', browning: 4 },
];

/** The ramp of a food by words. */
export function FieldLegend({ ramp }: { ramp: ColourRamp }) {
  return (
    <ul className="flex gap-3" aria-label="Colours of the field">
      {WORDS.map(({ word, browning }) => (
        <li key={word} className="flex items-center gap-1">
          <span
            className="inline-block h-3 w-4 rounded-[2px] border border-iron-soft"
            style={{ background: foodColour(ramp, browning) }}
          />
          {word}
        </li>
      ))}
    </ul>
  );
}
