'use client';

import { useMemo } from 'react';
import { deriveRun } from '@/core/cook/run-state';
import { browningSeen } from '@/core/cook/suggest-outcome';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { OutcomeForm } from '@/app/_components/outcome-form';
import { useNow } from '@/ui/use-now';
import { CookingPhase } from './cooking-phase';
import { PrepPhase } from './prep-phase';
import { SecondDevice } from './second-device';
import { useBatchEvents } from './use-batch-events';

/** Words for the last thing recorded, so that a mis-tap can be taken back. */
function undoWords(kind: string): string {
  return kind === 'loaded' ? 'Take back: loaded' : kind === 'done' ? 'Take back: pulled' : 'Take back the last tap';
}

/** One batch beside the fryer: prep, the run, and what came of it. */
export function CookRun({ batch, openedAt }: { batch: Batch; openedAt: number }) {
  const { events, record, waiting, refused, clockOffset } = useBatchEvents(batch.id, batch.events);
  const now = useNow(openedAt) + clockOffset;
  const run = useMemo(() => deriveRun(events), [events]);
  const plan = useMemo(() => planFromFile(batch.document), [batch.document]);
  return (
    <div>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h1 className="text-[20px]">
          {batch.document.name} <span className="font-text text-[15px] font-normal text-ash">in {batch.fryerName}</span>
        </h1>
        <div className="flex items-center gap-3">
          {waiting > 0 && (
            <span role="status" className="text-[15px]">
              {refused
                ? `${waiting} kept here; the server refuses them: ${refused}`
                : `${waiting} kept on this device, to be sent when the server is back`}
            </span>
          )}
          {run.last && (
            <Button look="quiet" className="!text-rim-light" onClick={() => record('undone', { event: run.last!.id })}>
              {undoWords(run.last.kind)}
            </Button>
          )}
        </div>
      </div>
      {run.phase === 'prep' && <PrepPhase plan={plan} forecast={batch.forecast} run={run} now={now} record={record} />}
      {run.phase === 'cooking' && <CookingPhase batch={batch} plan={plan} run={run} now={now} record={record} />}
      {run.phase !== 'done' && <SecondDevice batchId={batch.id} />}
      {run.phase === 'done' && (
        <div className="mt-4 tray p-5 text-iron">
          <OutcomeForm
            batchId={batch.id}
            ramp={plan.food.ramp}
            crispness={plan.target.crispness}
            seen={browningSeen(run)}
            stuck={run.stuck}
          />
        </div>
      )}
    </div>
  );
}
