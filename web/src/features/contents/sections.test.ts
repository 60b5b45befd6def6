import { expect, test } from 'vitest';
import { inOrder, placeAfter, placeOfDrop } from './sections';

const section = (id: string, position: number, parent?: string) => ({
  id,
  parent,
  position,
  title: id,
  pages: 0,
  topics: [],
  examYears: '',
  isNeeded: true,
});
const all = [section('b', 1), section('a', 0), section('a2', 1, 'a'), section('a1', 0, 'a')];
const find = (id: string) => all.find((one) => one.id === id) ?? section(id, 0);

test('reads sections in order, each with its depth', () => {
  expect(inOrder(all).map(({ section: one, depth }) => `${depth}${one.id}`)).toEqual([
    '0a',
    '1a1',
    '1a2',
    '0b',
  ]);
});

test.each([
  ['a', 'up', undefined],
  ['a', 'down', { parent: undefined, position: 1 }],
  ['b', 'in', { parent: 'a', position: 2 }],
  ['a', 'in', undefined],
  ['a2', 'out', { parent: undefined, position: 1 }],
  ['b', 'out', undefined],
] as const)('moves %s %s to where it belongs', (id, move, place) => {
  expect(placeAfter(all, find(id), move)).toEqual(place);
});

test.each([
  ['b', 'a', 'before', { parent: undefined, position: 0 }],
  ['b', 'a1', 'after', { parent: 'a', position: 1 }],
  ['b', 'a', 'inside', { parent: 'a', position: 2 }],
  ['a1', 'a2', 'after', { parent: 'a', position: 1 }],
  ['a', 'a1', 'inside', undefined],
  ['a', 'a', 'before', undefined],
] as const)('drops %s on %s, %s', (id, onto, part, place) => {
  expect(placeOfDrop(all, find(id), find(onto), part)).toEqual(place);
});
