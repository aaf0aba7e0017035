import type { LiveForecastStore } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { clockText, percentText } from '@/ui/words/format';

/** The forecast in one line at the foot of a small screen, so that it stays in view while levers are moved above. */
export function ForecastStrip({ live }: { live: LiveForecastStore }) {
  const { forecast } = useNewest(live);
  if (!forecast) return null;
  const { doneTime, window, peak } = forecast;
  return (
    <p
      aria-hidden
      className="no-print sticky bottom-0 z-10 mt-1 rounded-part border-2 border-rim bg-enamel px-3 py-1.5 text-[15px] lg:hidden"
    >
      <strong>{doneTime === null ? 'Not done in time' : `Done ${clockText(doneTime)}`}</strong>
      {' · '}
      {window ? `right ${clockText(window.from)}–${clockText(window.to)}` : 'never all right'}
      {' · '}
      {percentText(peak.share)}
    </p>
  );
}
