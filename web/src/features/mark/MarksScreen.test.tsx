import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { rows, visit } from '../../test/visit';

const gathered = (
  id: string,
  mark: Partial<Api['MarkView']>,
  more: Partial<Api['GatheredView']> = {},
): Api['GatheredView'] => ({
  mark: { id, on: `e-${id}`, kind: 'KEY', madeAt: '2026-11-24T09:00:00Z', isDone: false, ...mark },
  words: `Words of ${id}`,
  where: { on: `e-${id}`, notebookId: 'n1', notebook: 'Physics', pageId: 'p1', name: 'Timing an echo' },
  day: '2026-11-24',
  monday: '2026-11-23',
  week: 12,
  topics: [{ id: 't1', code: '2.3', title: 'Echoes' }],
  ...more,
});
const ALL = [
  gathered('wind', { kind: 'QUESTION' }),
  gathered('claps', { kind: 'TASK', due: '2026-11-27' }),
  gathered('age', { kind: 'QUESTION', answer: 'Yes, to 11 kHz.' }),
  gathered('loose', { kind: 'KEY' }, { topics: [] }),
];

const open = (found: Api['GatheredView'][] = ALL, path = '/n/n1/marks') =>
  visit(path, {
    'GET /api/marks': found,
    'GET /api/own-marks': [],
    'PUT /api/entries/*/marks/*': {},
    'DELETE /api/entries/*/marks/*': {},
    'GET /api/find': {
      points: [],
      places: [],
      entries: [{ id: 'e9', kind: 'TYPED', name: 'Wind and sound', where: 'Physics', excerpt: [] }],
    },
  });
const list = async (title: string) => {
  const card = (await screen.findByRole('heading', { name: title })).closest('section');
  return within(card as HTMLElement).getByRole('list');
};

test('gathers marks under their topics, with their state in words', async () => {
  await open();
  expect(rows(await list('2.3 Echoes'))).toEqual([
    '?Words of windTiming an echo · Week 12Answer',
    'Words of clapsTiming an echo · Week 12Fri 27 NovDate',
    '?Words of ageYes, to 11 kHz.Timing an echo · Week 12Change',
  ]);
  expect(rows(await list('No topic'))).toHaveLength(1);
  expect(screen.getByRole('button', { name: 'Open question, answered: Words of age' })).toBeTruthy();
});

test('ticks a task off at once', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByLabelText('Done: Words of claps'));
  await waitFor(() => expect(server.sent('PUT /api/entries/e-claps/marks/claps')).toHaveLength(1));
  expect(server.sent('PUT /api/entries/e-claps/marks/claps')[0]).toMatchObject({
    kind: 'TASK',
    due: '2026-11-27',
    isDone: true,
  });
});

test('answers a question by an entry that is found by its words', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Answer' }));
  await user.type(screen.getByLabelText('Or the entry that answers it'), 'wind');
  await user.click(await screen.findByRole('button', { name: /Wind and sound/ }));
  await waitFor(() =>
    expect(server.sent('PUT /api/entries/e-wind/marks/wind').at(-1)).toMatchObject({ answerEntry: 'e9' }),
  );
});

test('asks for what it is narrowed to', async () => {
  const { user, server } = await open();
  await user.selectOptions(await screen.findByLabelText('Open or not'), 'Still open');
  await waitFor(() =>
    expect(server.asked.some(({ what }) => what.includes('open=true') && what.includes('notebook=n1'))).toBe(
      true,
    ),
  );
});

test('says how to begin while there are none', async () => {
  await open([]);
  expect(await screen.findByText(/press K for key, Q for an open question, T for a task/)).toBeTruthy();
});

test('takes a mark off', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Open question, open: Words of wind' }));
  await user.click(screen.getByRole('button', { name: 'Take the mark off' }));
  await waitFor(() => expect(server.sent('DELETE /api/entries/e-wind/marks/wind')).toHaveLength(1));
  expect(screen.queryByText('Words of wind')).toBeNull();
});
