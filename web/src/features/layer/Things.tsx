import { memo } from 'react';
import type { SpotSigns } from './LayerView';
import { ThingView } from './ThingView';
import type { Thing } from './things';

/** A long drawing is drawn anew in pieces of this many: only the piece in which something changed. */
const PIECE = 200;

/** All that is on a surface, the lowest first. */
export function Things({ things, signs }: { things: readonly Thing[]; signs?: SpotSigns }) {
  const pieces = Array.from({ length: Math.ceil(things.length / PIECE) }, (_, i) =>
    things.slice(i * PIECE, (i + 1) * PIECE),
  );
  return pieces.map((piece, i) => <Piece key={i} things={piece} signs={signs} />);
}

const Piece = memo(
  function Piece({ things, signs }: { things: readonly Thing[]; signs?: SpotSigns }) {
    return things.map((thing) => <ThingView key={thing.id} thing={thing} sign={signs?.[thing.id]} />);
  },
  (before, now) =>
    before.signs === now.signs &&
    before.things.length === now.things.length &&
    before.things.every((thing, i) => thing === now.things[i]),
);
