import type { Thing } from './things';

let kept: readonly Thing[] = [];

/** What was copied from a surface, for this one or another, for as long as the tab is open. */
export const clip = {
  things: () => kept,
  keep: (things: readonly Thing[]) => {
    if (things.length > 0) kept = things;
  },
};
