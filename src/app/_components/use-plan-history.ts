'use client';

import { useCallback, useEffect, useReducer } from 'react';
import type { PlanFile } from '@/schemas/plan-file';

interface History {
  readonly past: readonly PlanFile[];
  readonly present: PlanFile;
  readonly future: readonly PlanFile[];
  /** what the present was when a lever began to move; null at rest */
  readonly resting: PlanFile | null;
}

type Move =
  | { readonly kind: 'move' | 'release'; readonly document: PlanFile }
  /** what follows from the plan `from` by itself; no step of its own */
  | { readonly kind: 'follow'; readonly from: PlanFile; readonly to: PlanFile }
  /** what was kept from before a reload; it never takes the place of what was done since, but can be gone back to */
  | { readonly kind: 'take-up'; readonly document: PlanFile }
  | { readonly kind: 'undo' | 'redo' };

/** Steps that can be taken back. */
const DEPTH = 100;

/** A lever that moves changes the present only; letting go makes one step of history. */
export function planHistory(state: History, move: Move): History {
  switch (move.kind) {
    case 'move':
      return { ...state, present: move.document, resting: state.resting ?? state.present };
    case 'release': {
      const before = state.resting ?? state.present;
      /* a lever that was moved and brought back */
      if (JSON.stringify(before) === JSON.stringify(move.document)) return { ...state, present: before, resting: null };
      return { past: [...state.past, before].slice(-DEPTH), present: move.document, future: [], resting: null };
    }
    case 'follow':
      return state.present === move.from ? { ...state, present: move.to } : state;
    case 'take-up':
      return state.past.length === 0 && state.resting === null
        ? { ...state, past: [state.present], present: move.document }
        : { ...state, past: [move.document, ...state.past] };
    case 'undo': {
      const before = state.past.at(-1);
      if (!before) return state;
      return {
        past: state.past.slice(0, -1),
        present: before,
        future: [state.present, ...state.future],
        resting: null,
      };
    }
    case 'redo': {
      const [after, ...later] = state.future;
      if (!after) return state;
      return { past: [...state.past, state.present], present: after, future: later, resting: null };
    }
  }
}

/** The plan being edited, with undo and redo, also by Ctrl+Z and Ctrl+Shift+Z. */
export function usePlanHistory(initial: PlanFile) {
  const [state, dispatch] = useReducer(planHistory, { past: [], present: initial, future: [], resting: null });
  const move = useCallback((document: PlanFile) => dispatch({ kind: 'move', document }), []);
  const release = useCallback((document: PlanFile) => dispatch({ kind: 'release', document }), []);
  const follow = useCallback((from: PlanFile, to: PlanFile) => dispatch({ kind: 'follow', from, to }), []);
  const takeUp = useCallback((document: PlanFile) => dispatch({ kind: 'take-up', document }), []);
  const undo = useCallback(() => dispatch({ kind: 'undo' }), []);
  const redo = useCallback(() => dispatch({ kind: 'redo' }), []);

  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
      event.preventDefault();
      dispatch({ kind: event.shiftKey ? 'redo' : 'undo' });
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);

  return {
    document: state.present,
    settled: state.resting === null,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    move,
    release,
    follow,
    takeUp,
    undo,
    redo,
  };
}
