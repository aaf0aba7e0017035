'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/controls/button';
import { placeHere } from '@/ui/place-here';
import type { KeepRequest } from '@/workers/offline/protocol';

/** Rest after a page has come before it is kept for later, ms: nothing of what the cook waits for is held up. */
const AFTERWARDS = 4000;

/** Pages that open without a network, besides the one that is open. */
const ROOMS = ['/', '/start', '/cook', '/plans', '/log', '/kitchen'];

/** Keeps the app for when there is no network, and offers a new version, never in the middle of a run. */
export function OfflineKeeper() {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null);
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
    let ended = false;
    const keep = async () => {
      const registration = await navigator.serviceWorker.register('/service-worker.js').catch(() => null);
      if (!registration || ended) return;
      if (registration.waiting) setWaiting(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const next = registration.installing;
        next?.addEventListener('statechange', () => {
          if (next.state === 'installed' && navigator.serviceWorker.controller) setWaiting(next);
        });
      });
      const { active } = await navigator.serviceWorker.ready;
      const place = placeHere();
      if (place === null) return;
      const request: KeepRequest = {
        kind: 'keep-pages',
        place,
        urls: [...new Set([window.location.pathname + window.location.search, ...ROOMS])],
      };
      active?.postMessage(request);
    };
    const timer = setTimeout(() => void keep(), AFTERWARDS);
    return () => {
      ended = true;
      clearTimeout(timer);
    };
  }, []);
  if (!waiting || window.location.pathname.startsWith('/cook/')) return null;
  return (
    <p
      role="status"
      className="no-print fixed right-3 bottom-3 z-20 flex items-center gap-3 tray px-4 py-2 text-[15px]"
    >
      A new version of Drubek is ready.
      <Button
        onClick={() => {
          navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true });
          waiting.postMessage({ type: 'SKIP_WAITING' });
        }}
      >
        Take it
      </Button>
    </p>
  );
}
