import { scaleLinear } from 'd3';
import { cookDuration } from '../../core/plan/plan';
import { OpeningMarks, StageLine } from '../field/overlays';
import { useUnits } from '../units-context';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Stages as a stepped line with the openings. */
export function StageDrawing({ plan, large }: DrawingProps) {
  const units = useUnits();
  const { width } = large ? PAPER.large : PAPER.small;
  const duration = cookDuration(plan);
  const x = scaleLinear([0, duration], [large ? 20 : 4, width - (large ? 20 : 4)]);
  return (
    <Sketch
      large={large}
      label={`${plan.stages.length} stages over ${Math.round(duration / 60)} minutes with ${plan.events.length} openings`}
    >
      <StageLine stages={plan.stages} duration={duration} x={x} height={large ? 90 : 40} units={units} />
      <OpeningMarks openings={plan.events} x={x} top={large ? 110 : 48} height={large ? 30 : 10} duration={duration} />
    </Sketch>
  );
}
