import { act, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { key, pen, press, pull, tap } from '../../test/surface';
import type { InkDrawing } from '../ink';
import { InkEntry } from './InkEntry';

const EMPTY: InkDrawing = { width: 640, height: 360, strokes: [] };

/** Draws on an open surface, and gives what was kept after each change. */
function open() {
  const kept: InkDrawing[] = [];
  render(<InkEntry content={EMPTY} isChosen caption="" onChange={(drawing) => kept.push(drawing)} />);
  return kept;
}

const STROKE: [number, number][] = [
  [10, 20],
  [40, 20],
];
const strokes = (kept: InkDrawing[]) => kept.at(-1)?.strokes ?? [];
const starts = (kept: InkDrawing[]) => strokes(kept).map((stroke) => stroke.points[0]?.slice(0, 2));

afterEach(() => vi.useRealTimers());

test('keeps a pen’s pressure and lean, and half of it for a mouse', () => {
  const kept = open();
  pull(STROKE, { tiltX: -40 });
  pull(STROKE, { pointerType: 'mouse' });
  expect(strokes(kept).map((stroke) => stroke.points[0])).toEqual([
    [10, 20, 0.8, expect.any(Number), 40],
    [10, 20, 0.5, expect.any(Number)],
  ]);
});

test('keeps a drawing as strokes, each with when it was made, and nothing beside', () => {
  const kept = open();
  pull(STROKE);
  expect(Object.keys(strokes(kept)[0] ?? {}).sort()).toEqual(['colour', 'madeAt', 'points', 'tool', 'width']);
});

test('lets fingers draw until a pen has been seen, and scroll from then on', () => {
  const kept = open();
  pull(STROKE, { pointerType: 'touch' });
  pull(STROKE, { pointerType: 'pen' });
  pull(STROKE, { pointerType: 'touch' });
  expect(kept).toHaveLength(2);
  expect(screen.getByText('The pen draws, fingers scroll.')).toBeTruthy();
});

test('goes back and forth stroke by stroke', () => {
  const kept = open();
  pull(STROKE);
  pull(STROKE);
  press('Undo');
  press('Undo');
  press('Redo');
  expect(kept.map((drawing) => drawing.strokes.length)).toEqual([1, 2, 1, 0, 1]);
  pull(STROKE);
  expect(screen.getByRole('button', { name: 'Redo' })).toHaveProperty('disabled', true);
});

test('remembers colour and thickness of each tool', () => {
  const kept = open();
  press('Rust');
  press('Thick');
  press('Highlighter');
  press('Blue');
  pull(STROKE);
  press('Pen');
  pull(STROKE);
  expect(strokes(kept)).toMatchObject([
    { tool: 'highlighter', colour: '#9CC7E4', width: 22 },
    { tool: 'pen', colour: '#A23B2C', width: 9 },
  ]);
});

test('makes a figure of a stroke when the pen is held still, and of a quick one not', () => {
  vi.useFakeTimers();
  const kept = open();
  const line: [number, number][] = Array.from({ length: 20 }, (_, i) => [10 + 10 * i, 50 + (i % 3)]);
  pull(line);
  pen.down([10, 150]);
  for (const [x, y] of line) pen.to([x, y + 100]);
  act(() => vi.advanceTimersByTime(600));
  pen.up([200, 152]);
  expect(strokes(kept).map((stroke) => stroke.points.length > 2)).toEqual([true, false]);
  expect(strokes(kept)[1]?.points[1]?.[1]).toBe(150);
});

test('rubs out whole strokes, or only what it touches, each in one step', () => {
  const kept = open();
  pull([
    [10, 50],
    [300, 50],
  ]);
  pull([
    [10, 100],
    [300, 100],
  ]);
  press('Eraser');
  pull([
    [150, 90],
    [150, 110],
  ]);
  expect(starts(kept)).toEqual([[10, 50]]);
  press('Only what it touches');
  pull([
    [150, 40],
    [150, 50],
    [150, 60],
  ]);
  expect(strokes(kept)).toHaveLength(2);
  press('Undo');
  expect(starts(kept)).toEqual([[10, 50]]);
  press('Undo');
  expect(strokes(kept)).toHaveLength(2);
});

test('rubs out with the other end of the pen, whatever the tool', () => {
  const kept = open();
  pull(STROKE);
  pull(
    [
      [20, 10],
      [20, 30],
    ],
    { buttons: 32 },
  );
  expect(strokes(kept)).toEqual([]);
});

test('chooses by a loop, moves by hand and by keys, and stretches by the corner', () => {
  const kept = open();
  pull([
    [50, 50],
    [100, 50],
  ]);
  pull([
    [50, 200],
    [100, 200],
  ]);
  press('Choose');
  pull([
    [30, 30],
    [150, 30],
    [150, 80],
    [30, 80],
  ]);
  expect(screen.getByText('Pen stroke')).toBeTruthy();
  pull([
    [70, 50],
    [80, 70],
  ]);
  expect(starts(kept)[0]).toEqual([60, 70]);
  key('ArrowRight');
  key('ArrowRight', { shiftKey: true });
  expect(starts(kept)[0]).toEqual([82, 70]);
  press('Undo');
  expect(starts(kept)[0]).toEqual([60, 70]);
  expect(starts(kept)[1]).toEqual([50, 200]);
});

test('copies from one drawing and pastes into it aside, by keys', () => {
  const kept = open();
  pull(STROKE);
  key('.');
  key('c', { ctrlKey: true });
  key('v', { ctrlKey: true });
  key('d', { ctrlKey: true });
  expect(starts(kept)).toEqual([
    [10, 20],
    [26, 36],
    [42, 52],
  ]);
  key('Delete');
  key('a', { ctrlKey: true });
  expect(screen.getByText('2 things')).toBeTruthy();
});

test('recolours and takes away what is chosen', () => {
  const kept = open();
  pull(STROKE);
  press('Choose');
  tap([20, 22]);
  press('Moss');
  expect(strokes(kept)[0]?.colour).toBe('#41702F');
  press('Delete');
  expect(strokes(kept)).toEqual([]);
});
