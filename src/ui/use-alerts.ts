'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** Tones of an alert: frequency in Hz and how long each lasts, s. One pattern for "soon", one for "now". */
const PATTERNS = {
  soon: [[660, 0.12]],
  now: [
    [880, 0.18],
    [660, 0.18],
    [880, 0.3],
  ],
} as const;

/** How long before an action the first sound comes, s. */
const SOON = 15;

/** What is turned on. */
export interface Alerts {
  readonly on: boolean;
  readonly spoken: boolean;
  readonly toggle: () => void;
  readonly toggleSpeech: () => void;
}

/** Plays a pattern; browsers allow it once the page was touched. */
function play(context: AudioContext, pattern: (typeof PATTERNS)[keyof typeof PATTERNS]): void {
  let at = context.currentTime;
  for (const [frequency, length] of pattern) {
    const tone = context.createOscillator();
    const level = context.createGain();
    tone.frequency.value = frequency;
    level.gain.setValueAtTime(0.25, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + length);
    tone.connect(level).connect(context.destination);
    tone.start(at);
    tone.stop(at + length);
    at += length + 0.06;
  }
}

/**
 * Tells of the next action by sound, vibration, a notification where the tab is hidden, and speech when asked for; and keeps
 * the screen awake. Everything is said on the screen as well; what a browser lacks is left out.
 */
export function useAlerts(words: string, left: number): Alerts {
  const [on, setOn] = useState(false);
  const [spoken, setSpoken] = useState(false);
  const audio = useRef<AudioContext | null>(null);
  const said = useRef<string>('');
  const stage = left <= 0 ? 'now' : left <= SOON ? 'soon' : null;

  useEffect(() => {
    if (!on || !stage || said.current === `${words} ${stage}`) return;
    said.current = `${words} ${stage}`;
    if (audio.current) play(audio.current, PATTERNS[stage]);
    navigator.vibrate?.(stage === 'now' ? [200, 100, 200] : 120);
    if (stage !== 'now') return;
    if (spoken && 'speechSynthesis' in window) speechSynthesis.speak(new SpeechSynthesisUtterance(`${words} now`));
    if (document.hidden && 'Notification' in window && Notification.permission === 'granted') {
      new Notification(`${words} now`, { tag: 'drubek', body: 'Drubek' });
    }
  }, [on, spoken, stage, words]);

  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let ended = false;
    const hold = async () => {
      if (document.hidden) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (ended) await lock.release();
      } catch {
        lock = null;
      }
    };
    void hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      ended = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release().catch(() => undefined);
    };
  }, []);

  const toggle = useCallback(() => {
    setOn((before) => {
      if (!before && !audio.current && 'AudioContext' in window) audio.current = new AudioContext();
      return !before;
    });
    if ('Notification' in window && Notification.permission === 'default') void Notification.requestPermission();
  }, []);
  const toggleSpeech = useCallback(() => setSpoken((before) => !before), []);
  return { on, spoken, toggle, toggleSpeech };
}
