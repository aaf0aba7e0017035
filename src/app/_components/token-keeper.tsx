'use client';

import { useEffect } from 'react';
import { send } from '@/ui/send';

/** When this browser last asked, so that it asks once a day. */
const ASKED = 'drubek.token-asked';
const EVERY = 24 * 3600 * 1000;

/** Has the token of this browser exchanged once it is a week old. Shows nothing. */
export function TokenKeeper() {
  useEffect(() => {
    const asked = Number(localStorage.getItem(ASKED)) || 0;
    if (asked === 0) localStorage.setItem(ASKED, String(Date.now()));
    if (asked === 0 || Date.now() - asked < EVERY) return;
    localStorage.setItem(ASKED, String(Date.now()));
    void send('PUT', '/api/session', {});
  }, []);
  return null;
}
