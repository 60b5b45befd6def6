import { type InkStroke, settled, shaped } from '../ink';
import { changed, cutOut, rubbedOut, topAt } from './edits';
import { type InkThing, isHeld, isWithin, moved, nextNumber, roomOfAll, scaled, type Thing } from './things';
import type { Tool, Tools } from './tools';

export type Place = { x: number; y: number };
type Things = readonly Thing[];
type Ids = ReadonlySet<string>;

/** What a hand is about between touching the surface and letting go of it. */
export type Gesture =
  | { kind: 'draw'; stroke: InkThing; isShape: boolean }
  | { kind: 'rub'; last: Place; left: Things }
  | { kind: 'loop'; path: number[] }
  | { kind: 'move'; from: Place; to: Place }
  | { kind: 'scale'; anchor: Place; from: Place; to: Place }
  | { kind: 'pull'; tool: Tool; from: Place; to: Place };

/** Shorter than this a pull is a tap, in units. */
const TAP = 6;

/** What a tap makes: a box of this size, a callout this far from its tip. */
const BOX = { width: 160, height: 100 };
const ASIDE = { x: 40, y: -60 };

/** A loop that is hardly one was a tap beside everything. */
const SMALLEST_LOOP = 12;

type Beginning = {
  at: Place;
  /** Whether what is hit is chosen beside what is chosen already. */
  isMore: boolean;
  tool: Tool;
  things: Things;
  chosen: Ids;
  /** How far beside a thing a tap may be, and the corner by which what is chosen is stretched, in units. */
  grip: { reach: number; corner: number };
};

/** What a hand begins with a tool that does not draw, and what is chosen by that. */
export function beginning({ at, isMore, tool, things, chosen, grip }: Beginning): {
  gesture?: Gesture;
  chosen?: string[];
} {
  const room = roomOfAll(things.filter((thing) => chosen.has(thing.id)));
  if (room && Math.hypot(at.x - room.right, at.y - room.bottom) <= grip.corner)
    return { gesture: { kind: 'scale', anchor: { x: room.left, y: room.top }, from: at, to: at } };
  if (room && tool === 'select' && !isMore && isWithin(room, at.x, at.y))
    return { gesture: { kind: 'move', from: at, to: at } };
  const hit = topAt(things, at.x, at.y, grip.reach);
  if (hit && (tool === 'select' || hit.kind !== 'ink'))
    return {
      gesture: hit.locked ? undefined : { kind: 'move', from: at, to: at },
      chosen: isMore ? [...chosen, hit.id] : [hit.id],
    };
  if (tool === 'select') return { gesture: { kind: 'loop', path: [at.x, at.y] } };
  // Made when the hand lets go: until then the browser may still take the focus from the words.
  return { gesture: { kind: 'pull', tool, from: at, to: at } };
}

/** The things as they are seen while a gesture goes on. */
export function preview(things: Things, chosen: Ids, gesture: Gesture | undefined): Things {
  if (gesture?.kind === 'rub') return gesture.left;
  if (gesture?.kind === 'move')
    return changed(things, chosen, (thing) =>
      moved(thing, gesture.to.x - gesture.from.x, gesture.to.y - gesture.from.y),
    );
  if (gesture?.kind === 'scale')
    return changed(things, chosen, (thing) => scaled(thing, gesture.anchor, growth(gesture)));
  return things;
}

/** How much further from the corner that stays the hand is now. */
function growth({ anchor, from, to }: { anchor: Place; from: Place; to: Place }): number {
  const before = Math.hypot(from.x - anchor.x, from.y - anchor.y);
  return before === 0 ? 1 : Math.max(0.05, Math.hypot(to.x - anchor.x, to.y - anchor.y) / before);
}

/** An eraser that has gone on to a place. */
export function rub(
  gesture: { last: Place; left: Things },
  to: Place,
  tools: Tools,
  newId: () => string,
): Gesture {
  const path = [gesture.last.x, gesture.last.y, to.x, to.y];
  const { isByArea, radius } = tools.eraser;
  const left = isByArea ? cutOut(gesture.left, path, radius, newId) : rubbedOut(gesture.left, path, radius);
  return { kind: 'rub', last: to, left };
}

/** The stroke as the figure that it was meant to be, once the pen is held still. */
export function held(gesture: Gesture | undefined): Gesture | undefined {
  const shape = gesture?.kind === 'draw' && !gesture.isShape ? shaped(gesture.stroke) : undefined;
  return shape ? { kind: 'draw', stroke: shape, isShape: true } : gesture;
}

/** What is kept of a stroke. */
export const drawn = ({ stroke, isShape }: { stroke: InkThing; isShape: boolean }): InkThing =>
  isShape ? stroke : settled(stroke);

/** What a finished loop chooses; nothing locked, for that would only be in the way. */
export function looped(things: Things, path: number[]): string[] {
  const room = roomOfAll([strokeOf(path)]);
  const isTap = !room || Math.max(room.right - room.left, room.bottom - room.top) < SMALLEST_LOOP;
  return isTap ? [] : things.filter((thing) => !thing.locked && isHeld(thing, path)).map((thing) => thing.id);
}

function strokeOf(path: number[]): InkThing {
  const points: InkStroke['points'] = [];
  for (let i = 0; i + 1 < path.length; i += 2) points.push([path[i] ?? 0, path[i + 1] ?? 0, 0, 0]);
  return { id: '', locked: false, kind: 'ink', tool: 'highlighter', colour: '#000000', width: 0.1, points };
}

type Making = { id: string; things: Things; tools: Tools };

/** What a tool makes between two places; for a tap they are one. */
export function made(tool: Tool, from: Place, to: Place, { id, things, tools }: Making): Thing | undefined {
  const isTap = Math.hypot(to.x - from.x, to.y - from.y) < TAP;
  const { colour, size } = tools.words;
  const head = { id, locked: false };
  switch (tool) {
    case 'label':
      return { ...head, kind: 'label', ...to, size, colour, words: '' };
    case 'spot':
      return { ...head, kind: 'spot', number: nextNumber(things), ...to, words: '' };
    case 'callout': {
      const at = isTap ? { x: from.x + ASIDE.x, y: from.y + ASIDE.y } : to;
      return { ...head, kind: 'callout', ...at, size, colour, words: '', tipX: from.x, tipY: from.y };
    }
    case 'box': {
      const end = isTap ? { x: from.x + BOX.width, y: from.y + BOX.height } : to;
      return {
        ...head,
        kind: 'box',
        colour,
        left: Math.min(from.x, end.x),
        top: Math.min(from.y, end.y),
        right: Math.max(from.x, end.x) + 0.01,
        bottom: Math.max(from.y, end.y) + 0.01,
      };
    }
    default:
      return undefined;
  }
}
