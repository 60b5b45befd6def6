import { useEffect, useSyncExternalStore } from 'react';
import { Button } from './Button';
import { isTyping } from './useKeys';

type Offer = { words: string; undo: () => unknown };

/** How long a thing that was done can be taken back by one key, in ms; from the bin it comes back for 30 days. */
const OFFERED_MILLIS = 15_000;

let offer: Offer | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

function set(next: Offer | undefined) {
  offer = next;
  for (const listener of listeners) listener();
}

/** Says what was done and offers to take it back. */
export function offerUndo(words: string, undo: () => unknown) {
  clearTimeout(timer);
  timer = setTimeout(() => set(undefined), OFFERED_MILLIS);
  set({ words, undo });
}

const takeBack = () => {
  const taken = offer;
  set(undefined);
  taken?.undo();
};

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** What was done last and the way to take it back; Ctrl Z does the same while nothing is typed. */
export function UndoBar() {
  const shown = useSyncExternalStore(subscribe, () => offer);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!offer || event.key !== 'z' || !(event.ctrlKey || event.metaKey) || isTyping(event.target)) return;
      event.preventDefault();
      takeBack();
    };
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('keydown', press);
      // What is offered belongs to the person who is signed in, and goes with their screens.
      clearTimeout(timer);
      offer = undefined;
    };
  }, []);
  return (
    <div aria-live="polite" className="no-print fixed right-4 bottom-4 z-40">
      {shown && (
        <div className="flex max-w-[92vw] items-center gap-3 rounded-md border border-line bg-card py-1.5 pr-2 pl-4 shadow-lg">
          <span className="min-w-0 truncate">{shown.words}</span>
          <Button onClick={takeBack} hotkey="Ctrl Z">
            Undo
          </Button>
        </div>
      )}
    </div>
  );
}
