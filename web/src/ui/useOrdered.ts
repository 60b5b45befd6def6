import { useState } from 'react';
import { moved } from './moved';

/** A list while it is written; each thing keeps its key while it is moved, so that its fields stay its own. */
export function useOrdered<Thing>(first: readonly Thing[]) {
  const [rows, setRows] = useState(() => first.map((value, key) => ({ key, value })));
  return {
    rows,
    values: rows.map((row) => row.value),
    add: (value: Thing) =>
      setRows([...rows, { key: Math.max(-1, ...rows.map((row) => row.key)) + 1, value }]),
    change: (at: number, value: Thing) => setRows(rows.map((row, i) => (i === at ? { ...row, value } : row))),
    move: (at: number, by: -1 | 1) => setRows(moved(rows, at, by)),
    remove: (at: number) => setRows(rows.filter((_, i) => i !== at)),
  };
}
