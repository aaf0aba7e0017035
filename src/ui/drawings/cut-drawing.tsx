import type { Cut } from '../../core/cut/cut';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Ruler, Sketch } from './sketch';

/** Slant of the depth axis: share of a depth seen to the right and upwards. */
const SLANT = { right: 0.5, up: 0.35 };

/** One piece at a fixed scale, so that a thicker one is drawn thicker. */
export function CutDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const scale = large ? 4 : 1.15;
  return (
    <Sketch large={large} label="One piece, to scale with the ruler">
      <g transform={`translate(${large ? 24 : 6} ${large ? height - 40 : height - 1})`}>
        <Piece cut={plan.cut} ramp={ramp} scale={scale} most={width - (large ? 60 : 16)} />
      </g>
      {large && <Ruler scale={scale} width={width} y={height - 6} />}
    </Sketch>
  );
}

function Piece({ cut, ramp, scale, most }: { cut: Cut; ramp: ColourRamp; scale: number; most: number }) {
  const mm = (metres: number) => metres * 1000 * scale;
  if (cut.shape === 'slice' || cut.shape === 'disc') {
    const radius = Math.min(mm(cut.diameter) / 2, most / 2);
    const thick = mm(cut.thickness);
    const flat = radius * SLANT.up;
    return (
      <g stroke={foodColour(ramp, 1.4)} strokeWidth={1}>
        <path
          d={`M0 ${-thick - flat}a${radius} ${flat} 0 0 0 ${2 * radius} 0v${thick}a${radius} ${flat} 0 0 1 ${-2 * radius} 0z`}
          fill={foodColour(ramp, 0.5)}
        />
        <ellipse cx={radius} cy={-thick - flat} rx={radius} ry={flat} fill={foodColour(ramp, 0)} />
      </g>
    );
  }
  if (cut.shape === 'floret' || cut.shape === 'cylinder' || cut.shape === 'formed') {
    const tall = mm(cut.diameter);
    const long = Math.min(most, cut.shape === 'floret' ? tall : mm(cut.length));
    return (
      <rect
        x={0}
        y={-tall}
        width={long}
        height={tall}
        rx={tall / 2}
        fill={foodColour(ramp, 0)}
        stroke={foodColour(ramp, 1.4)}
      />
    );
  }
  const thick = mm(cut.thickness);
  const depth = mm('width' in cut ? cut.width : cut.thickness);
  const right = depth * SLANT.right;
  const up = depth * SLANT.up;
  const length = Math.min(mm('length' in cut ? cut.length : cut.thickness), most - right);
  return (
    <g stroke={foodColour(ramp, 1.4)} strokeWidth={1} strokeLinejoin="round">
      <path d={`M0 0h${length}v${-thick}h${-length}z`} fill={foodColour(ramp, 0.25)} />
      <path d={`M0 ${-thick}l${right} ${-up}h${length}l${-right} ${up}z`} fill={foodColour(ramp, 0)} />
      <path d={`M${length} 0l${right} ${-up}v${-thick}l${-right} ${up}z`} fill={foodColour(ramp, 0.6)} />
    </g>
  );
}
