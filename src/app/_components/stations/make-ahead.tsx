import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import type { Plan } from '@/core/plan/plan';
import { DIPS } from '@/ui/words/dips';
import { useUnits } from '@/ui/units-context';
import { clockBefore } from '@/ui/words/clock-before';
import { timeOfDayText } from '@/ui/words/time-of-day';

/** By when a marinade or brine must begin, and dips that can be made ahead with their lead time. */
export function MakeAhead({ plan, pullTime, serveAt }: { plan: Plan; pullTime: number | null; serveAt: string }) {
  const units = useUnits();
  if (pullTime === null) return null;
  const say = (seconds: number) => {
    const time = clockBefore(serveAt, seconds);
    return time && timeOfDayText(time, units);
  };
  const loaded = pullTime + plan.toTable;
  const tasks = prepTasks(plan);
  const steeping = plan.preparation.findIndex((step) => step.step === 'marinate' || step.step === 'brine');
  const begin = steeping < 0 ? null : say(loaded + prepDuration(tasks.slice(steeping)));
  const ready = steeping < 0 ? null : say(loaded + prepDuration(tasks.slice(steeping + 1)));
  return (
    <div className="text-[14px]">
      {begin && (
        <p>
          Into the bowl by <strong>{begin}</strong>, out of it at {ready}.
        </p>
      )}
      <p className="mt-1 font-semibold">A dip to go with it, begun by</p>
      <ul className="grid grid-cols-1 gap-x-4 sm:grid-cols-2">
        {DIPS.map((dip) => (
          <li key={dip.name}>
            {say((dip.hands + dip.stands) * 60)} {dip.name}
            <span className="text-iron-soft">
              , {dip.hands} min{dip.stands > 0 && ` and ${dip.stands} min standing`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
