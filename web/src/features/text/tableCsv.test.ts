import { expect, test } from 'vitest';
import { columnFigures, tableFromCsv, tableToCsv } from './tableCsv';

const words = (csv: string) => {
  const table = tableFromCsv(csv);
  return typeof table === 'string' ? table : tableToCsv(table);
};

test.each([
  ['commas', 'try,s\n1,0.28\n', 'try,s\r\n1,0.28\r\n'],
  ['semicolons', 'try;s\n1;0,28\n', 'try,s\r\n1,"0,28"\r\n'],
  ['tabs', 'try\ts\n1\t0.28', 'try,s\r\n1,0.28\r\n'],
  ['a mark at its beginning', '\uFEFFtry,s\n1,2', 'try,s\r\n1,2\r\n'],
  ['quoted commas and line ends', 'a,"b, ""c"""\n1,"2\n3"', 'a,"b, ""c"""\r\n1,"2\n3"\r\n'],
  ['rows of unequal length', 'a,b,c\n1\n', 'a,b,c\r\n1,,\r\n'],
  ['blank lines', 'a,b\n\n,\n1,2\n\n', 'a,b\r\n1,2\r\n'],
  ['letters of any script', 'صوت,声\nא,🔊', 'صوت,声\r\nא,🔊\r\n'],
])('takes and gives a file with %s', (_, csv, back) => {
  expect(words(csv)).toBe(back);
});

test('makes the first row the heading', () => {
  const table = tableFromCsv('try,s\n1,0.28');
  expect(typeof table === 'object' && table.content?.map((row) => row.content?.[0]?.type)).toEqual([
    'tableHeader',
    'tableCell',
  ]);
});

test.each([
  ['', 'no rows'],
  ['\n\n', 'no rows'],
  [Array(31).fill('x').join(','), '31 columns'],
  [Array(1001).fill('x,y').join('\n'), '1001 rows'],
])('says why a file is no table', (csv, reason) => {
  expect(tableFromCsv(csv)).toContain(reason);
});

const table = (csv: string) => {
  const made = tableFromCsv(csv);
  if (typeof made === 'string') throw new Error(made);
  return made;
};

test.each([
  ['s\n0.1\n0.2', { sum: 0.3, mean: 0.15 }],
  ['12\n1\n2', { sum: 3, mean: 1.5 }],
  ['s\n"0,28"\n"0,30"', { sum: 0.58, mean: 0.29 }],
  ['s\n-3\nnot timed\n\n5', { sum: 2, mean: 1 }],
  ['s\n1e3\n', { sum: 1000, mean: 1000 }],
  ['s\nnone', undefined],
  ['7', undefined],
])('adds up the numbers of a column and nothing else: %s', (csv, figures) => {
  expect(columnFigures(table(csv), 0)).toEqual(figures);
});

test('knows no figures for a column that is not there', () => {
  expect(columnFigures(table('a\n1'), 4)).toBeUndefined();
});
