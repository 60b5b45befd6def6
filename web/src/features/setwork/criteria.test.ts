import { expect, test } from 'vitest';
import { criteriaFrom, writtenFrom } from './criteria';

test.each([
  ['once\noften\nand halves', [0, 1, 2]],
  ['once 0\noften 2\nand halves 4', [0, 2, 4]],
  ['once: 1\noften, 3', [1, 3]],
  ['none\n\n  within 10 %  \n', [0, 1]],
])('takes a level from each line of %j', (levels, points) => {
  const [criterion] = criteriaFrom([{ key: 'a', name: ' Measures ', levels }]);
  expect(criterion?.name).toBe('Measures');
  expect(criterion?.levels.map((one) => one.points)).toEqual(points);
});

test('keeps the words without their points', () => {
  const [criterion] = criteriaFrom([{ key: 'a', name: 'Measures', levels: 'timed 20 claps 4\nonce' }]);
  expect(criterion?.levels.map((one) => one.words)).toEqual(['timed 20 claps', 'once']);
});

test('leaves out what was not written', () => {
  expect(criteriaFrom([{ key: 'a', name: ' ', levels: '\n' }])).toEqual([]);
});

test('gives back what was written, also where the words end in a number', () => {
  const criteria = [
    {
      name: 'Measures',
      levels: [
        { words: 'once', points: 0 },
        { words: 'about 3', points: 4 },
      ],
    },
  ];
  expect(criteriaFrom(writtenFrom(criteria))).toEqual(criteria);
});
