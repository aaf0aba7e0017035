import type { LiveForecastStore } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { percentText } from '@/ui/words/format';
import { intervalText, pullText } from '@/ui/words/forecast-text';

/** The forecast in one line at the foot of a small screen, so that it stays in view while levers are moved above. */
export function ForecastStrip({ live }: { live: LiveForecastStore }) {
  const { forecast, interval } = useNewest(live);
  if (!forecast) return null;
  return (
    <p
      aria-hidden
      className="no-print sticky bottom-0 z-10 mt-1 rounded-part border-2 border-rim bg-enamel px-3 py-1.5 text-[15px] lg:hidden"
    >
      <strong>{pullText(forecast)}</strong> {intervalText(interval)}
      {' · '}
      at best {percentText(forecast.peak.share)}
    </p>
  );
}
