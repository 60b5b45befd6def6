import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, page } from '../../test/openPage';
import { NO_NETWORK, refuse, visit } from '../../test/visit';

const PROMPT = 'What worked, what did not, and why?';
const WALL: Api['Glimpse'] = {
  id: 'e1',
  kind: 'PHOTO',
  name: 'Wall',
  words: '',
  pageId: 'p1',
  picture: 'm1',
  peaks: [],
  seconds: 0,
};
const answer = (words: string, part: Partial<Api['Answer']> = {}): Api['Answer'] => ({
  words,
  given: '',
  pieces: [],
  made: [],
  ...part,
});
const SHEET: Api['SheetView'] = {
  week: 12,
  monday: '2026-11-23',
  version: 3,
  readers: [],
  prompts: [
    { question: PROMPT, range: { least: 3, most: 5 }, asks: 'WORDS', openings: ['It worked because …'] },
  ],
  answers: [answer('It worked.')],
  letGo: '',
  work: [WALL],
  drawn: [],
  home: 's1',
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
  await open({ answers: [answer(text)] });
  expect(document.getElementById(box().getAttribute('aria-describedby') ?? '')?.textContent).toBe(words);
});

test('keeps what is written without being told to, over the version that it was written on', async () => {
  const { server } = await open({});
  write('We timed it.');
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT)).toEqual([
    {
      baseVersion: 3,
      questions: [PROMPT],
      answers: [answer('We timed it.')],
      ratings: {},
      resolve: { about: '', next: '' },
      letGo: '',
    },
  ]);
});

test('draws in work of another week that holds a word', async () => {
  const echo = { ...WALL, id: 'e9', kind: 'TYPED' as const, name: 'An echo', words: 'An echo' };
  const { user, server } = await open(
    {},
    { 'GET /api/growth/pieces': [{ at: 0, piece: echo, day: '2026-10-06' }] },
  );
  await user.type(screen.getByRole('searchbox', { name: 'Work of other weeks, by its words' }), 'echo');
  await user.click(await screen.findByRole('button', { name: /An echo/ }));
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ answers: [{ pieces: ['e9'] }] }]), MILLIS);
});

test('says that no work holds a word', async () => {
  const { user } = await open({}, { 'GET /api/growth/pieces': [] });
  await user.type(screen.getByRole('searchbox', { name: 'Work of other weeks, by its words' }), 'zebra');
  expect(await screen.findByText('Nothing here holds “zebra”.')).toBeTruthy();
});

test('brings an earlier version back', async () => {
  const { user, server } = await open(
    {},
    {
      'GET /api/notebooks/n1/reflections/12/earlier': [
        { version: 2, savedAt: '2026-11-26T15:00:00Z', answers: [answer('It failed twice.')] },
      ],
    },
  );
  await user.click(screen.getByRole('button', { name: 'Earlier versions' }));
  expect(await screen.findByText('It failed twice.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Bring this back' }));
  expect(box().value).toBe('It failed twice.');
  await waitFor(
    () => expect(server.sent(PUT)).toMatchObject([{ answers: [{ words: 'It failed twice.' }] }]),
    MILLIS,
  );
});

test('says when there is no work to draw in', async () => {
  await open({ work: [] });
  expect(screen.getByText(/Nothing was made in this notebook in week 12/)).toBeTruthy();
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
  await waitFor(
    () => expect(server.sent(PUT)).toMatchObject([{ answers: [{ words: 'Written on the bus.' }] }]),
    MILLIS,
  );
});

test('keeps both when the sheet was written on in another place', async () => {
  let isFirst = true;
  const { server } = await open(
    {},
    {
      'GET /api/notebooks/n1/reflections/12': () =>
        isFirst ? SHEET : { ...SHEET, version: 4, answers: [answer('It worked. At home.')] },
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

const withIt = () => screen.getByRole('list', { name: 'With this answer' });

test.each([
  ['a press', async (user: UserEvent) => user.click(screen.getByRole('button', { name: /Wall/ }))],
  ['its letter, outside the text', async (user: UserEvent) => user.keyboard('a')],
])('draws work into the answer by %s, and out of it', async (_, act) => {
  const { user, server } = await open({});
  await act(user);
  expect(within(withIt()).getByText('Wall')).toBeTruthy();
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ answers: [{ pieces: ['e1'] }] }]), MILLIS);
  await user.click(screen.getByRole('button', { name: 'Take Wall out of this answer' }));
  expect(screen.queryByRole('list', { name: 'With this answer' })).toBeNull();
});

