'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { send } from '@/ui/send';

/** A QR code by which one other device may join this run. */
export function SecondDevice({ batchId }: { batchId: string }) {
  const [code, setCode] = useState<{ svg: string; link: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const invite = async () => {
    setProblem(null);
    const sent = await send('POST', `/api/batches/${batchId}/invites`, {});
    if (sent.kind !== 'done') return setProblem(sent.error);
    const link = `${window.location.origin}/join/${(sent.answer as { token: string }).token}`;
    const { default: qrcode } = await import('qrcode');
    setCode({ svg: await qrcode.toString(link, { type: 'svg', margin: 2 }), link });
  };
  return (
    <div className="mt-4">
      <Button look="quiet" className="!px-0 !text-rim-light" onClick={code ? () => setCode(null) : invite}>
        {code ? 'Hide the code' : 'Follow on another device'}
      </Button>
      {problem && (
        <p role="alert" className="text-[15px]">
          {problem}
        </p>
      )}
      {code && (
        <div className="mt-1 flex flex-wrap items-center gap-4">
          <div
            role="img"
            aria-label="QR code of the link beside it"
            className="size-40 overflow-hidden rounded-part bg-paper [&>svg]:size-full"
            dangerouslySetInnerHTML={{ __html: code.svg }}
          />
          <p className="max-w-[40ch] text-[15px]">
            Scan it with the other device, within ten minutes; it works once. Or open{' '}
            <a href={code.link} className="break-all text-rim-light underline">
              {code.link}
            </a>
            . A phone must be in the same network, and the app started for it (see the README).
          </p>
        </div>
      )}
    </div>
  );
}
