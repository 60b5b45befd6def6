import { expect, test } from 'vitest';
import type { Thing } from '../layer';
import { drawnAt, type Surface, talksOf } from './talk';

const START = Date.parse('2026-11-26T10:00:00Z');
const stroke = (id: string, seconds?: number): Thing => ({
  kind: 'ink',
  id,
  locked: false,
  tool: 'pen',
  colour: '#17262D',
  width: 4,
  points: [
    [0, 0, 0.5, 0],
    [50, 0, 0.5, 400],
    [100, 0, 0.5, 800],
  ],
  ...(seconds !== undefined && { madeAt: START + 1000 * seconds }),
});

const surface = (things: Thing[]): Surface => ({ width: 640, height: 360, things, at: 0 });
const sound = (content: unknown) => ({
  playable: { id: 'r', url: '', name: 'Talk', seconds: 20, silences: [] },
  content,
});
const RECORDED = sound({ stretches: [{ startedAt: START, length: 20_000 }] });

test('draws what is begun, a stroke as far as the hand was', () => {
  const [talk] = talksOf([surface([stroke('old'), stroke('a', 4), stroke('b', 9)])], [RECORDED]);
  if (!talk) throw new Error('There is a talk-through.');
  const shown = (moment: number) =>
    drawnAt(talk, moment).map((thing) => `${thing.id}${thing.kind === 'ink' ? thing.points.length : ''}`);
  expect([shown(0), shown(4000), shown(4500), shown(4800), shown(20_000)]).toEqual([
    ['old3'],
    ['old3', 'a1'],
    ['old3', 'a2'],
    ['old3', 'a3'],
    ['old3', 'a3', 'b3'],
  ]);
});

test('finds a talk-through only where something was drawn while somebody talked', () => {
  expect(talksOf([surface([stroke('old'), stroke('late', 30)])], [RECORDED])).toEqual([]);
  expect(talksOf([surface([stroke('a', 4)])], [sound({})])).toEqual([]);
});
