'use client';

import { useRef } from 'react';
import type { Forecast } from '@/core/forecast/forecast';
import type { Plan } from '@/core/plan/plan';
import { Basket } from '@/ui/basket/basket';
import { useBand } from '@/ui/basket/use-band';
import { EmptyDrawer } from '@/ui/drawings/empty-drawer';

/**
 * The drawer as it should look now: whole on a desk, on a phone a band across its middle with both rings in it. Empty, in the same
 * room, until the forecast is there.
 */
export function DrawerNow({ plan, forecast, sample }: { plan: Plan; forecast: Forecast | null; sample: number }) {
  const frame = useRef<HTMLDivElement>(null);
  const band = useBand(frame);
  return (
    <div
      ref={frame}
      className="max-lg:-mx-3 max-lg:flex max-lg:h-[154px] max-lg:items-center max-lg:overflow-hidden sm:max-lg:h-[320px]"
    >
      {forecast ? (
        <Basket
          plan={plan}
          record={forecast.record}
          sample={sample}
          label="The drawer as it should look now, with the palest and the darkest piece that can be seen"
          ringed
          band={band}
          className="w-full shrink-0"
        />
      ) : (
        <EmptyDrawer className="w-full shrink-0" />
      )}
    </div>
  );
}
