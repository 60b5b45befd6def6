import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, openPage, page, text } from '../../test/openPage';
import { refuse, visit } from '../../test/visit';

const prompt = (question: string): Api['Prompt'] => ({
  question,
  range: { least: 3, most: 50 },
  asks: 'WORDS',
  openings: [],
});
const NO_ANSWER: Api['Answer'] = { words: '', given: '', pieces: [], made: [] };
const VIEW: Api['LookBackView'] = {
  id: 'lb1',
  notebookId: 'n1',
  on: { entries: ['e1'] },
  title: 'Path and timing',
  day: '2026-11-24',
  version: 0,
  prompts: [prompt('What is it?'), prompt('Why does that matter?')],
  answers: [NO_ANSWER, NO_ANSWER],
  piece: [entry('e1', { content: text('The sound goes there and back.') })],
  drawn: [],
  home: 's1',
  sets: [{ id: 'ps1', name: 'Practicals' }],
};
const PUT = 'PUT /api/notebooks/n1/look-backs/lb1';
const MILLIS = { timeout: 4_000 };

const open = (view: Partial<Api['LookBackView']> = {}, more: Record<string, unknown> = {}) =>
  visit('/n/n1/look-backs/lb1?entry=e1', {
    'GET /api/notebooks/n1/look-backs/lb1': { ...VIEW, ...view },
    'GET /api/notebooks/n1/syllabus': [
      { id: 't1', kind: 'TOPIC', code: '2.3', title: 'Echoes' },
      { id: 'a', kind: 'POINT', code: '2.3a', title: 'Echo as reflection' },
    ],
    'GET /api/notebooks/n1/reflections': [],
    'GET /api/notebooks/n1/look-backs': [],
    'DELETE /api/look-backs/lb1': {},
    'POST /api/look-backs/lb1/restore': {},
    [PUT]: { version: 1 },
    ...more,
  });
const box = (name: string) => screen.getByRole<HTMLTextAreaElement>('textbox', { name });

test('asks beside the piece, and keeps what is written with what it is about', async () => {
  const { server } = await open();
  expect(screen.getByText('The sound goes there and back.')).toBeTruthy();
  fireEvent.change(box('What is it?'), { target: { value: 'A timed echo.' } });
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT)).toMatchObject([
    {
      on: { entries: ['e1'] },
      baseVersion: 0,
      questions: ['What is it?', 'Why does that matter?'],
      answers: [{ words: 'A timed echo.' }, { words: '' }],
    },
  ]);
});

test('takes other questions while nothing is written', async () => {
  const { user, server } = await open();
  await user.selectOptions(screen.getByLabelText('Questions'), 'Practicals');
  await waitFor(() =>
    expect(server.sent('GET /api/notebooks/n1/look-backs/lb1?entries=e1&set=ps1')).toHaveLength(1),
  );
  await waitFor(() => expect(screen.getByLabelText<HTMLSelectElement>('Questions').value).toBe('ps1'));
  fireEvent.change(box('What is it?'), { target: { value: 'A timed echo.' } });
  expect(screen.queryByLabelText('Questions')).toBeNull();
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ setId: 'ps1' }]), MILLIS);
});

test('offers the topics of the notebook where a question asks for one', async () => {
  const { user, server } = await open({
    prompts: [{ ...prompt('What is it?'), asks: 'TOPIC' }],
    answers: [NO_ANSWER],
  });
  const field = screen.getByLabelText('Topic for question 1');
  await waitFor(() =>
    expect([...field.querySelectorAll('option')].map((one) => one.textContent)).toEqual([
      'Choose a topic',
      '2.3 Echoes',
    ]),
  );
  await user.selectOptions(field, '2.3 Echoes');
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ answers: [{ given: 't1' }] }]), MILLIS);
});

test('takes more entries of the page to the piece while nothing is written', async () => {
  const { user, server } = await open(
    {},
    { 'GET /api/pages/p1': page([entry('e1', { caption: 'Path' }), entry('e2', { caption: 'Wall' })]) },
  );
  const first = await screen.findByRole<HTMLInputElement>('checkbox', { name: 'Path' });
  expect([first.checked, first.disabled]).toEqual([true, true]);
  await user.click(screen.getByRole('checkbox', { name: 'Wall' }));
  await waitFor(() =>
    expect(server.sent('GET /api/notebooks/n1/look-backs/lb1?entries=e1&entries=e2')).toHaveLength(1),
  );
});

test('stays when the piece is in the bin', async () => {
  await open({ version: 2, piece: [], answers: [{ ...NO_ANSWER, words: 'A timed echo.' }, NO_ANSWER] });
  expect(screen.getByText(/“Path and timing” is in the bin/)).toBeTruthy();
  expect(box('What is it?').value).toBe('A timed echo.');
});

test('keeps the words of two devices', async () => {
  let isFirst = true;
  const theirs = { ...VIEW, version: 1, answers: [{ ...NO_ANSWER, words: 'Theirs.' }, NO_ANSWER] };
  await open(
    {},
    {
      'GET /api/notebooks/n1/look-backs/lb1': () => (isFirst ? VIEW : theirs),
      [PUT]: () => {
        if (!isFirst) return { version: 2 };
        isFirst = false;
        return refuse(409, 'Changed elsewhere.');
      },
    },
  );
  fireEvent.change(box('What is it?'), { target: { value: 'Mine.' } });
  await waitFor(() => expect(box('What is it?').value).toBe('Theirs.\n\nMine.'), MILLIS);
});

test('is deleted and comes back', async () => {
  const { user, server } = await open({ version: 1, answers: [{ ...NO_ANSWER, words: 'So.' }, NO_ANSWER] });
  await user.click(screen.getByRole('button', { name: 'Delete' }));
  await screen.findByText('Deleted what you wrote on “Path and timing”');
  await user.click(screen.getByRole('button', { name: /Undo/ }));
  await waitFor(() => expect(server.sent('POST /api/look-backs/lb1/restore')).toHaveLength(1));
});

test('is found on the page of its piece, with the ways to begin', async () => {
  const line: Api['LookBackLine'] = {
    id: 'lb1',
    notebookId: 'n1',
    title: 'Path and timing',
    day: '2026-11-24',
    words: 'A timed echo.',
    met: 1,
    prompts: 4,
  };
  await openPage([entry('e1')], { 'GET /api/pages/p1/look-backs': [line] }, '?entry=e1');
  const there = await screen.findByRole('link', { name: /A timed echo/ });
  expect(there.getAttribute('href')).toBe('/n/n1/look-backs/lb1');
  const begin = (name: string) => screen.getByRole('link', { name }).getAttribute('href');
  expect(begin('Look back on this entry')).toMatch(/^\/n\/n1\/look-backs\/[^?]+\?entry=e1$/);
  expect(begin('Look back on the page')).toMatch(/\?page=p1$/);
});
