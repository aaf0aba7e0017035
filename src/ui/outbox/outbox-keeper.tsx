'use client';

import { useEffect } from 'react';

/** Sends what waits on this device, wherever in the app the cook is. Shows nothing, and comes after what the page is opened for. */
export function OutboxKeeper() {
  useEffect(() => {
    let gone = false;
    let end = (): void => undefined;
    void import('./look-after-outbox').then(({ lookAfterOutbox }) => {
      if (!gone) end = lookAfterOutbox();
    });
    return () => {
      gone = true;
      end();
    };
  }, []);
  return null;
}
