'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { type LikelyCause, likelyCause } from '@/core/coach/likely-cause';
import type { RunState } from '@/core/run/run-state';
import { differenceOf } from '@/core/forecast/unknowns';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { useCorrection } from '@/ui/use-correction';
import { percentText, temperatureGapText, type UnitSystem } from '@/ui/words/format';
import { loadsFromStart } from '@/editing/edit-loads';
import { cutText } from '@/schemas/storable-text';
import { writePlanFile } from '@/schemas/write-plan';

function causeText({ what, by }: LikelyCause, units: UnitSystem): string {
  const share = percentText(Math.abs(by));
  switch (what) {
    case 'offset':
      return `the fryer’s air ran about ${temperatureGapText(Math.abs(by), units)} ${by < 0 ? 'below' : 'above'} its dial`;
    case 'heatTransfer':
      return `the fan moved about ${share} ${by < 0 ? 'less' : 'more'} heat than usual`;
    case 'power':
      return `the heater gave about ${share} ${by < 0 ? 'less' : 'more'} than its label`;
    case 'browning':
      return `the food browned about ${share} ${by < 0 ? 'slower' : 'faster'} than usual: its sugar, or the cut`;
  }
}

/** One sentence on the likely cause of the difference, with its evidence, and the way to plan the batch again with it. */
export function WhyDifferent({
  planned,
  cooked,
  run,
  browning,
  pulledAt,
  fryerId,
}: {
  planned: PlanFile;
  /** as it really went: what the answers are held against */
  cooked: PlanFile;
  run: RunState;
  /** as the outcome says */
  browning: number;
  /** s */
  pulledAt: number;
  fryerId: string | null;
}) {
  const units = useUnits();
  const router = useRouter();
  const [saving, setSaving] = useState(false);
  const observations = useMemo(
    () => [...run.observations, { kind: 'swatch' as const, time: pulledAt, browning }],
    [run.observations, pulledAt, browning],
  );
  const correction = useCorrection(cooked, observations, pulledAt, null);
  if (!correction || correction.taken < observations.length) return null;
  const cause = likelyCause(correction.unknowns);
  const offset = planned.fryer.thermostat_offset_c + differenceOf(correction.unknowns).offset;
  const planAgain = async () => {
    if (!fryerId) return;
    setSaving(true);
    const planId = newId();
    const again: PlanFile = {
      ...planned,
      name: `${cutText(planned.name, 100)}, corrected`,
      /* a plan begins with its first load, in a fryer that nothing came out of */
      loads: loadsFromStart(planned.loads),
      fryer: {
        ...planned.fryer,
        start_c: undefined,
        thermostat_offset_c: Math.min(40, Math.max(-40, Math.round(offset))),
      },
    };
    const sent = await send('PUT', `/api/plans/${planId}`, { fryerId, document: writePlanFile(again), base: 0 });
    if (sent.kind === 'done') router.push(`/?plan=${planId}`);
    else {
      setSaving(false);
      notifyError(sent.error);
    }
  };
  return (
    <div className="mt-2 text-[15px]">
      <p>
        {cause
          ? `Most likely ${causeText(cause, units)}`
          : 'Nothing unusual about the fryer or the food is needed to explain it'}
        ; by{' '}
        {observations.length === 1
          ? 'the colour when pulled'
          : `${observations.length} answers, the colour when pulled among them`}
        .
      </p>
      {fryerId && (
        <Button className="mt-2" onClick={planAgain} disabled={saving}>
          Plan it again, corrected
        </Button>
      )}
    </div>
  );
}
