'use client';

import { useEffect, useRef } from 'react';
import { STATION_IDS, type StationId } from './stations/station';

/** Keys of the stations, in working order. */
const STATION_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'] as const;

/** What the keys of the bench do. */
export interface BenchKeys {
  readonly choose: (station: StationId) => void;
  readonly pin: () => void;
  readonly cook: () => void;
  readonly help: () => void;
}

/** Listens to the keys of the bench, but not while a number or a name is typed. */
export function useBenchKeys(keys: BenchKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const { target } = event;
      const typing =
        target instanceof HTMLInputElement ||
        target instanceof HTMLTextAreaElement ||
        target instanceof HTMLSelectElement;
      if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
      const station = STATION_IDS[STATION_KEYS.indexOf(event.key as (typeof STATION_KEYS)[number])];
      if (station) latest.current.choose(station);
      else if (event.key === '?') latest.current.help();
      else if (event.key === 'p') latest.current.pin();
      else if (event.key === 'c') latest.current.cook();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);
}
