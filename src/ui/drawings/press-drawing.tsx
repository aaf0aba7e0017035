import { pressedShare, THAWED_SHARE } from '../../core/prep/press';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** The block under its weight, lower by the whey that left it; the whey beside it in the dish. */
export function PressDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  let kept = 1;
  for (const step of plan.preparation) {
    if (step.step === 'freeze-thaw') kept *= 1 - THAWED_SHARE;
    if (step.step === 'press') kept *= 1 - pressedShare(step.duration);
  }
  const gone = (1 - kept) * plan.food.composition.water;
  const full = height * 0.5;
  const block = full * (1 - gone);
  const [w, left] = [width * 0.34, width * 0.33];
  const base = height * (large ? 0.82 : 0.95);
  const pressed = plan.preparation.some((step) => step.step === 'press');
  return (
    <Sketch large={large} label={gone > 0 ? `${Math.round(gone * 100)} % of the block leaves as whey` : 'Not pressed'}>
      {gone > 0 && (
        <rect
          x={left - w * 0.3}
          y={base - full * gone * 0.6}
          width={w * 1.6}
          height={full * gone * 0.6}
          fill="#1c7c86"
          fillOpacity={0.5}
        />
      )}
      <rect
        x={left}
        y={base - block}
        width={w}
        height={block}
        fill={foodColour(ramp, 0)}
        stroke={foodColour(ramp, 1.4)}
      />
      {pressed && (
        <rect
          x={left - 6}
          y={base - block - height * 0.16}
          width={w + 12}
          height={height * 0.16}
          className="fill-iron"
          rx={2}
        />
      )}
      <path
        d={`M${left - w * 0.35} ${base - 6}v${8}h${w * 1.7}v${-8}`}
        fill="none"
        className="stroke-rim"
        strokeWidth={large ? 3 : 2}
      />
      {gone > 0 && large && (
        <text x={left + w * 1.45} y={height * 0.4} className="fill-iron-soft text-[13px]">
          −{Math.round(gone * 100)} %
        </text>
      )}
    </Sketch>
  );
}
