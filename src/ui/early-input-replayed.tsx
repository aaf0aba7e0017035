'use client';

import { useLayoutEffect } from 'react';
import { replayEarlyInput } from './early-input';

/** Once the page is alive: what was touched before counts. */
export function EarlyInputReplayed() {
  useLayoutEffect(() => void replayEarlyInput(), []);
  return null;
}
