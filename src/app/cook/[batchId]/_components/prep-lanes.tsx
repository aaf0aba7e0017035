import clsx from 'clsx';
import type { Deed } from './prep-deeds';

/** Where a deed takes place. */
type Lane = 'hands' | 'bowl and pot' | 'fridge' | 'fryer';

const LANES: readonly Lane[] = ['hands', 'bowl and pot', 'fridge', 'fryer'];

function laneOf({ task, waits }: Deed): Lane {
  switch (task.kind) {
    case 'preheat':
    case 'cook':
      return 'fryer';
    case 'chill':
    case 'freeze':
    case 'freeze-thaw':
    case 'brine':
    case 'marinate':
      return 'fridge';
    default:
      return waits ? 'bowl and pot' : 'hands';
  }
}

/** Longest that a waiting deed is drawn, as a share of all others: nights would leave no room for hands. */
const LONGEST_SHARE = 0.6;

/** The way to the basket as lanes: what hands do solid, what waits hatched; the preheat ends with the last deed. */
export function PrepLanes({ deeds }: { deeds: readonly Deed[] }) {
  if (deeds.length === 0) return null;
  const inOrder = deeds.filter(({ task }) => task.kind !== 'preheat');
  const total = inOrder.reduce((sum, { task }) => sum + task.duration, 0);
  const longest = Math.max(0, ...inOrder.map(({ task }) => task.duration));
  const rest = total - longest;
  const drawn = (duration: number) =>
    duration === longest && rest > 0 ? Math.min(duration, (LONGEST_SHARE / (1 - LONGEST_SHARE)) * rest) : duration;
  const preheat = deeds.find(({ task }) => task.kind === 'preheat');
  const lengths = inOrder.map(({ task }) => drawn(task.duration));
  const inAll = lengths.reduce((sum, length) => sum + length, 0);
  /* the preheat runs beside what hands do, but after a cook that comes before the last */
  const lastCook = inOrder.findLastIndex(({ task }) => task.kind === 'cook');
  const beside = lengths.slice(lastCook + 1).reduce((sum, length) => sum + length, 0);
  const waiting = Math.max(0, (preheat?.task.duration ?? 0) - beside);
  const width = Math.max(inAll + (lastCook < 0 ? 0 : waiting), preheat?.task.duration ?? 0, 1);
  const bars = inOrder.map((deed, i) => ({
    deed,
    from: (lastCook < 0 ? width - inAll : 0) + lengths.slice(0, i).reduce((sum, length) => sum + length, 0),
    length: lengths[i]!,
  }));
  if (preheat) bars.push({ deed: preheat, from: width - preheat.task.duration, length: preheat.task.duration });
  const used = LANES.filter((lane) => bars.some(({ deed }) => laneOf(deed) === lane));
  return (
    <div aria-hidden className="mt-6 hidden sm:block">
      {used.map((lane) => (
        <div key={lane} className="flex items-center gap-3 py-1">
          <span className="w-28 shrink-0 text-[15px] text-ash">{lane}</span>
          <span className="relative h-7 flex-1 border-r-4 border-enamel">
            {bars
              .filter(({ deed }) => laneOf(deed) === lane)
              .map(({ deed, from, length }) => (
                <span
                  key={deed.index}
                  className={clsx(
                    'absolute inset-y-0 flex items-center overflow-hidden rounded-[4px] px-2 text-[14px] font-semibold whitespace-nowrap',
                    deed.done ? 'opacity-40' : '',
                    deed.waits ? 'border-2 border-ash hatched' : 'bg-enamel text-iron',
                  )}
                  style={{ left: `${(100 * from) / width}%`, width: `calc(${(100 * length) / width}% - 2px)` }}
                >
                  {deed.name}
                </span>
              ))}
          </span>
        </div>
      ))}
    </div>
  );
}
