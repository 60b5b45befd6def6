import { cutBy, isTouchedBy } from '../ink';
import { isAt, type Thing } from './things';

type Things = readonly Thing[];
type Ids = ReadonlySet<string>;

/** The highest thing at a place; locked ones too, so that they can be unlocked. */
export const topAt = (things: Things, x: number, y: number, reach: number): Thing | undefined =>
  things.findLast((thing) => isAt(thing, x, y, reach));

/** Without the strokes that an eraser touches along a path of x and y. Nothing else is rubbed out, nor what is locked. */
export const rubbedOut = (things: Things, path: number[], radius: number): Things =>
  unlessSame(
    things,
    things.filter((thing) => thing.kind !== 'ink' || thing.locked || !isTouchedBy(thing, path, radius)),
  );

/** Without what lies right under such an eraser; of a stroke the pieces outside stay. */
export function cutOut(things: Things, path: number[], radius: number, newId: () => string): Things {
  const left = things.flatMap((thing): Thing[] => {
    if (thing.kind !== 'ink' || thing.locked) return [thing];
    const pieces = cutBy(thing, path, radius);
    return pieces[0] === thing
      ? [thing]
      : pieces.map((piece, i) => (i === 0 ? piece : { ...piece, id: newId() }));
  });
  return unlessSame(things, left);
}

/** Strokes keep their identity while nothing happens to them, and so does a list of them. */
const unlessSame = (before: Things, after: Things): Things =>
  before.length === after.length && before.every((thing, i) => thing === after[i]) ? before : after;

/** With each chosen thing changed; a locked one stays as it is. */
export const changed = (things: Things, ids: Ids, change: (thing: Thing) => Thing): Things =>
  things.map((thing) => (ids.has(thing.id) && !thing.locked ? change(thing) : thing));

export const without = (things: Things, ids: Ids): Things =>
  things.filter((thing) => !ids.has(thing.id) || thing.locked);

export const locked = (things: Things, ids: Ids, isLocked: boolean): Things =>
  things.map((thing) => (ids.has(thing.id) ? { ...thing, locked: isLocked } : thing));

/** With the chosen ones one step further up or down. */
export function stepped(things: Things, ids: Ids, by: 1 | -1): Things {
  const order = by === 1 ? [...things].reverse() : [...things];
  for (let i = 1; i < order.length; i++) {
    const [before, thing] = [order[i - 1], order[i]];
    if (before && thing && ids.has(thing.id) && !ids.has(before.id))
      [order[i - 1], order[i]] = [thing, before];
  }
  return by === 1 ? order.reverse() : order;
}
