'use client';

import dynamic from 'next/dynamic';
import { type ComponentProps, Suspense, useState } from 'react';

/* few visits settle anything, and what is asked brings much script */
const TasteQuestions = dynamic(() => import('./taste-questions').then((part) => part.TasteQuestions));

/** Where cooks differ at this station: the plan's own way against another, to be tasted without knowing. */
export function SettleByTasting(questions: ComponentProps<typeof TasteQuestions>) {
  const [open, setOpen] = useState(false);
  return (
    <details
      /* it may have been opened before the page was alive */
      ref={(details) => {
        if (details?.open) setOpen(true);
      }}
      className="mt-3 border-t-2 border-enamel-deep pt-1"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-11 py-2.5 text-[15px] font-semibold text-rim">
        Cooks differ: settle it by tasting
      </summary>
      <Suspense fallback={<p className="pb-2 text-[15px] text-iron-soft">One moment …</p>}>
        {open && <TasteQuestions {...questions} />}
      </Suspense>
    </details>
  );
}
