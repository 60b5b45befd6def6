import { expect, test } from 'vitest';
import { cornersOf, moved, placesOf, stepped } from './corners';

const SQUARE = placesOf([0.2, 0.2, 0.8, 0.2, 0.8, 0.8, 0.2, 0.8]);

test('moves one corner and leaves the others', () => {
  expect(cornersOf(moved(SQUARE, 1, { x: 0.9, y: 0.1 }))).toEqual([0.2, 0.2, 0.9, 0.1, 0.8, 0.8, 0.2, 0.8]);
});

test.each([
  ['past its neighbour', { x: 0.1, y: 0.2 }],
  ['past the corner across', { x: 0.1, y: 0.9 }],
  ['onto the line of two others', { x: 0.5, y: 0.5 }],
])('stays when it would go %s', (_, to) => {
  expect(moved(SQUARE, 1, to)).toEqual(SQUARE);
});

test('stays on the photo', () => {
  expect(moved(SQUARE, 0, { x: -0.3, y: -0.1 })[0]).toEqual({ x: 0, y: 0 });
});

test('goes a little by an arrow key and further with Shift', () => {
  expect(stepped({ x: 0.5, y: 0.5 }, 'ArrowUp', false)).toEqual({ x: 0.5, y: 0.498 });
  expect(stepped({ x: 0.5, y: 0.5 }, 'ArrowRight', true)).toEqual({ x: 0.52, y: 0.5 });
  expect(stepped({ x: 0.5, y: 0.5 }, 'Enter', false)).toBeUndefined();
});
