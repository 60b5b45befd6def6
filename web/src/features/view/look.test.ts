import { expect, test } from 'vitest';
import { thing } from '../../test/thing';
import { aspectsOf, type Item, KIND, shown, valuesOf } from './details';
import { byOf, FIRST_LOOK, gather, type Look, seenBy, sortedBy } from './look';

const DETAILS = [
  { id: 'cost', name: 'Cost', kind: 'NUMBER' as const, unit: 'a metre' },
  { id: 'sort', name: 'Kind of defence', kind: 'ONE_OF' as const, unit: '' },
];
const ASPECTS = aspectsOf(DETAILS);
const item = (id: string, title: string, values: Item['values'] = {}): Item => thing(title, { id, values });
const ITEMS = [
  item('wall', 'Sea wall', { cost: ['6200'], sort: ['hard'] }),
  item('fence', 'Dune fences', { cost: ['95'], sort: ['soft'] }),
  item('minutes', 'Council minutes'),
];
const look = (part: Partial<Look>): Look => ({ ...FIRST_LOOK, ...part });
const ids = (part: Partial<Look>) => seenBy(gather(ITEMS, ASPECTS), look(part), ASPECTS).ids;

test.each<[string, Partial<Look>, string[]]>([
  ['all in their order', {}, ['wall', 'fence', 'minutes']],
  ['by a number', { sorts: [{ detail: 'cost', isFalling: false }] }, ['fence', 'wall', 'minutes']],
  ['by a number, most first', { sorts: [{ detail: 'cost', isFalling: true }] }, ['wall', 'fence', 'minutes']],
  ['by name', { sorts: [{ detail: 'title', isFalling: false }] }, ['minutes', 'fence', 'wall']],
  ['that hold a word in any case', { words: 'SEA' }, ['wall']],
  ['that have a value', { only: { sort: ['soft'] } }, ['fence']],
  ['that lack one', { only: { sort: [''] } }, ['minutes']],
  ['that have one of several', { only: { sort: ['soft', ''] } }, ['fence', 'minutes']],
  ['by two details at once', { only: { sort: ['hard', 'soft'], cost: ['95'] } }, ['fence']],
  [
    'by a detail that is gone',
    { sorts: [{ detail: 'gone', isFalling: false }] },
    ['wall', 'fence', 'minutes'],
  ],
])('sees things %s', (_, part, seen) => {
  expect(ids(part)).toEqual(seen);
});

test('adds up and groups what is seen', () => {
  const { seen } = seenBy(gather(ITEMS, ASPECTS), FIRST_LOOK, ASPECTS);
  expect([...seen.figures('cost')]).toEqual([2, 1, 6295, 3147.5, 95, 6200]);
  const groups = seen.groups('sort', 'WORDS');
  expect(groups.values()).toEqual(['hard', 'soft']);
  expect(groups.ids(1)).toEqual(['fence']);
  expect(groups.without()).toEqual(['minutes']);
  expect([...seen.chart('sort', 'WORDS', 'SUM', 'cost').amounts()]).toEqual([6200, 95]);
});

test('takes a number that is not read yet for a missing one', () => {
  const typed = [item('wall', 'Wall', { cost: ['6,200'] }), item('fence', 'Fence', { cost: ['95'] })];
  const { seen } = seenBy(gather(typed, ASPECTS), FIRST_LOOK, ASPECTS);
  expect([...seen.figures('cost')].slice(0, 3)).toEqual([1, 1, 95]);
});

test('sorts by a column up, then down, then no more', () => {
  const up = sortedBy(FIRST_LOOK, 'cost');
  expect(up.sorts).toEqual([{ detail: 'cost', isFalling: false }]);
  const down = sortedBy(up, 'cost');
  expect(down.sorts).toEqual([{ detail: 'cost', isFalling: true }]);
  expect(sortedBy(down, 'cost').sorts).toEqual([]);
  expect(sortedBy(down, 'title').sorts.map(({ detail }) => detail)).toEqual(['title', 'cost']);
});

test('groups by what was chosen, else by what tells things apart', () => {
  expect(byOf(look({ by: 'cost' }), ASPECTS).key).toBe('cost');
  expect(byOf(FIRST_LOOK, ASPECTS).key).toBe('sort');
  expect(byOf(FIRST_LOOK, aspectsOf([]))).toBe(KIND);
});

test('says values as they are read', () => {
  const [cost, , title] = ASPECTS;
  expect(shown(cost as never, '6200')).toBe('6,200 a metre');
  expect(shown(title as never, 'Sea wall')).toBe('Sea wall');
  expect(valuesOf({ ...item('x', 'x'), topics: ['2.5 Coasts'] }, 'topic')).toEqual(['2.5 Coasts']);
});
