import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const glimpse = (id: string, name: string): Api['Glimpse'] => ({
  id,
  pageId: 'p1',
  kind: 'TYPED',
  name,
  words: name,
  peaks: [],
  seconds: 0,
});
const page = (id: string, more: Partial<Api['BookPageView']>): Api['BookPageView'] => ({
  id,
  kind: 'WORDS',
  heading: id,
  question: '',
  range: { least: 2, most: 5 },
  leftOut: false,
  words: '',
  pieces: [],
  version: 1,
  ...more,
});
const BOOK: Api['BookView'] = {
  id: 'b1',
  title: 'My year',
  forWhom: 'my family',
  home: 'n1',
  pages: [
    page('proud', {
      kind: 'SUBJECT',
      heading: 'Physics: proud',
      question: 'Which pieces?',
      notebook: 'n1',
      pieces: [{ entry: 'e1', shows: 'A clap.', why: 'I halved it.' }],
    }),
    page('figures', { kind: 'FIGURES', heading: 'Figures', notebook: 'n1' }),
    page('work', { heading: 'How I work', question: 'Which habits helped you?' }),
  ],
  work: [glimpse('e1', 'Path and timing')],
  lacks: [{ page: 'work', words: '“How I work”: 0 words, it asks for 2 to 5' }],
};
const PUT = 'PUT /api/books/b1/pages/*';
const MILLIS = { timeout: 8_000 };

const open = (path = '/books/b1', answers: Record<string, unknown> = {}) =>
  visit(path, {
    'GET /api/books': [{ id: 'b1', title: 'My year', madeOn: '2026-11-20', pages: 9, pieces: 4 }],
    'GET /api/books/b1': BOOK,
    'GET /api/notebooks/n1/book-offers': [
      { piece: glimpse('e2', 'Clock and wall'), reasons: ['you looked back on it', 'the first on 2.3'] },
    ],
    'GET /api/then-and-nows': [
      {
        pair: {
          id: 'k1',
          notebookId: 'n1',
          earlier: 'e3',
          later: 'e4',
          title: 'An echo, then and now',
          words: 'I halve it now.',
          version: 1,
          keptOn: '2026-11-24',
        },
        later: glimpse('e4', 'Half'),
      },
    ],
    'GET /api/copies': [],
    [PUT]: { version: 2 },
    'PUT /api/books/b1/order': {},
    'PUT /api/books/*': {},
    ...answers,
  });

test('shows the pages in order, what each lacks, and the first of them open', async () => {
  await open();
  const pages = within(screen.getByRole('list', { name: 'Pages of the book' }));
  expect(pages.getAllByRole('listitem').map((one) => one.textContent?.replace(/[↑↓]/g, ''))).toEqual([
    'Physics: proud',
    'Figures',
    'How I work1 missing',
  ]);
  expect(screen.getByDisplayValue('Physics: proud')).toBeTruthy();
  expect(screen.getByText('1 thing still missing.')).toBeTruthy();
});

test('leads to the page that lacks something', async () => {
  const { user } = await open();
  await user.click(screen.getByRole('button', { name: /^How I work/ }));
  expect(await screen.findByRole('textbox', { name: 'Which habits helped you?' })).toBeTruthy();
  expect(screen.getByText('“How I work”: 0 words, it asks for 2 to 5')).toBeTruthy();
});

test('keeps words and headings', async () => {
  const { server } = await open('/books/b1?page=work');
  fireEvent.change(await screen.findByRole('textbox', { name: 'Which habits helped you?' }), {
    target: { value: 'Asking early.' },
  });
  fireEvent.change(screen.getByLabelText('Heading of the page'), { target: { value: 'My habits' } });
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT).at(-1)).toMatchObject({
    heading: 'My habits',
    words: 'Asking early.',
    leftOut: false,
  });
});

test.each([
  ['Put in Clock and wall', { entry: 'e2', shows: '', why: '' }],
  ['Put in An echo, then and now', { entry: 'e4', beside: 'e3', shows: '', why: 'I halve it now.' }],
])('puts in what is offered: %s', async (name, piece) => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name }));
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT)).toMatchObject([{ pieces: [{ entry: 'e1' }, piece] }]);
});

test('says why a piece is offered', async () => {
  await open();
  expect(await screen.findByText('you looked back on it, the first on 2.3')).toBeTruthy();
});

test('takes a piece out, and leaves a page out', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Take out Path and timing' }));
  await user.click(screen.getByRole('checkbox', { name: 'Leave this page out of the book' }));
  await screen.findByText(/^All kept/, {}, MILLIS);
  expect(server.sent(PUT).at(-1)).toMatchObject({ leftOut: true, pieces: [] });
});

test('puts pages in another order', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Move Figures up' }));
  expect(server.sent('PUT /api/books/b1/order')).toEqual([{ pages: ['figures', 'proud', 'work'] }]);
});

const YEAR: Api['BookPattern'] = {
  id: 'bp1',
  name: 'My year',
  forWhom: 'my family',
  parts: [{ kind: 'WORDS', heading: 'How I work', question: '', words: { least: 0, most: 50 } }],
};
const LEAVING = { ...YEAR, id: 'bp2', name: 'Leaving school', forWhom: 'my next school' };

test.each([
  ['at once where there is one pattern', [YEAR], 'Begin a book', YEAR],
  ['with the pattern that is chosen', [YEAR, LEAVING], 'Begin with Leaving school', LEAVING],
])('begins a book %s', async (_, patterns, name, { id, name: title, forWhom }) => {
  const { user, server } = await open('/books', {
    'GET /api/books': [],
    'GET /api/book-patterns': patterns,
    'GET /api/books/*': BOOK,
  });
  expect(screen.getByText(/Nobody sees it before you hand it in/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name }));
  expect(await screen.findByDisplayValue('My year')).toBeTruthy();
  expect(server.sent('PUT /api/books/*')).toEqual([{ title, forWhom, pattern: id }]);
});

test('says who the book is for', async () => {
  const { user, server } = await open();
  const line = screen.getByLabelText('Who it is for');
  await user.clear(line);
  await user.type(line, 'me in five years');
  await user.tab();
  await waitFor(() =>
    expect(server.sent('PUT /api/books/*')).toEqual([{ title: 'My year', forWhom: 'me in five years' }]),
  );
});
