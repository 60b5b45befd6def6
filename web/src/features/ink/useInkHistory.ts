import { useState } from 'react';
import type { InkStroke } from './ink';

type Strokes = readonly InkStroke[];
type History = { past: Strokes[]; now: Strokes; next: Strokes[] };

/** The strokes of a drawing with the way back and forth, without limit, for as long as it is open. */
export function useInkHistory(start: Strokes, onChange: (strokes: InkStroke[]) => void) {
  const [history, setHistory] = useState<History>({ past: [], now: start, next: [] });
  const { past, now, next } = history;
  const set = (changed: History) => {
    setHistory(changed);
    onChange([...changed.now]);
  };
  const before = past.at(-1);
  const after = next.at(-1);
  return {
    strokes: now,
    put: (strokes: Strokes) => set({ past: [...past, now], now: strokes, next: [] }),
    undo: before && (() => set({ past: past.slice(0, -1), now: before, next: [...next, now] })),
    redo: after && (() => set({ past: [...past, now], now: after, next: next.slice(0, -1) })),
  };
}
