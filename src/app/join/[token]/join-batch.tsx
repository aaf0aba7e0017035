'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { JOINED } from '@/ui/joined-device';

/** Joins the run on another device. */
export function JoinBatch({ token }: { token: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const join = async () => {
    setProblem(null);
    try {
      const response = await fetch('/api/join', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ token }),
      });
      const answer = (await response.json()) as { batchId?: string; error?: string };
      if (!answer.batchId) return setProblem(answer.error ?? 'This did not work; try again.');
      localStorage.setItem(JOINED, answer.batchId);
      // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- the cookie is another one now
      window.location.assign(`/cook/${answer.batchId}`);
    } catch {
      setProblem('The server cannot be reached; is this device in the same network?');
    }
  };
  return (
    <section className="tray p-6">
      <h1 className="text-[26px]">Follow the run on this device</h1>
      <p className="mt-1 text-[16px]">It shows the same countdown, and answers from either device count.</p>
      <Button look="main" className="mt-4" onClick={join}>
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
