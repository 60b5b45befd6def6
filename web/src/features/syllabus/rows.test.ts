import { expect, test } from 'vitest';
import { added, bodiesOf, changed, depthOf, holders, type Row, without } from './rows';

const row = (code: string, under: string, isPoint = false): Row => ({
  key: code,
  code,
  under,
  text: code,
  isPoint,
  weight: '',
  tier: 'CORE',
  years: '',
  note: '',
});
const ROWS = [
  row('2', ''),
  row('2.3', '2'),
  row('2.3a', '2.3', true),
  row('2.3b', '2.3', true),
  row('3', ''),
];
const find = (code: string) => ROWS.find((one) => one.code === code) as Row;

test('keeps what stands under a line there, whatever its code is while it is typed', () => {
  const typed = ['', '3', '2.3a', '2.9'].reduce((rows, code) => changed(rows, '2.3', { code }), ROWS);
  expect(bodiesOf(typed).map((one) => `${one.parent}>${one.code}`)).toEqual([
    '>2',
    '2>2.9',
    '2.9>2.3a',
    '2.9>2.3b',
    '>3',
  ]);
});

test.each([
  ['2.3a', '2.3', true],
  ['2.3', '2.3', true],
  ['2', '2', false],
])('puts a new line after %s, under %s', (after, under, isPoint) => {
  const made = added(ROWS, find(after), 'new');
  const at = made.findIndex((one) => one.key === 'new');
  expect(made[at - 1]?.code).toBe(after);
  expect(made[at]).toMatchObject({ under, isPoint, code: '' });
});

test('takes out a line with all that stands under it', () => {
  expect(without(ROWS, '2.3').map((one) => one.code)).toEqual(['2', '3']);
  expect(without(ROWS, '2').map((one) => one.code)).toEqual(['3']);
});

test('lets a line stand under no point and nothing of its own', () => {
  expect(holders(ROWS, find('2.3a')).map((one) => one.code)).toEqual(['2', '2.3', '3']);
  expect(holders(ROWS, find('2')).map((one) => one.code)).toEqual(['3']);
});

test('knows how deep a line stands', () => {
  expect(ROWS.map((one) => depthOf(ROWS, one))).toEqual([0, 1, 2, 2, 0]);
});
