import { expect, test } from 'vitest';
import { AS_IT_IS, arranged, type Topic, type Wish } from './arrange';

const topic = (code: string, tone: Topic['tone'], weight: number, more: Partial<Topic> = {}): Topic => ({
  id: code,
  unit: 'u',
  code,
  title: code,
  weight,
  tone,
  standing: '',
  isRevisitDue: false,
  points: [],
  evidence: [],
  why: [],
  ...more,
});
const point = (tier: 'CORE' | 'EXTENDED') => ({
  id: tier,
  code: tier,
  statement: '',
  weight: 0,
  tier,
  origin: 'EDITION' as const,
  isCovered: false,
  kinds: [],
});
const TOPICS = [
  topic('a', 'GOOD', 0.2, {
    plan: { firstWeek: 9, lastWeek: 9 },
    evidence: [{ entry: 'e', kind: 'PHOTO', day: '2026-11-24', week: 1 }],
  }),
  topic('b', 'MISSING', 0.3, { plan: { firstWeek: 3, lastWeek: 4 }, points: [point('EXTENDED')] }),
  topic('c', 'SOON', 0.5, { points: [point('CORE')] }),
  topic('d', 'MISSING', 0.1, { plan: { firstWeek: 1, lastWeek: 1 } }),
];

test.each<[Partial<Wish>, string]>([
  [{}, 'abcd'],
  [{ order: 'STANDING' }, 'bdca'],
  [{ order: 'WEIGHT' }, 'cbad'],
  [{ order: 'PLAN' }, 'dbac'],
  [{ state: 'MISSING' }, 'bd'],
  [{ state: 'MISSING', order: 'PLAN' }, 'db'],
  [{ without: 'PHOTO' }, 'bcd'],
  [{ tier: 'EXTENDED' }, 'b'],
])('arranges by %o as %s', (wish, codes) => {
  const found = arranged(TOPICS, { ...AS_IT_IS, ...wish });
  expect(found.map((one) => one.code).join('')).toBe(codes);
});
