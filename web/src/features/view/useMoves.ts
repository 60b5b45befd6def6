import { useState } from 'react';
import type { Place } from './useThings';

/** Moves cards of a board and takes the moves back, the last one first; `now` is where all of them lie. */
export function useMoves(now: Place[], place: (places: Place[]) => Promise<unknown>) {
  const [before, setBefore] = useState<Place[][]>([]);
  const move = (next: Place[]) => {
    const moved = new Set(next.map(({ item }) => item));
    setBefore([...before, now.filter(({ item }) => moved.has(item))]);
    void place(next);
  };
  const undo = () => {
    const last = before.at(-1);
    if (!last) return;
    setBefore(before.slice(0, -1));
    void place(last);
  };
  return { move, undo, canUndo: before.length > 0 };
}
