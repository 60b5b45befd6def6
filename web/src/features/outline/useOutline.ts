import { useState } from 'react';
import {
  approved,
  changed,
  joined,
  type Line,
  movedIn,
  movedOut,
  nextAsked,
  parted,
  type Range,
  without,
} from './lines';

/** The lines of an outline while they are mended: which are chosen, every act, and the way back. */
export function useOutline(start: Line[]) {
  const [lines, setLines] = useState(start);
  const [before, setBefore] = useState<{ lines: Line[]; place: number }[]>([]);
  const [place, setPlace] = useState(0);
  const [anchor, setAnchor] = useState(0);
  const range: Range = { from: Math.min(place, anchor), to: Math.max(place, anchor) };
  const choose = (at: number, isMore = false) => {
    const next = Math.max(0, Math.min(at, lines.length - 1));
    setPlace(next);
    if (!isMore) setAnchor(next);
  };
  const put = (next: Line[], at = range.from) => {
    if (next === lines) return;
    setBefore([...before, { lines, place }]);
    setLines(next);
    const stays = next.length === lines.length;
    if (!stays) {
      const there = Math.max(0, Math.min(at, next.length - 1));
      setPlace(there);
      setAnchor(there);
    }
  };
  return {
    lines,
    place,
    range,
    canUndo: before.length > 0,
    choose,
    moveIn: () => put(movedIn(lines, range)),
    moveOut: () => put(movedOut(lines, range)),
    join: () => put(joined(lines, range), range.from === range.to ? range.from - 1 : range.from),
    part: (letter: number) => put(parted(lines, place, letter), place),
    leaveOut: () => lines.length > range.to - range.from + 1 && put(without(lines, range)),
    change: (part: Partial<Line>) => put(changed(lines, place, part)),
    approve: () => put(approved(lines, range)),
    goToAsked: () => choose(nextAsked(lines, place) ?? place),
    undo: () => {
      const last = before.at(-1);
      if (!last) return;
      setLines(last.lines);
      setPlace(last.place);
      setAnchor(last.place);
      setBefore(before.slice(0, -1));
    },
  };
}

export type OutlineActs = ReturnType<typeof useOutline>;
