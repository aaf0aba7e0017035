'use client';

import { Button } from '@/ui/controls/button';
import { TabTitle } from '@/ui/tab-title';

/** Something that should not happen did. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-xl px-4 py-16">
      <TabTitle page="This page failed" />
      <div className="tray p-6">
        <h1 className="text-2xl">This page failed</h1>
        <p className="mt-3">Drubek met a fault of its own. What was stored is still there.</p>
        <Button look="main" className="mt-4" onClick={reset}>
          Try again
        </Button>
      </div>
    </main>
  );
}