test('draws work into the answer that was written in last', async () => {
  const other = { ...(SHEET.prompts[0] as Api['Prompt']), question: 'How will you use it?' };
  const { user, server } = await open({
    prompts: [...SHEET.prompts, other],
    answers: [answer(''), answer('')],
  });
  await user.click(screen.getByRole('textbox', { name: other.question }));
  await user.keyboard('{Escape}a');
  await waitFor(
    () => expect(server.sent(PUT)).toMatchObject([{ answers: [{ pieces: [] }, { pieces: ['e1'] }] }]),
    MILLIS,
  );
});

test('gives letters to work alone, and none to what was made as an answer', async () => {
  const said = { ...WALL, id: 'r1', name: 'Said aloud' };
  const { user, server } = await open({ work: [said, WALL], answers: [answer('', { made: ['r1'] })] });
  expect(screen.queryByRole('button', { name: /Said aloud/ })).toBeNull();
  await user.keyboard('a');
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ answers: [{ pieces: ['e1'] }] }]), MILLIS);
});

test('says so where a piece is in the bin', async () => {
  await open({ answers: [answer('So.', { pieces: ['gone'] })] });
  expect(within(withIt()).getByText(/in the bin/)).toBeTruthy();
});

test('offers ways to begin and types none of them', async () => {
  await open({ answers: [answer('')] });
  expect(screen.getByText(/It worked because …/)).toBeTruthy();
  expect(box().value).toBe('');
  write('It');
  expect(screen.queryByText(/Ways to begin/)).toBeNull();
});

type Act = (user: UserEvent) => Promise<unknown>;

test.each<[Api['Prompt']['asks'], Act, string]>([
  ['NUMBER', async (user: UserEvent) => user.type(screen.getByLabelText(/^Number for/), 'x34.5y'), '34.5'],
  [
    'TOPIC',
    async (user: UserEvent) => user.selectOptions(screen.getByLabelText(/^Topic for/), '2.3 Echoes'),
    't1',
  ],
  [
    'RATING',
    async (user: UserEvent) =>
      user.click(screen.getAllByRole('radio', { name: '3 of 4, fairly' })[0] as HTMLElement),
    '3',
  ],
])('takes what a question asks for beside words: %s', async (asks, act, given) => {
  const prompt = { ...(SHEET.prompts[0] as Api['Prompt']), asks };
  const { user, server } = await open({ prompts: [prompt] });
  await act(user);
  await waitFor(() => expect(server.sent(PUT).at(-1)).toMatchObject({ answers: [{ given }] }), MILLIS);
});

test('lets a week go with a reason, and takes it up again', async () => {
  const { user, server } = await open({ answers: [answer('')] });
  await user.click(screen.getByRole('button', { name: 'Let this week go' }));
  await user.type(screen.getByLabelText(/^Why is there nothing/), 'At the dentist.');
  await user.click(screen.getByRole('button', { name: 'Let it go' }));
  expect(screen.queryByRole('textbox', { name: PROMPT })).toBeNull();
  await waitFor(() => expect(server.sent(PUT).at(-1)).toMatchObject({ letGo: 'At the dentist.' }), MILLIS);
  await user.click(screen.getByRole('button', { name: 'Write it after all' }));
  expect(box()).toBeTruthy();
});

test('counts what was spoken, in minutes', async () => {
  const spoken = {
    ...WALL,
    id: 'r1',
    kind: 'RECORDING' as const,
    picture: undefined,
    seconds: 2,
    name: 'Said',
  };
  const media = { id: 'm2', seconds: 2, peaks: [], compact: true } as never;
  const said = entry('r1', { kind: 'RECORDING', content: {}, media, caption: 'Said' });
  await open(
    { answers: [answer('', { made: ['r1'] })], drawn: [spoken] },
    { 'GET /api/pages/p1': page([said]) },
  );
  expect(await screen.findByText('0:02 spoken, of 0:02 to 0:03')).toBeTruthy();
});

test('tells who reads the sheet before it is written', async () => {
  await open({ readers: ['Ms Tolland'], set: 'Practicals' });
  expect(screen.getByText(/Questions: Practicals. Ms Tolland reads this sheet/)).toBeTruthy();
});
