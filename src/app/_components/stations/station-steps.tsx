'use client';

import { newAfterSteps, newPrepSteps } from '@/editing/edit-steps';
import type { AnyStep } from '@/ui/words/step-names';
import type { StationId, StationProps } from './station';
import { StepList } from './step-list';

/** The station at which each kind of step is done. */
export const STEP_STATIONS: Record<AnyStep['step'], StationId> = {
  rinse: 'soak',
  soak: 'soak',
  dip: 'soak',
  parcook: 'parcook',
  cook: 'parcook',
  press: 'press',
  'freeze-thaw': 'press',
  'press-flat': 'press',
  dry: 'dry',
  cool: 'dry',
  chill: 'dry',
  freeze: 'dry',
  marinate: 'coat',
  brine: 'coat',
  oil: 'coat',
  starch: 'coat',
  season: 'coat',
  bind: 'coat',
  dredge: 'coat',
  batter: 'coat',
  coat: 'coat',
  cut: 'cut',
  rest: 'rest',
  dress: 'rest',
  refresh: 'rest',
  temper: 'rest',
  keep: 'rest',
};

/** The steps of this plan that belong to a station, in the order done; nothing at a station that has none. */
export function StationSteps({
  station,
  ...props
}: { station: StationId } & Pick<StationProps, 'document' | 'plan' | 'move' | 'release'>) {
  const here = ({ step }: AnyStep) => STEP_STATIONS[step] === station;
  const list = station === 'rest' ? 'after' : 'prep';
  const offered = (list === 'after' ? newAfterSteps : newPrepSteps)(props.document.mass_g).filter(here);
  if (offered.length === 0) return null;
  return (
    <section className="space-y-3 border-t-2 border-enamel-deep pt-3">
      <h3 className="font-display text-[16px] font-semibold">In the order done</h3>
      <StepList
        {...props}
        list={list}
        label="Steps here, in the order done"
        addWords="Add a step here"
        offered={offered}
        shows={here}
      />
    </section>
  );
}
