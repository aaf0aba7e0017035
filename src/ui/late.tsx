import { type ComponentType, lazy } from 'react';

/** A component whose script comes when it is wanted, or a moment before. */
export interface Late<Props extends object> {
  readonly Late: ComponentType<Props>;
  /** fetches its script, so that it is there once it is drawn */
  readonly fetch: () => void;
}

/**
 * A component that is loaded apart. Once its script is there it is drawn at once; React would hold back what was ready before by a
 * third of a second, since a promise is never kept in the same breath.
 */
export function late<Props extends object>(load: () => Promise<ComponentType<Props>>): Late<Props> {
  let ready: ComponentType<Props> | null = null;
  const loaded = () =>
    load().then((component) => {
      ready = component;
      return { default: component };
    });
  const atOnce = (component: ComponentType<Props>) =>
    ({ then: (keep: (kept: { default: ComponentType<Props> }) => void) => keep({ default: component }) }) as Promise<{
      default: ComponentType<Props>;
    }>;
  return {
    Late: lazy(() => (ready ? atOnce(ready) : loaded())) as unknown as ComponentType<Props>,
    /* where it fails it is asked for again when it is drawn */
    fetch: () => void loaded().catch(() => undefined),
  };
}
