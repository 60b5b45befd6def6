import { expect, test } from 'vitest';
import { gridOf, namesIn, type Paper } from './paperGrid';

const paper = (id: string, year: number | undefined, number: string, variant = ''): Paper => ({
  id,
  name: id,
  year,
  sitting: 'summer',
  variant,
  paper: number,
});

test('lays papers out by when they were set and which they are', () => {
  const grid = gridOf([
    paper('a', 2027, '1', 'A'),
    paper('b', 2027, '2', 'A'),
    paper('c', 2026, '2', 'A'),
    paper('d', 2026, 'Practical'),
    paper('e', 2026, 'Practical'),
  ]);
  expect(grid.columns).toEqual(['Paper 1 A', 'Paper 2 A', 'Practical']);
  expect(grid.rows.map((row) => [row.when, ...row.cells.map((cell) => cell?.id)])).toEqual([
    ['2027 summer', 'a', 'b', undefined],
    ['2026 summer', undefined, 'c', 'd'],
  ]);
  expect(grid.rows[1]?.others.map((one) => one.id)).toEqual(['e']);
});

test.each([
  ['summer, winter', ['summer', 'winter']],
  [' 1 ,, 2,', ['1', '2']],
  ['', []],
])('reads the names in “%s”', (line, names) => {
  expect(namesIn(line)).toEqual(names);
});
