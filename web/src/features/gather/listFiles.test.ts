import { expect, test } from 'vitest';
import { isListFile, tableIn } from './listFiles';

test.each([
  ['bookmarks.html', true],
  ['Costs.CSV', true],
  ['mine.bib', true],
  ['mine.ris', true],
  ['photo.jpg', false],
  ['notes.txt', false],
])('%s may hold things one by one: %s', (name, expected) => {
  expect(isListFile({ name })).toBe(expected);
});

test.each([
  ['Name\tCost\nWall\t2400\nFence\t95', true],
  ['Name\tCost\r\nWall\t2400\r\n', true],
  ['a line\twith a tab', false],
  ['Name\tCost\nWall', false],
  ['two\nlines', false],
])('knows a pasted table: %j', (text, expected) => {
  expect(tableIn(text) !== undefined).toBe(expected);
});
