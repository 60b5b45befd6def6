import * as core from '../../core/ink';
import { type InkStroke, type Sample, short } from './ink';

// What the core made of a stroke is kept for as long as the stroke is: thousands are asked at each move of an eraser.
const known = new WeakMap<InkStroke, core.LiveStroke>();
const paths = new WeakMap<InkStroke, string>();

function live(stroke: InkStroke): core.LiveStroke {
  const before = known.get(stroke);
  if (before) return before;
  const samples = stroke.points.flatMap(([x, y, pressure, millis, tilt]) => [
    x,
    y,
    pressure,
    millis,
    tilt ?? 0,
  ]);
  const made = core.stroke(stroke.tool === 'highlighter', stroke.width, samples);
  known.set(stroke, made);
  return made;
}

function pointsOf(samples: Float64Array): Sample[] {
  const points: Sample[] = [];
  for (let i = 0; i < samples.length; i += 5) {
    const [x = 0, y = 0, pressure = 0, millis = 0, tilt = 0] = samples.subarray(i, i + 5);
    const point = [short(x), short(y), short(pressure), Math.round(millis)] as const;
    points.push(tilt > 0 ? [...point, Math.round(tilt)] : [...point]);
  }
  return points;
}

/** The outline of a stroke as an SVG path: curves from the middle of each side to the middle of the next. */
export function pathOf(stroke: InkStroke): string {
  if (stroke.points.length === 0) return '';
  const before = paths.get(stroke);
  if (before) return before;
  const path = live(stroke).outline().map(ring).join('');
  paths.set(stroke, path);
  return path;
}

function ring(corners: Float64Array): string {
  const count = corners.length / 2;
  const x = (i: number) => corners[2 * (i % count)] ?? 0;
  const y = (i: number) => corners[2 * (i % count) + 1] ?? 0;
  const middle = (i: number) => `${tenth((x(i) + x(i + 1)) / 2)} ${tenth((y(i) + y(i + 1)) / 2)}`;
  let path = `M${middle(count - 1)}`;
  for (let i = 0; i < count; i++) path += `Q${tenth(x(i))} ${tenth(y(i))} ${middle(i)}`;
  return `${path}Z`;
}

const tenth = (value: number) => Math.round(value * 10) / 10;

/** As it is kept: smoothed, and without the samples that change nothing to see. */
export const settled = <T extends InkStroke>(stroke: T): T => ({
  ...stroke,
  points: pointsOf(live(stroke).settled()),
});

/** The figure that a stroke was meant to be. */
export function shaped<T extends InkStroke>(stroke: T): T | undefined {
  const points = pointsOf(live(stroke).shape());
  return points.length ? { ...stroke, points } : undefined;
}

export const isNear = (stroke: InkStroke, x: number, y: number, reach: number) =>
  live(stroke).isNear(x, y, reach);

/** Whether an eraser touches a stroke that goes along a path of x and y. */
export const isTouchedBy = (stroke: InkStroke, path: number[], radius: number) =>
  live(stroke).isTouched(path, radius);

/** What such an eraser leaves of a stroke; the stroke itself where it was not touched. */
export function cutBy<T extends InkStroke>(stroke: T, path: number[], radius: number): T[] {
  if (!isTouchedBy(stroke, path, radius)) return [stroke];
  return live(stroke)
    .leftBy(path, radius)
    .map((piece) => ({ ...stroke, points: pointsOf(piece) }));
}

/** Whether a loop of x and y holds most of a stroke. */
export const isHeldBy = (stroke: InkStroke, loop: number[]) => live(stroke).isHeld(loop);

export type Bounds = { left: number; top: number; right: number; bottom: number };

export function boundsOf(stroke: InkStroke): Bounds {
  const [left = 0, top = 0, right = 0, bottom = 0] = live(stroke).bounds();
  return { left, top, right, bottom };
}
