import { expect, test } from 'vitest';
import { copyName, FORMS, GOOD_FOR } from './copyForms';

test.each([
  ['PDF', 'LETTER', 'PDF, Letter'],
  ['EPUB', 'A4', 'Book (EPUB)'],
] as const)('calls %s on %s “%s”', (form, paper, name) => {
  expect(copyName({ form, paper })).toBe(name);
});

test('says of every form what it is good for', () => {
  expect(Object.keys(GOOD_FOR)).toEqual(Object.keys(FORMS));
});
