import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NO_NETWORK, refuse, visit } from '../../test/visit';

const PROMPT = 'What worked, what did not, and why?';
const SHEET: Api['SheetView'] = {
  week: 12,
  monday: '2026-11-23',
  version: 3,
  prompts: [{ question: PROMPT, least: 3, most: 5 }],
  answers: ['It worked.'],
  work: [{ id: 'e1', kind: 'PHOTO', name: 'Wall', pageId: 'p1' }],
  choices: ['e1'],
  ratings: [
    {
      topic: 't1',
      code: '2.3',
      title: 'Echoes',
      before: [
        { week: 8, value: 1 },
        { week: 10, value: 2 },
      ],
      paper: 0.44,
      says: [
        { rating: 3, says: 'OVER_SURE' },
        { rating: 4, says: 'OVER_SURE' },
      ],
    },
  ],
  resolve: { about: '', next: '' },
};
const PUT = 'PUT /api/notebooks/n1/reflections/12';
const MILLIS = { timeout: 4_000 };

const open = (sheet: Partial<Api['SheetView']>, more: Record<string, unknown> = {}) =>
  visit('/n/n1/reflections/12', {
    'GET /api/notebooks/n1/reflections/12': { ...SHEET, ...sheet },
    [PUT]: { version: 4 },
    ...more,
  });
const box = () => screen.getByRole<HTMLTextAreaElement>('textbox', { name: PROMPT });
const write = (text: string) => fireEvent.change(box(), { target: { value: text } });

test.each([
  ['', '3 to 5 words'],
  ['It worked.', '2, at least 1 more'],
  ['We timed it.', '3 of 3 to 5'],
  ['It’s 0.28 s, isn’t it?', '5 of 3 to 5'],
  ['We timed it again and again.', '6, 1 too many'],
])('says where “%s” stands in its range', async (text, words) => {
  await open({ answers: [text] });
  expect(document.getElementById(box().getAttribute('aria-describedby') ?? '')?.textContent).toBe(words);
});

test('keeps what is written without being told to, over the version that it was written on', async () => {
  const { server } = await open({});
  write('We timed it.');
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT)).toEqual([
    {
      baseVersion: 3,
      answers: ['We timed it.'],
      choices: ['e1'],
      ratings: {},
      resolve: { about: '', next: '' },
    },
  ]);
});

test.each([
  ['asks for at least one piece of work', SHEET.work, /at least one/],
  ['says when there is none to choose', [], /Nothing was made in this notebook in week 12/],
])('%s', async (_, work, words) => {
  await open({ choices: [], work });
  expect(screen.getByText(words)).toBeTruthy();
});

test('takes a rating by its name and holds it against the papers and those before', async () => {
  const { user, server } = await open({});
  expect(screen.getByText('Was 1 in week 8, 2 in week 10 · 44 % on the latest paper')).toBeTruthy();
  await user.click(screen.getByRole('radio', { name: '3 of 4, fairly' }));
  expect(screen.getByText('Surer than your papers say')).toBeTruthy();
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ ratings: { t1: 3 } }]), MILLIS);
});

test('has every word after a visit without network', async () => {
  await open({}, { [PUT]: NO_NETWORK });
  write('Written on the bus.');
  await screen.findByText('Kept on this device, waiting for the network', {}, MILLIS);
  document.body.replaceChildren();
  const { server } = await open({});
  expect(box().value).toBe('Written on the bus.');
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ answers: ['Written on the bus.'] }]), MILLIS);
});

test('keeps both when the sheet was written on in another place', async () => {
  let isFirst = true;
  const { server } = await open(
    {},
    {
      'GET /api/notebooks/n1/reflections/12': () =>
        isFirst ? SHEET : { ...SHEET, version: 4, answers: ['It worked. At home.'] },
      [PUT]: () => {
        if (!isFirst) return { version: 5 };
        isFirst = false;
        return refuse(409, 'Changed elsewhere.');
      },
    },
  );
  write('It worked. At school.');
  await waitFor(() => expect(box().value).toBe('It worked. At home.\n\nIt worked. At school.'), MILLIS);
  await waitFor(() => expect(server.sent(PUT)).toHaveLength(2), MILLIS);
  expect(server.sent(PUT)[1]).toMatchObject({ baseVersion: 4 });
});

test('says why a sheet is refused and keeps it here', async () => {
  await open({}, { [PUT]: refuse(422, 'An answer has more than 20,000 letters. Make it shorter.') });
  write('Too long.');
  expect(await screen.findByText(/more than 20,000 letters/, {}, MILLIS)).toBeTruthy();
  expect(box().value).toBe('Too long.');
});

test.each([
  [11, 'Last week you meant to: Time twenty claps'],
  [8, 'In week 8 you meant to: Time twenty claps'],
  [undefined, 'On your last sheet you meant to: Time twenty claps'],
])('asks about the intention of week %s', async (week, words) => {
  await open({ asked: { week, words: 'Time twenty claps' } });
  expect(screen.getByRole('group', { name: words })).toBeTruthy();
});

test('keeps what became of an intention, and the next one', async () => {
  const { user, server } = await open({ asked: { week: 11, words: 'Time twenty claps' } });
  expect(screen.queryByLabelText('What became of it')).toBeNull();
  await user.click(screen.getByRole('radio', { name: 'In part' }));
  await user.type(screen.getByLabelText('What became of it'), 'Ten.');
  await user.type(screen.getByLabelText('What do you mean to do next week?'), 'The far wall');
  await waitFor(
    () =>
      expect(server.sent(PUT).at(-1)).toMatchObject({
        resolve: { outcome: 'PARTLY', about: 'Ten.', next: 'The far wall' },
      }),
    MILLIS,
  );
});

test('asks about nothing where nothing was meant', async () => {
  await open({});
  expect(screen.queryByText(/you meant to/)).toBeNull();
});
