'use client';

import { startTransition, useEffect, useState } from 'react';

/** `value` once it has kept still for `rest` ms; for what need not follow a moving lever. */
export function useCalm<Value>(value: Value, rest: number): Value {
  const [calm, setCalm] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setCalm(value)), rest);
    return () => clearTimeout(timer);
  }, [value, rest]);
  return calm;
}
