import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { InkEntry } from './InkEntry';
import type { InkDrawing } from './ink';

const EMPTY: InkDrawing = { width: 640, height: 360, strokes: [] };

/** Draws on an open surface, and gives what was kept after each change. */
function open() {
  const kept: InkDrawing[] = [];
  render(<InkEntry content={EMPTY} isChosen caption="" onChange={(drawing) => kept.push(drawing)} />);
  return kept;
}

const draw = (pointerType: 'pen' | 'touch' | 'mouse', pressure = 0.8) => {
  const surface = screen.getByLabelText('Drawing surface');
  for (const [type, x] of [
    ['pointerdown', 10],
    ['pointermove', 40],
    ['pointerup', 40],
  ] as const) {
    const event = new MouseEvent(type, { bubbles: true, clientX: x, clientY: 20, button: 0, buttons: 1 });
    fireEvent(surface, Object.assign(event, { pointerType, pressure, pointerId: 1 }));
  }
};
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('keeps a pen’s pressure, and half of it for a mouse', () => {
  const kept = open();
  draw('pen');
  draw('mouse');
  expect(kept.at(-1)?.strokes.map((stroke) => stroke.points[0]?.[2])).toEqual([0.8, 0.5]);
});

test('lets fingers draw until a pen has been seen, and scroll from then on', () => {
  const kept = open();
  draw('touch');
  draw('pen');
  draw('touch');
  expect(kept).toHaveLength(2);
  expect(screen.getByText('The pen draws, fingers scroll.')).toBeTruthy();
});

test('goes back and forth stroke by stroke', () => {
  const kept = open();
  draw('pen');
  draw('pen');
  press('Undo');
  press('Undo');
  press('Redo');
  expect(kept.map((drawing) => drawing.strokes.length)).toEqual([1, 2, 1, 0, 1]);
  draw('pen');
  expect(screen.getByRole('button', { name: 'Redo' })).toHaveProperty('disabled', true);
});

test('remembers colour and thickness of each tool', () => {
  const kept = open();
  press('Rust');
  press('Thick');
  press('Highlighter');
  press('Blue');
  draw('pen');
  press('Pen');
  draw('pen');
  expect(kept.at(-1)?.strokes).toMatchObject([
    { tool: 'highlighter', colour: '#9CC7E4', width: 22 },
    { tool: 'pen', colour: '#A23B2C', width: 9 },
  ]);
});
