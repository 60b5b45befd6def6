import { expect, test } from 'vitest';
import { tidy } from '../../core/view';
import { between } from './between';
import { CARD, laidOut } from './laidOut';

const box = (x: number, y: number) => ({ x, y, width: 200, height: 80 });

test.each([
  ['beside each other', box(0, 0), box(400, 0), { x: 200, y: 40 }, { x: 400, y: 40 }],
  ['below each other', box(0, 0), box(0, 200), { x: 100, y: 80 }, { x: 100, y: 200 }],
  ['one on the other', box(0, 0), box(0, 0), { x: 100, y: 40 }, { x: 100, y: 40 }],
])('draws a tie between the edges of cards %s', (_, one, other, from, to) => {
  expect(between(one, other)).toEqual({ from, to });
});

test('lays what was not put anywhere below all that was', () => {
  const items = ['a', 'b', 'c'].map((id) => ({ id })) as never[];
  const spots = laidOut(items, [{ item: 'b', x: 50, y: 300 }]);
  expect(spots.get('b')).toEqual({ x: 50, y: 300 });
  expect(spots.get('a')?.y).toBeGreaterThan(300 + CARD.height);
  expect(spots.get('a')?.x).toBe(50);
  expect(spots.get('c')?.x).toBeGreaterThan(spots.get('a')?.x ?? 0);
});

test('begins an empty board at its corner', () => {
  expect(laidOut([{ id: 'a' }] as never[], []).get('a')).toEqual({ x: 0, y: 0 });
});

test('sets tied cards from the left to the right', () => {
  const [a = 0, , b = 0] = tidy(['a', 'b'], [200, 200], [80, 80], ['', ''], ['a'], ['b']);
  expect(b).toBeGreaterThan(a + 200);
});
