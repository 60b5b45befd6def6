import type { Editor } from '@tiptap/core';
import { useEffect, useRef } from 'react';

/** A text of more characters takes longer to write down than to show; it is not written down at every key. */
const LONG_CHARACTERS = 20_000;

/** How long a long text waits for the next key before it is kept, in ms. */
const PAUSE_MILLIS = 250;

/** However fast somebody types, what is typed is kept after this long, in ms. */
const LONGEST_MILLIS = 1_000;

/** Keeps what is typed: a short text at every key, a long one when the typing rests or the page is left. */
export function useKeeping(keep: (editor: Editor) => void) {
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
  return (editor: Editor) => {
    clearTimeout(waiting.current?.timer);
    const run = () => {
      clearTimeout(waiting.current?.timer);
      waiting.current = undefined;
      latest.current(editor);
    };
    if (editor.state.doc.content.size < LONG_CHARACTERS) return run();
    const since = waiting.current?.since ?? Date.now();
    if (Date.now() - since > LONGEST_MILLIS) return run();
    waiting.current = { run, since, timer: setTimeout(run, PAUSE_MILLIS) };
  };
}
