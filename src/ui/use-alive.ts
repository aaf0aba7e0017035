import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** Whether the page is alive; false in what the server sends. */
export function useAlive(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
