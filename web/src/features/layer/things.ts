import { v7 as newId } from 'uuid';
import * as core from '../../core/ink';
import { type Bounds, boundsOf, type InkStroke, isHeldBy, isNear, short } from '../ink';

type Head = { id: string; locked: boolean };
export type Lettering = { x: number; y: number; size: number; colour: string; words: string };

export type InkThing = Head & { kind: 'ink' } & InkStroke;
export type LabelThing = Head & { kind: 'label' } & Lettering;
export type CalloutThing = Head & { kind: 'callout'; tipX: number; tipY: number } & Lettering;
export type BoxThing = Head & { kind: 'box'; colour: string } & Bounds;
export type SpotThing = Head & { kind: 'spot'; number: number; x: number; y: number; words: string };

/** One thing on a picture, or a stroke of a drawing. */
export type Thing = InkThing | LabelThing | CalloutThing | BoxThing | SpotThing;

/** What lies on a picture, the lowest first; `width` of its units are as wide as the picture. */
export type Layer = { width: number; height: number; things: Thing[] };

/** A layer is this many units wide, whatever its picture has in px: a pen is then as thick on all of them. */
const UNITS = 800;

export const emptyLayer = (width = 1, height = 1): Layer => ({
  width: UNITS,
  height: Math.max(1, Math.round((UNITS * height) / width)),
  things: [],
});

/** In units of the layer; the PDF draws them the same (`LayerSvg`). */
export const SPOT_RADIUS = 13;
export const FRAME_ROOM = 5;
export const LINE = 1.25;

export const hasWords = (thing: Thing) => thing.kind !== 'ink' && thing.kind !== 'box';

/** What a thing is called where it can't be seen. */
export function nameOf(thing: Thing): string {
  if (thing.kind === 'ink') return thing.tool === 'pen' ? 'Pen stroke' : 'Highlighter stroke';
  if (thing.kind === 'box') return 'Box';
  if (thing.kind === 'spot') return `Spot ${thing.number}${thing.words && `: ${thing.words}`}`;
  return `${thing.kind === 'label' ? 'Label' : 'Callout'}: ${thing.words.replaceAll('\n', ' ')}`;
}

/** The rectangle that words take. */
function roomOf({ x, y, size, words }: Lettering): Bounds {
  const [width = 0, height = 0] = core.room(size, words.trim() ? words : 'o');
  return { left: x, top: y, right: x + width, bottom: y + height };
}

export function roomOfThing(thing: Thing): Bounds {
  switch (thing.kind) {
    case 'ink':
      return boundsOf(thing);
    case 'label':
      return roomOf(thing);
    case 'callout':
      return and(wider(roomOf(thing), FRAME_ROOM), {
        left: thing.tipX,
        top: thing.tipY,
        right: thing.tipX,
        bottom: thing.tipY,
      });
    case 'box':
      return thing;
    case 'spot':
      return wider({ left: thing.x, top: thing.y, right: thing.x, bottom: thing.y }, SPOT_RADIUS);
  }
}

/** The room of several things together. */
export const roomOfAll = (things: readonly Thing[]): Bounds | undefined =>
  things.map(roomOfThing).reduce<Bounds | undefined>((all, one) => (all ? and(all, one) : one), undefined);

const and = (a: Bounds, b: Bounds): Bounds => ({
  left: Math.min(a.left, b.left),
  top: Math.min(a.top, b.top),
  right: Math.max(a.right, b.right),
  bottom: Math.max(a.bottom, b.bottom),
});

const wider = ({ left, top, right, bottom }: Bounds, by: number): Bounds => ({
  left: left - by,
  top: top - by,
  right: right + by,
  bottom: bottom + by,
});

export const isWithin = ({ left, top, right, bottom }: Bounds, x: number, y: number) =>
  x >= left && x <= right && y >= top && y <= bottom;

/** Whether a tap at a place means a thing; a box is meant by its frame, what lies inside stays within reach. */
export function isAt(thing: Thing, x: number, y: number, reach: number): boolean {
  if (thing.kind === 'ink') return isNear(thing, x, y, reach);
  if (thing.kind === 'box')
    return isWithin(wider(thing, reach), x, y) && !isWithin(wider(thing, -reach), x, y);
  const words = thing.kind === 'callout' ? roomOf(thing) : roomOfThing(thing);
  const isTip = thing.kind === 'callout' && Math.hypot(thing.tipX - x, thing.tipY - y) <= reach + 4;
  return isTip || isWithin(wider(words, reach), x, y);
}

/** Whether a loop of x and y holds a thing: most of a stroke, the middle of anything else. */
export function isHeld(thing: Thing, loop: number[]): boolean {
  if (thing.kind === 'ink') return isHeldBy(thing, loop);
  const { left, top, right, bottom } = thing.kind === 'callout' ? roomOf(thing) : roomOfThing(thing);
  const middle: InkStroke = {
    tool: 'pen',
    colour: '#000000',
    width: 1,
    points: [[(left + right) / 2, (top + bottom) / 2, 0, 0]],
  };
  return isHeldBy(middle, loop);
}

type Way = (x: number, y: number) => [x: number, y: number];

/** A thing with each of its places taken elsewhere, and `factor` times as large. */
function taken(thing: Thing, way: Way, factor: number): Thing {
  const [x, y] = 'x' in thing ? way(thing.x, thing.y) : [0, 0];
  switch (thing.kind) {
    case 'ink':
      return {
        ...thing,
        width: short(Math.min(80, Math.max(0.1, thing.width * factor))),
        points: thing.points.map(([px, py, ...rest]) => [...way(px, py), ...rest]),
      };
    case 'label':
      return { ...thing, x, y, size: sized(thing.size * factor) };
    case 'callout': {
      const [tipX, tipY] = way(thing.tipX, thing.tipY);
      return { ...thing, x, y, tipX, tipY, size: sized(thing.size * factor) };
    }
    case 'box': {
      const [left, top] = way(thing.left, thing.top);
      const [right, bottom] = way(thing.right, thing.bottom);
      return { ...thing, left, top, right, bottom };
    }
    case 'spot':
      return { ...thing, x, y };
  }
}

const sized = (size: number) => short(Math.min(400, Math.max(1, size)));

export const moved = (thing: Thing, dx: number, dy: number): Thing =>
  taken(thing, (x, y) => [short(x + dx), short(y + dy)], 1);

/** Made larger around a place that stays. */
export const scaled = (thing: Thing, at: { x: number; y: number }, factor: number): Thing =>
  taken(thing, (x, y) => [short(at.x + factor * (x - at.x)), short(at.y + factor * (y - at.y))], factor);

export const recoloured = (thing: Thing, colour: string): Thing =>
  'colour' in thing ? { ...thing, colour } : thing;

/** Copies with ids of their own, a little aside; spots get the next numbers. */
export function copies(things: readonly Thing[], among: readonly Thing[], aside = 16): Thing[] {
  let number = nextNumber(among);
  return things.map((thing) => {
    const copy = { ...moved(thing, aside, aside), id: newId(), locked: false };
    return copy.kind === 'spot' ? { ...copy, number: number++ } : copy;
  });
}

/** The number after the highest. */
export const nextNumber = (things: readonly Thing[]) =>
  1 + Math.max(0, ...things.map((thing) => (thing.kind === 'spot' ? thing.number : 0)));
