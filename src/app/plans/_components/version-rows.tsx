'use client';

import { useRouter } from 'next/navigation';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { LocalTime } from '@/ui/local-time';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { dayAndTimeText } from '@/ui/words/day-and-time';
import { planDifferences } from '@/ui/words/plan-differences';
import { writePlanFile } from '@/schemas/write-plan';

interface Version {
  readonly version: number;
  readonly document: PlanFile;
  readonly at: number;
}

/** A plan's past, newest first: what each step changed, and the way back to it. */
export function VersionRows({
  planId,
  fryerId,
  current,
  versions,
}: {
  planId: string;
  fryerId: string;
  current: { readonly document: PlanFile; readonly at: number };
  versions: readonly Version[];
}) {
  const units = useUnits();
  const router = useRouter();
  const keep = async () => {
    const sent = await send('POST', `/api/plans/${planId}/versions`, {});
    if (sent.kind === 'done') router.refresh();
    else notifyError(sent.error);
  };
  const goBack = async (document: PlanFile) => {
    await send('POST', `/api/plans/${planId}/versions`, {});
    const sent = await send('PUT', `/api/plans/${planId}`, { fryerId, document: writePlanFile(document), base: null });
    if (sent.kind === 'done') router.push(`/?plan=${planId}`);
    else notifyError(sent.error);
  };
  const steps = [{ version: null, ...current }, ...versions.map((version) => ({ ...version }))];
  return (
    <>
      <ol className="mt-3 divide-y divide-enamel-deep">
        {steps.map((step, i) => {
          const before = steps[i + 1];
          const changes = before ? planDifferences(before.document, step.document, units) : [];
          return (
            <li key={step.version ?? 'now'} className="flex flex-wrap items-start gap-x-4 gap-y-1 py-3 text-[15px]">
              <div className="min-w-0 grow basis-80">
                <p className="font-semibold">
                  {step.version === null ? 'As it is now' : `Version ${step.version}`}
                  <span className="ml-2 font-normal text-iron-soft">
                    <LocalTime at={step.at} write={(date) => dayAndTimeText(date, 'd MMM yyyy', units)} />
                  </span>
                </p>
                {before ? (
                  changes.length > 0 ? (
                    <ul className="text-[14px]">
                      {changes.map(({ what, one, other }) => (
                        <li key={what}>
                          {what}: {one} → {other}
                        </li>
                      ))}
                    </ul>
                  ) : (
                    <p className="text-[14px] text-iron-soft">The same as before.</p>
                  )
                ) : (
                  <p className="text-[14px] text-iron-soft">The first that is kept.</p>
                )}
              </div>
              {step.version === null ? (
                <Button onClick={keep}>Keep as a version</Button>
              ) : (
                <Button onClick={() => goBack(step.document)}>Go back to this</Button>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}
