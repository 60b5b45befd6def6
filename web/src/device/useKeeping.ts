import { useEffect, useRef } from 'react';

/** How long something long waits for the next change before it is kept, in ms. */
const PAUSE_MILLIS = 250;

/** However fast somebody writes, what is written is kept after this long, in ms. */
const LONGEST_MILLIS = 1_000;

/**
 * Keeps what is made: something short at every change, something long, which takes longer to write down than to show, when
 * the hand rests or the page is left.
 */
export function useKeeping<Work>(keep: (work: Work) => void, isLong: (work: Work) => boolean) {
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; since: number; run: () => void }>(undefined);
  const latest = useRef(keep);
  latest.current = keep;
  useEffect(() => {
    const flush = () => waiting.current?.run();
    const hide = () => document.visibilityState === 'hidden' && flush();
    window.addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', hide);
    return () => {
      flush();
      window.removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', hide);
    };
  }, []);
  return (work: Work) => {
    clearTimeout(waiting.current?.timer);
    const run = () => {
      clearTimeout(waiting.current?.timer);
      waiting.current = undefined;
      latest.current(work);
    };
    if (!isLong(work)) return run();
    const since = waiting.current?.since ?? Date.now();
    if (Date.now() - since > LONGEST_MILLIS) return run();
    waiting.current = { run, since, timer: setTimeout(run, PAUSE_MILLIS) };
  };
}
