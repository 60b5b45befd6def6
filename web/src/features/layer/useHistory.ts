import { useState } from 'react';
import { useKeeping } from '../../device';
import type { Thing } from './things';

type Things = readonly Thing[];
/** A drawing of more things takes longer to write down than to show. */
const LONG = 500;

const isLong = (things: Things) => things.length > LONG;

type History = { past: Things[]; now: Things; next: Things[]; step?: string };

/** What is on a surface with the way back and forth, without limit, for as long as it is open. */
export function useHistory(start: Things, onChange: (things: Things) => void) {
  const keep = useKeeping(onChange, isLong);
  const [history, setHistory] = useState<History>({ past: [], now: start, next: [] });
  const { past, now, next } = history;
  const set = (changed: History) => {
    setHistory(changed);
    keep(changed.now);
  };
  const before = past.at(-1);
  const after = next.at(-1);
  return {
    things: now,
    /** Nothing is put that changes nothing; what belongs to the same `step` as the last is undone with it at once. */
    put: (things: Things, step?: string) => {
      if (things === now) return;
      const isSameStep = step !== undefined && step === history.step;
      set({ past: isSameStep ? past : [...past, now], now: things, next: [], step });
    },
    undo: before && (() => set({ past: past.slice(0, -1), now: before, next: [...next, now] })),
    redo: after && (() => set({ past: [...past, now], now: after, next: next.slice(0, -1) })),
  };
}

export type Surfaced = ReturnType<typeof useHistory>;
