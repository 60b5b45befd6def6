import { expect, test } from 'vitest';
import type { Shown } from '../entry';
import { arranged, columnOf, entriesIn, type Pattern, type Zone, zoneAfter, zoneOf } from '../pattern';
import { besideOrder } from './besideOrder';

const zone = (key: string, role: Zone['role']): Zone => ({ key, role, title: key, prompt: '', kinds: [] });
const CUES: Pattern = {
  name: 'Cue notes',
  zones: [zone('cues', 'CUES'), zone('main', 'MAIN'), zone('summary', 'SUMMARY')],
};
const BOXES: Pattern = { name: 'Observation', zones: [zone('observe', 'BOX'), zone('notice', 'BOX')] };

test.each([
  [CUES, 'cues', 'cues'],
  [CUES, 'margin', 'main'],
  [BOXES, 'cues', 'observe'],
  [BOXES, 'notice', 'notice'],
])('shows an entry where the core has it', (pattern, key, shownIn) => {
  expect(zoneOf(pattern, key).key).toBe(shownIn);
});

test('loses no entry whatever the pattern', () => {
  const entries = ['cues', 'main', 'elsewhere', 'summary'].map((key) => ({ zone: key }));
  for (const pattern of [CUES, BOXES]) {
    const shown = pattern.zones.flatMap((one) => entriesIn(pattern, one, entries));
    expect(shown).toHaveLength(entries.length);
  }
});

test('sets columns beside the middle and summaries at the foot', () => {
  const { left, right, middle, foot } = arranged(CUES);
  expect([left?.key, right?.key, middle.length, foot[0]?.key]).toEqual(['cues', undefined, 1, 'summary']);
  expect(columnOf(BOXES)).toBeUndefined();
});

test('goes round the zones', () => {
  expect(zoneAfter(CUES, 'summary').key).toBe('cues');
});

test('puts notes in the order of what they stand beside', () => {
  const marked = (id: string) => ({ text: 'x', marks: [{ type: 'passage', attrs: { id } }] });
  const source = { id: 'e1', content: { content: [{ content: [marked('p1'), marked('p2')] }] } };
  const note = (id: string, beside?: string) => ({ id, beside }) as Shown;
  const notes = [note('free'), note('second', 'p2'), note('photo', 'e2'), note('first', 'p1')];
  expect(besideOrder(notes, [source, { id: 'e2' }] as Shown[]).map((one) => one.id)).toEqual([
    'first',
    'second',
    'photo',
    'free',
  ]);
});
