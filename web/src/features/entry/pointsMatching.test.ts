import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { pointsMatching } from './pointsMatching';

const point = (code: string, title: string) => ({ id: code, code, title }) as Api['NodeView'];
const points = [
  point('2.3a', 'Echo as reflection'),
  point('3.1a', 'Law of reflection'),
  point('3.2a', 'Refraction'),
];

test.each([
  ['2.3', ['2.3a']],
  ['reflection', ['2.3a', '3.1a']],
  ['LAW refl', ['3.1a']],
  ['3', ['3.1a', '3.2a']],
  ['sonar', []],
])('finds points by %j', (typed, codes) => {
  expect(pointsMatching(points, typed).map((one) => one.code)).toEqual(codes);
});
