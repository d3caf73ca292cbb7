'use client';
import { lazy, Suspense, type ComponentType } from 'react';
import type { Named } from './documentState';
import type { StaleProps } from './StaleChoice';

// Seldom needed, and so not part of the first load.
const StaleChoice = lazy(async () => ({ default: (await import('./StaleChoice')).StaleChoice as ComponentType<StaleProps<Named>> }));

/** The choice of a window whose copy is older than what is stored; nothing while it is not. */
export function StaleDialog<D extends Named>(props: StaleProps<D>) {
  if (!props.state.stale) return null;
  return (
    <Suspense fallback={null}>
      <StaleChoice {...(props as unknown as StaleProps<Named>)} />
    </Suspense>
  );
}
