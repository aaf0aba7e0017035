import type { Plan } from '../../core/plan/plan';
import { isWaiting, prepTasks } from '../../core/prep/prep-tasks';

/** The tasks of a plan as a chain of beads: hands are full, what waits is hollow, a cook is the large one at its place. */
export function StepsDrawing({ plan, large }: { plan: Plan; large: boolean }) {
  const tasks = prepTasks(plan).filter(({ kind }) => kind !== 'preheat');
  const [width, height] = large ? [320, 64] : [88, 40];
  const places = tasks.length + 1;
  const at = (i: number) => ((i + 0.5) * width) / places;
  const radius = Math.min(large ? 12 : 5, width / places / 2.6);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={`${tasks.length} steps before the last cook`}
      className="max-w-full"
    >
      <line x1={at(0)} x2={at(places - 1)} y1={height / 2} y2={height / 2} stroke="#4c545d" strokeWidth={2} />
      {tasks.map((task, i) => (
        <circle
          key={i}
          cx={at(i)}
          cy={height / 2}
          r={task.kind === 'cook' ? radius * 1.4 : radius}
          fill={task.kind === 'cook' ? '#1f3fa8' : isWaiting(task) ? '#f7f8f4' : '#4c545d'}
          stroke="#4c545d"
          strokeWidth={2}
        />
      ))}
      <circle cx={at(places - 1)} cy={height / 2} r={radius * 1.4} fill="#1f3fa8" />
    </svg>
  );
}
