'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { LocalTime } from '@/ui/local-time';
import { notify, notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { dayAndTimeText } from '@/ui/words/day-and-time';
import { planPhrases } from '@/ui/words/plan-text';

interface Row {
  readonly id: string;
  readonly document: PlanFile;
  readonly changedAt: number;
  readonly archived: boolean;
}

/** The plans, each with what it says and what can be done with it. */
export function PlanRows({ plans }: { plans: readonly Row[] }) {
  const units = useUnits();
  const router = useRouter();
  const act = async (path: string, body: object, done: string) => {
    const sent = await send('POST', path, body);
    if (sent.kind === 'done') {
      notify(done);
      router.refresh();
    } else notifyError(sent.error);
  };
  return (
    <ul className="mt-2 divide-y divide-enamel-deep">
      {plans.map(({ id, document, changedAt, archived }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-3">
          <div className="min-w-0 grow basis-80">
            <Link
              href={`/?plan=${id}`}
              className="font-display text-[17px] font-semibold text-rim underline-offset-4 hover:underline"
            >
              {document.name}
            </Link>
            {archived && <span className="ml-2 text-[13px] text-iron-soft">put away</span>}
            <p className="text-[14px]">{planPhrases(document, units).join(' · ')}</p>
            <p className="text-[13px] text-iron-soft">
              changed <LocalTime at={changedAt} write={(date) => dayAndTimeText(date, 'd MMM yyyy', units)} />
            </p>
          </div>
          <div className="flex gap-2">
            <Link href={`/plans/${id}`} className="flex min-h-11 items-center px-2 text-[15px] font-semibold text-rim">
              Versions<span className="sr-only"> of {document.name}</span>
            </Link>
            <Button onClick={() => act(`/api/plans/${id}/copies`, {}, 'Copied')}>
              Duplicate<span className="sr-only"> {document.name}</span>
            </Button>
            <Button
              look="quiet"
              onClick={() =>
                act(`/api/plans/${id}/archive`, { archived: !archived }, archived ? 'Taken out again' : 'Put away')
              }
            >
              {archived ? 'Take out' : 'Put away'}
              <span className="sr-only"> {document.name}</span>
            </Button>
          </div>
        </li>
      ))}
    </ul>
  );
}
