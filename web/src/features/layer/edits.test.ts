import { expect, test } from 'vitest';
import { changed, cutOut, locked, rubbedOut, stepped, topAt, without } from './edits';
import { copies, isAt, isHeld, moved, nameOf, roomOfAll, scaled, type Thing } from './things';

const line = (id: string, y: number, isLocked = false): Thing => ({
  id,
  kind: 'ink',
  locked: isLocked,
  tool: 'pen',
  colour: '#17262D',
  width: 4,
  points: [
    [0, y, 0.5, 0],
    [100, y, 0.5, 90],
  ],
});
const spot: Thing = { id: 's', kind: 'spot', locked: false, number: 3, x: 50, y: 200, words: 'Crest' };
const box: Thing = {
  id: 'b',
  kind: 'box',
  locked: false,
  colour: '#A23B2C',
  left: 10,
  top: 300,
  right: 90,
  bottom: 360,
};
const callout: Thing = {
  id: 'c',
  kind: 'callout',
  locked: false,
  x: 200,
  y: 20,
  size: 10,
  colour: '#17262D',
  words: 'oooo',
  tipX: 300,
  tipY: 200,
};
const ids = (things: readonly Thing[]) => things.map((thing) => thing.id).join('');
const only = (...chosen: string[]) => new Set(chosen);

test('rubs out whole strokes that it touches, and neither locked ones nor labels', () => {
  const all = [line('a', 0), line('l', 4, true), line('z', 40), { ...spot, x: 50, y: 0 }];
  expect(ids(rubbedOut(all, [50, 0], 5))).toBe('lzs');
  expect(rubbedOut(all, [50, 90], 5)).toBe(all);
});

test('cuts strokes into pieces with ids of their own and leaves a locked one whole', () => {
  const cut = cutOut([line('a', 0), line('l', 2, true)], [50, -9, 50, 9], 5, () => 'n');
  expect(ids(cut)).toBe('anl');
  const far = [line('a', 0)];
  expect(cutOut(far, [50, 90], 5, () => 'n')).toBe(far);
});

test.each([
  ['up from the bottom', 'a', 1, 'bac'],
  ['up from the top', 'c', 1, 'abc'],
  ['down', 'c', -1, 'acb'],
] as const)('brings a thing one step %s', (_, id, by, order) => {
  expect(ids(stepped([line('a', 0), line('b', 9), line('c', 18)], only(id), by))).toBe(order);
});

test('brings several up together, in their order', () => {
  expect(ids(stepped([line('a', 0), line('b', 9), line('c', 18)], only('a', 'b'), 1))).toBe('cab');
});

test('takes the highest thing at a place, a box by its frame and a callout by words or tip', () => {
  const all = [line('a', 310), box, spot, callout];
  expect(topAt(all, 12, 312, 6)?.id).toBe('b');
  expect(topAt(all, 50, 312, 2)?.id).toBe('a');
  expect([isAt(box, 50, 330, 6), isAt(callout, 300, 202, 6), isAt(callout, 260, 120, 6)]).toEqual([
    false,
    true,
    false,
  ]);
});

test('loops what lies mostly inside', () => {
  const loop = [0, 190, 100, 190, 100, 370, 0, 370];
  expect([line('a', 0), spot, box, callout].map((thing) => isHeld(thing, loop))).toEqual([
    false,
    true,
    true,
    false,
  ]);
});

test('moves and scales all places of a thing around one that stays', () => {
  expect(moved(callout, 10, 5)).toMatchObject({ x: 210, y: 25, tipX: 310, tipY: 205 });
  expect(scaled(callout, { x: 200, y: 20 }, 2)).toMatchObject({
    x: 200,
    y: 20,
    tipX: 400,
    tipY: 380,
    size: 20,
  });
  expect(scaled(line('a', 10), { x: 0, y: 0 }, 0.5)).toMatchObject({
    width: 2,
    points: [
      [0, 5, 0.5, 0],
      [50, 5, 0.5, 90],
    ],
  });
  expect(scaled(box, { x: 0, y: 0 }, 2)).toMatchObject({ left: 20, bottom: 720 });
});

test('leaves what is locked alone, and deletes only what is not', () => {
  const all = locked([line('a', 0), line('b', 9)], only('a'), true);
  expect(
    changed(all, only('a', 'b'), (thing) => moved(thing, 1, 0)).map(
      (thing) => thing !== all.find((one) => one.id === thing.id),
    ),
  ).toEqual([false, true]);
  expect(ids(without(all, only('a', 'b')))).toBe('a');
});

test('copies a little aside, unlocked, under new ids, spots with the next numbers', () => {
  const [stroke, second] = copies([line('a', 0, true), spot], [spot]);
  expect(stroke).toMatchObject({
    locked: false,
    points: [
      [16, 16, 0.5, 0],
      [116, 16, 0.5, 90],
    ],
  });
  expect(second).toMatchObject({ number: 4, words: 'Crest' });
  expect(stroke?.id).not.toBe('a');
});

test('knows the room of several things and what to call each', () => {
  expect(roomOfAll([box, spot])).toEqual({ left: 10, top: 187, right: 90, bottom: 360 });
  expect(roomOfAll([])).toBeUndefined();
  expect([line('a', 0), spot, box, callout].map(nameOf)).toEqual([
    'Pen stroke',
    'Spot 3: Crest',
    'Box',
    'Callout: oooo',
  ]);
});
