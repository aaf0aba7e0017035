import type { Cut } from '../../core/cut/cut';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';
import { Bar, Floret, Leaf, Round, Specks, type Tones, Wedge } from './piece-shapes';

/** How much browner edges and shaded sides look than the flat, and how much paler what catches the light. Source: chosen by looking. */
const EDGE = 0.55;
const SHADE = 0.95;
const LIGHT = 0.45;

/** One piece seen from above in mm about its middle, coloured by its browning; `twist` 0–1 varies it. */
export function PieceFromAbove({
  cut,
  ramp,
  browning,
  coated,
  twist,
}: {
  cut: Cut;
  ramp: ColourRamp;
  browning: number;
  coated: boolean;
  twist: number;
}) {
  const tones: Tones = {
    flat: foodColour(ramp, browning),
    edge: foodColour(ramp, browning + EDGE),
    shade: foodColour(ramp, browning + SHADE),
    light: foodColour(ramp, Math.max(0, browning - LIGHT)),
  };
  const mm = (metres: number) => metres * 1000;
  const speckles = (long: number, wide: number) =>
    coated ? <Specks long={long} wide={wide} ramp={ramp} browning={browning} twist={twist} /> : null;
  switch (cut.shape) {
    case 'stick':
      return (
        <>
          <Bar long={mm(cut.length)} wide={mm(cut.width)} thick={mm(cut.thickness)} tones={tones} round={1.2} />
          {speckles(mm(cut.length) * 0.9, mm(cut.width) * 0.8)}
        </>
      );
    case 'cube': {
      const side = mm(cut.thickness);
      return (
        <>
          <Bar long={side} wide={side} thick={side * 0.5} tones={tones} round={1.6} />
          {speckles(side * 0.8, side * 0.8)}
        </>
      );
    }
    case 'wedge':
      return <Wedge long={mm(cut.length)} wide={mm(cut.thickness)} tones={tones} />;
    case 'slice':
    case 'disc': {
      const radius = mm(cut.diameter) / 2;
      return (
        <>
          <Round radius={radius} thick={mm(cut.thickness)} tones={tones} squash={0.84 + 0.14 * twist} blister={twist} />
          {speckles(radius * 1.5, radius * 1.5)}
        </>
      );
    }
    case 'floret':
      return (
        <>
          <Floret radius={mm(cut.diameter) / 2} tones={tones} twist={twist} />
          {speckles(mm(cut.diameter) * 0.7, mm(cut.diameter) * 0.7)}
        </>
      );
    case 'cylinder':
    case 'formed': {
      const wide = mm(cut.diameter);
      const long = Math.max(wide, mm(cut.length));
      return (
        <>
          <Bar long={long} wide={wide} thick={wide * 0.2} tones={tones} round={wide / 2} />
          {speckles(long * 0.8, wide * 0.7)}
        </>
      );
    }
    case 'sheet':
      return <Leaf long={mm(cut.length)} wide={mm(cut.width)} tones={tones} twist={twist} />;
  }
}
