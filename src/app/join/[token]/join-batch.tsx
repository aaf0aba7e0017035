'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { forgetKitchenHere } from '@/ui/forget-kitchen';
import { JOINED } from '@/ui/joined-device';
import { send } from '@/ui/send';

/** Follows a run beside the own kitchen, or enters another kitchen; which of them is said before. */
export function JoinBatch({
  token,
  to,
  here,
}: {
  token: string;
  /** where the code leads; null where it is not good any more */
  to: { kitchen: string; isRun: boolean } | null;
  /** name of the kitchen this device is in */
  here: string | null;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const join = async () => {
    setProblem(null);
    const sent = await send('POST', '/api/join', { token });
    if (sent.kind !== 'done') return setProblem(sent.error);
    if (!to?.isRun) await forgetKitchenHere();
    const { batchId } = sent.answer as { batchId: string | null };
    if (batchId) localStorage.setItem(JOINED, batchId);
    window.location.assign(batchId ? `/cook/${batchId}` : '/');
  };
  if (!to) {
    return (
      <section className="tray p-6">
        <h1 className="text-[26px]">This code is no longer good</h1>
        <p className="mt-1 text-[16px]">It was used, or it is too old. Ask for a new one.</p>
      </section>
    );
  }
  return (
    <section className="tray p-6">
      <h1 className="text-[26px]">
        {to.isRun ? 'Follow the run on this device' : `Come into the kitchen “${to.kitchen}”`}
      </h1>
      <p className="mt-1 text-[16px]">
        {to.isRun
          ? 'It shows the same countdown, and answers from either device count. Nothing else of that kitchen is seen here.'
          : 'You plan, cook and log there together.'}{' '}
        {here &&
          (to.isRun
            ? `This device stays in “${here}”.`
            : `This device leaves “${here}” for it and can go back by the kitchen’s menu.`)}
      </p>
      <Button look="main" className="mt-4" onClick={() => void join()}>
        Join
      </Button>
      {problem && (
        <p role="alert" className="mt-3 text-[15px] text-alarm">
          {problem}
        </p>
      )}
    </section>
  );
}
