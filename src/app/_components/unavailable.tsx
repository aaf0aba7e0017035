'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { TabTitle } from '@/ui/tab-title';

/** How often a page that waits asks whether the database is back, ms. */
const ASK_EVERY = 2000;

/** Shown while the database is away; goes on by itself when it is back. */
export function Unavailable({ next }: { next?: string }) {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(async () => {
      const answer = await fetch('/api/health').catch(() => null);
      if (!answer?.ok) return;
      if (next) window.location.assign(next);
      else router.refresh();
    }, ASK_EVERY);
    return () => clearInterval(timer);
  }, [router, next]);
  return (
    <main className="mx-auto max-w-xl px-4 py-16">
      <TabTitle page="The database is away" />
      <div className="tray p-6">
        <h1 className="text-2xl">The database is away</h1>
        <p className="mt-3">
          Drubek cannot reach its records just now. Nothing that was stored is lost, and what a running batch records is
          kept on this device until they are back. This page goes on by itself.
        </p>
        <p role="status" className="mt-3 text-iron-soft">
          Asking again every two seconds …
        </p>
      </div>
    </main>
  );
}
