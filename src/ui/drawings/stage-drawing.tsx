import { scaleLinear } from 'd3';
import { cookDuration } from '../../core/plan/plan';
import { OpeningMarks } from '../field/opening-marks';
import { dialLevel, StageLine, stageStarts } from '../field/stage-line';
import { useUnits } from '../units-context';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Stages as a stepped line with the openings. */
export function StageDrawing({ plan, large }: DrawingProps) {
  const units = useUnits();
  const { width } = large ? PAPER.large : PAPER.small;
  const duration = cookDuration(plan);
  const x = scaleLinear([0, duration], [large ? 20 : 4, width - (large ? 20 : 4)]);
  const line = large ? 84 : 24;
  return (
    <Sketch
      large={large}
      label={`${plan.stages.length} stages over ${Math.round(duration / 60)} minutes with ${plan.events.length} openings`}
    >
      <StageLine stages={plan.stages} duration={duration} x={x} height={line} units={units} />
      <OpeningMarks
        openings={plan.events}
        x={x}
        level={dialLevel(plan.stages, line)}
        bottom={large ? 130 : 56}
        duration={duration}
        taken={stageStarts(plan.stages, duration, x).map((from) => [from, from + 44])}
        words={large}
      />
    </Sketch>
  );
}
