import clsx from 'clsx';
import { isWaiting, prepTasks } from '../../core/prep/prep-tasks';
import { STEP_NAMES } from '../words/step-names';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** The steps as beads on a string, in order: hands full, what waits hollow, each cook large in cobalt; named above and below in turn. */
export function StepsDrawing({ plan, large }: Omit<DrawingProps, 'ramp'>) {
  const tasks = prepTasks(plan).filter(({ kind }) => kind !== 'preheat');
  const { width, height } = large ? PAPER.large : PAPER.small;
  const places = tasks.length + 1;
  const at = (i: number) => ((i + 0.5) * width) / places;
  const radius = Math.min(large ? 11 : 6, width / places / 2.8);
  const middle = height / 2;
  const name = (i: number, word: string) =>
    large && (
      <text
        x={at(i)}
        y={i % 2 === 0 ? middle - 26 : middle + 36}
        textAnchor="middle"
        fontSize={13}
        className="fill-iron"
      >
        {word}
      </text>
    );
  return (
    <Sketch
      large={large}
      label={`${tasks.length} steps before the last cook: ${tasks.map(({ kind }) => STEP_NAMES[kind]).join(', ')}`}
    >
      <line x1={at(0)} x2={at(places - 1)} y1={middle} y2={middle} className="stroke-iron-soft" strokeWidth={2} />
      {tasks.map((task, i) => (
        <g key={i}>
          <circle
            cx={at(i)}
            cy={middle}
            r={task.kind === 'cook' ? radius * 1.35 : radius}
            className={clsx(
              'stroke-iron-soft',
              task.kind === 'cook' ? 'fill-rim' : isWaiting(task) ? 'fill-enamel' : 'fill-iron-soft',
            )}
            strokeWidth={2}
          />
          {name(i, STEP_NAMES[task.kind])}
        </g>
      ))}
      <circle cx={at(places - 1)} cy={middle} r={radius * 1.35} className="fill-rim" />
      {name(places - 1, 'Cook')}
    </Sketch>
  );
}
