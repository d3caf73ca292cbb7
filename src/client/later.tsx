'use client';
import { useEffect, useReducer, useState, type ComponentType } from 'react';

/** A part of a screen that is loaded apart from it. `ask` = load it now; what was loaded stays. */
export interface LaterPart<P> {
  (props: P): React.ReactNode;
  ask(): void;
}

/** What failed once the browser does not fetch again, so the page is loaded anew, once the server answers; what was typed is kept. */
const loadAgain = (): void =>
  void fetch(location.href, { method: 'HEAD' }).then(
    () => location.reload(),
    () => undefined,
  );

/**
 * A part that is not needed for the first picture: loaded when it is shown, or asked for before. Where the server does not answer,
 * the part says so; the rest of the screen goes on.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): LaterPart<P> {
  const part: { loaded: ComponentType<P> | null; asked: Promise<void> | null } = { loaded: null, asked: null };
  const ask = (): Promise<void> => {
    part.asked ??= load().then(
      (loaded) => void (part.loaded = loaded),
      (error: unknown) => {
        part.asked = null;
        throw error;
      },
    );
    return part.asked;
  };
  function Later(props: P) {
    const [, drawn] = useReducer((count: number) => count + 1, 0);
    const [hasFailed, setFailed] = useState(false);
    useEffect(() => {
      if (!part.loaded) ask().then(drawn, () => setFailed(true));
    }, []);
    const { loaded: Loaded } = part;
    if (Loaded) return <Loaded {...props} />;
    if (!hasFailed) return null;
    return (
      <p role="alert" className="text-red">
        This part of the screen could not be loaded: the server does not answer.{' '}
        <button type="button" className="min-h-8 underline" onClick={loadAgain}>
          Load the page again
        </button>
      </p>
    );
  }
  return Object.assign(Later, { ask: () => void ask().catch(() => undefined) });
}

const LATER_MS = 300;
/** Not every browser says when it is idle; there a pause has to do. Returns how to stop. */
function onceIdle(work: () => void): () => void {
  if ('requestIdleCallback' in window) {
    const handle = requestIdleCallback(work);
    return () => cancelIdleCallback(handle);
  }
  const timer = setTimeout(work, LATER_MS);
  return () => clearTimeout(timer);
}

/** Does one after the other whenever the window has nothing else to do; returns how to stop. */
export function whenIdle(all: readonly (() => void)[]): () => void {
  let stop = (): void => undefined;
  const next = ([first, ...rest]: readonly (() => void)[]): void => {
    if (!first) return;
    stop = onceIdle(() => {
      first();
      next(rest);
    });
  };
  next(all);
  return () => stop();
}
