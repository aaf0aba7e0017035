import { lightFormat } from 'date-fns';
import { LocalTime } from './local-time';
import { useUnits } from './units-context';
import { timeOfDayText } from './words/time-of-day';

/** A time of day on a plate, so that it is never taken for minutes; 12 or 24 hours by the kitchen's units. */
export function ClockPlate({ at }: { at: number }) {
  const units = useUnits();
  return (
    <strong className="inline-block rounded-part border-2 border-current px-1.5 font-semibold whitespace-nowrap tabular-nums">
      <LocalTime at={at} write={(date) => timeOfDayText(lightFormat(date, 'HH:mm'), units)} />
    </strong>
  );
}
