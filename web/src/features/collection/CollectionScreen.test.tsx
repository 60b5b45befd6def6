import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NO_READERS, thing, UNKNOWN_SOURCE } from '../../test/thing';
import { NO_NETWORK, NOTEBOOK, refuse, visit } from '../../test/visit';

const open = (items: Api['ItemView'][], more: Record<string, unknown> = {}) =>
  visit('/collections/c1', {
    'GET /api/collections/c1': {
      id: 'c1',
      title: 'Sea defences',
      purpose: 'For the write-up',
      notches: [],
      home: 'n1',
      details: [],
      items,
    },
    'GET /api/collections/c1/readers': NO_READERS,
    'POST /api/collections/c1/order': {},
    'GET /api/collections/c1/views': { views: [], places: [], ties: [] },
    'GET /api/notebooks/n1/syllabus': [],
    ...more,
  });

test('says how to put the first thing in', async () => {
  await open([]);
  expect(screen.getByText(/press A to add a\s+link, a note, a file/)).toBeTruthy();
  expect(screen.getByDisplayValue('For the write-up')).toBeTruthy();
  expect(screen.getByText('· 0 things · only you see it')).toBeTruthy();
});

test.each([
  [thing('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall' }), 'https://skerrow.example/wall'],
  [
    thing('Plan', {
      kind: 'FILE',
      media: {
        id: 'm1',
        kind: 'FILE',
        name: 'plan.txt',
        peaks: [],
        silences: [],
        compact: false,
        type: 'text/plain',
        bytes: 90,
      },
    }),
    '/api/media/m1',
  ],
  [
    thing('Echo', { kind: 'ENTRY', entry: { entryId: 'e1', pageId: 'p1', kind: 'TYPED', words: '' } }),
    '/p/p1?entry=e1',
  ],
])('leads to what an item is', async (one, href) => {
  await open([one]);
  expect(screen.getByRole('link', { name: new RegExp(one.title) }).getAttribute('href')).toBe(href);
});

test('gives an outside page neither our window nor our address', async () => {
  await open([thing('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall' })]);
  const link = screen.getByRole('link', { name: /Wall/ });
  expect(link.getAttribute('rel')).toBe('noreferrer noopener');
});

test('says that an entry lies in the bin instead of leading nowhere', async () => {
  await open([thing('Echo', { kind: 'ENTRY', entry: { entryId: 'e1', words: '' } })]);
  expect(screen.getByText('· its entry is in the bin')).toBeTruthy();
  expect(screen.queryByRole('link', { name: /Echo/ })).toBeNull();
});

test('moves a thing by one place and sends the whole order', async () => {
  const { user, server } = await open([thing('a'), thing('b'), thing('c')]);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Move a up' }).disabled).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Move c up' }));
  await waitFor(() =>
    expect(server.sent('POST /api/collections/c1/order')).toEqual([{ items: ['a', 'c', 'b'] }]),
  );
});

test('keeps the dialog and its words open when an address is none', async () => {
  const { user } = await open([]);
  await user.keyboard('a');
  await user.type(screen.getByLabelText('Address'), 'nowhere');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  expect(await screen.findByText(/This is no web address/)).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Address').value).toBe('nowhere');
});

test('notches a thing to a point of the notebook at hand', async () => {
  const { user, server } = await open([thing('Bats')], {
    'GET /api/notebooks/n1/syllabus': [{ id: 'p1', code: '2.3a', title: 'Echo', kind: 'POINT' }],
    'PUT /api/collections/c1/items/*/notches/*': {},
  });
  await user.click(await screen.findByRole('button', { name: 'For a point: Bats' }));
  await user.type(screen.getByLabelText('Code or word of a point'), '2.3a{Enter}');
  await waitFor(() => expect(server.sent('PUT /api/collections/c1/items/*/notches/p1')).toHaveLength(1));
});

test('names the points of other notebooks too, and notches to them', async () => {
  const lines = (code: string, ...ids: string[]) =>
    ids.map((id, i) => ({ id, code: code + 'abc'[i], title: id, kind: 'POINT' }));
  const { user, server } = await open([thing('Bats', { notches: ['echo', 'cliff', 'gone'] })], {
    'GET /api/notebooks': [
      NOTEBOOK,
      { ...NOTEBOOK, id: 'n2', title: 'Coasts' },
      { ...NOTEBOOK, id: 'n3', title: 'Last year' },
    ],
    'GET /api/notebooks/n1/syllabus': lines('2.3', 'echo', 'pitch'),
    'GET /api/notebooks/n2/syllabus': lines('4.1', 'wave', 'cliff'),
    'GET /api/notebooks/n3/syllabus': lines('2.3', 'echo', 'pitch'),
    'PUT /api/collections/c1/items/*/notches/*': {},
  });
  await user.click(await screen.findByRole('button', { name: '2.3a · Coasts 4.1b: Bats' }));
  expect(screen.queryByRole('radio', { name: 'Last year' })).toBeNull();
  await user.click(screen.getByRole('radio', { name: 'Coasts' }));
  await user.type(screen.getByLabelText('Code or word of a point'), '4.1a{Enter}');
  await waitFor(() => expect(server.sent('PUT /api/collections/c1/items/*/notches/wave')).toHaveLength(1));
});

test('takes addresses that are pasted, and takes them back', async () => {
  const { user, server } = await open([], {
    'PUT /api/collections/c1/items/*': {},
    'DELETE /api/collections/c1/items/*': {},
  });
  await user.paste('https://skerrow.example/wall\nhttps://oddly.example/armour');
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() =>
    expect(server.sent('PUT /api/collections/c1/items/*')).toMatchObject([
      { kind: 'LINK', url: 'https://skerrow.example/wall' },
      { kind: 'LINK', url: 'https://oddly.example/armour' },
    ]),
  );
  await waitFor(() => expect(server.sent('DELETE /api/collections/c1/items/*')).toHaveLength(2));
});

test('says that a page is in here twice', async () => {
  await open([thing('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall', sameAs: 'other' })]);
  expect(screen.getByText('the same page is in here twice')).toBeTruthy();
});

test('leads to handing it in, to a link for a reader, and to a copy', async () => {
  const { user } = await open([thing('Wall')], {
    'GET /api/reader-links': { rule: 'FREE', links: [] },
    'GET /api/copies': [],
  });
  await user.click(screen.getByRole('button', { name: 'Show or save it' }));
  expect(screen.getByRole('link', { name: 'Hand it in' }).getAttribute('href')).toBe(
    '/n/n1/hand-in?collection=c1',
  );
  expect(await screen.findByRole('button', { name: 'Link for a reader' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'PDF, A4' })).toBeTruthy();
});

// Without a layout, the pointer is in the lower half of whatever it is on.
test('puts a thing behind the one that it is dropped on', async () => {
  const { server } = await open([thing('a'), thing('b'), thing('c')]);
  const rows = screen.getAllByRole('listitem').filter((row) => row.draggable);
  const kept = new Map<string, string>();
  const data = {
    setData: (type: string, value: string) => kept.set(type, value),
    getData: (type: string) => kept.get(type) ?? '',
    get types() {
      return [...kept.keys()];
    },
  };
  fireEvent.dragStart(rows[2] as HTMLElement, { dataTransfer: data });
  fireEvent.dragOver(rows[0] as HTMLElement, { dataTransfer: data });
  fireEvent.drop(rows[0] as HTMLElement, { dataTransfer: data });
  await waitFor(() =>
    expect(server.sent('POST /api/collections/c1/order')).toEqual([{ items: ['a', 'c', 'b'] }]),
  );
});

test('says where a thing comes from, and where its page went', async () => {
  const { user, server } = await open(
    [
      thing('Wall', {
        kind: 'LINK',
        url: 'https://skerrow.example/wall',
        found: { ...UNKNOWN_SOURCE, authors: ['Byrne, Ada'], published: '2024' },
        card: {
          id: 'k',
          state: 'FETCHED',
          title: 'Wall',
          description: '',
          site: '',
          movedTo: 'https://skerrow.example/new',
        },
      }),
    ],
    {
      'GET /api/source-questions': ['Who made it, and how do they know?'],
      'PATCH /api/collections/c1/items/*': {},
    },
  );
  expect(screen.getByText('Byrne, Ada · 2024')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Use the new address of Wall' }));
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Wall' }));
  await user.click(screen.getByText(/Where it comes from/));
  await user.click(screen.getByLabelText('partly'));
  await user.type(await screen.findByLabelText(/how do they know/), 'The town engineer');
  await user.tab();
  await waitFor(() =>
    expect(server.sent('PATCH /api/collections/c1/items/*')).toMatchObject([
      { url: 'https://skerrow.example/new' },
      { source: { trust: 'PARTLY' } },
      { source: { reasons: ['The town engineer'] } },
    ]),
  );
});

test('shows it to a class, and takes it back', async () => {
  const { user, server } = await open([thing('Wall')], {
    'GET /api/reader-links': { rule: 'FREE', links: [] },
    'GET /api/copies': [],
    'PUT /api/collections/c1/readers/classes/k1': {},
    'DELETE /api/collections/c1/readers/people/p2': {},
    'GET /api/collections/c1/readers': { ...NO_READERS, people: [{ id: 'p2', name: 'Lin Farrow' }] },
  });
  expect(await screen.findByText('· 1 thing · seen by Lin Farrow')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Show or save it' }));
  await user.selectOptions(await screen.findByLabelText('Show it to'), '10B Physics, all of it');
  await user.click(screen.getByRole('button', { name: 'Take it back from Lin Farrow' }));
  expect(server.sent('PUT /api/collections/c1/readers/classes/k1')).toHaveLength(1);
  expect(server.sent('DELETE /api/collections/c1/readers/people/p2')).toHaveLength(1);
});

test('lists references in a style', async () => {
  const { user, server } = await open([thing('Wall')], {
    'GET /api/reader-links': { rule: 'FREE', links: [] },
    'GET /api/copies': [],
    'GET /api/reference-style': { style: 'APA' },
    'PUT /api/reference-style': {},
    'GET /api/collections/c1/references?style=APA': [],
    'GET /api/collections/c1/references?style=HARVARD': [
      { id: 'Wall', line: 'Byrne, A. (2024). Wall.', inText: '(Byrne, 2024)' },
    ],
  });
  await user.click(screen.getByRole('button', { name: 'Show or save it' }));
  await user.click(screen.getByRole('button', { name: 'References' }));
  expect(await screen.findByText(/Nothing here comes from elsewhere/)).toBeTruthy();
  await user.selectOptions(screen.getByLabelText('Style'), 'HARVARD');
  expect(await screen.findByText('Byrne, A. (2024). Wall.')).toBeTruthy();
  expect(server.sent('PUT /api/reference-style')).toEqual([{ style: 'HARVARD' }]);
});

test('gets the picture of a thing as its cover', async () => {
  const { user, server } = await open(
    [
      thing('Wall', {
        kind: 'LINK',
        url: 'https://skerrow.example/wall',
        card: {
          id: 'k',
          state: 'FETCHED',
          title: 'Wall',
          description: '',
          site: '',
          movedTo: '',
          pictureId: 'm1',
        },
      }),
      thing('A thought'),
    ],
    { 'PUT /api/collections/c1/cover': {} },
  );
  await user.click(screen.getByRole('button', { name: 'Choose the cover' }));
  await user.click(screen.getByRole('button', { name: 'The picture of Wall' }));
  await waitFor(() => expect(server.sent('PUT /api/collections/c1/cover')).toEqual([{ pictureId: 'm1' }]));
});

test('keeps the order that things were sorted into', async () => {
  const { user, server } = await open([thing('Wall'), thing('Fence')]);
  await user.click(screen.getByRole('button', { name: 'Table' }));
  await user.click(screen.getByRole('button', { name: 'Name' }));
  await user.click(await screen.findByRole('button', { name: 'Keep this order' }));
  await waitFor(() =>
    expect(server.sent('POST /api/collections/c1/order')).toEqual([{ items: ['Fence', 'Wall'] }]),
  );
});

test('shows what is done without a network, and sends it in its order later', async () => {
  let isDown = true;
  const answer = () => (isDown ? NO_NETWORK : {});
  const { user, server } = await open([thing('Fence'), thing('Wall')], {
    'PUT /api/collections/c1/items/*': answer,
    'PATCH /api/collections/c1/items/*': answer,
    'DELETE /api/collections/c1/items/*': answer,
  });
  await user.paste('Dune grass');
  await user.click(await screen.findByRole('button', { name: 'Say why I kept it: Fence' }));
  await user.type(screen.getByLabelText('Why I kept it'), 'It is cheap.');
  await user.click(screen.getByRole('button', { name: 'Done' }));
  await user.click(screen.getByRole('button', { name: 'Take out Wall' }));
  expect(await screen.findByText('It is cheap.')).toBeTruthy();
  expect(await screen.findByText(/2 things · only you see it · 3 changes on this device only/)).toBeTruthy();
  isDown = false;
  window.dispatchEvent(new Event('online'));
  await waitFor(() => expect(server.sent('DELETE /api/collections/c1/items/Wall')).toHaveLength(1));
  expect(server.sent('PATCH /api/collections/c1/items/Fence').at(-1)).toEqual({ why: 'It is cheap.' });
});

test('says in the dialog what the server refused', async () => {
  const { user } = await open([thing('Wall')], {
    'PATCH /api/collections/c1/items/*': refuse(422, 'A heading has up to 120 characters.'),
  });
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Wall' }));
  await user.type(screen.getByLabelText('Under the heading'), 'Hard');
  await user.tab();
  const dialog = within(screen.getByRole('dialog'));
  expect(await dialog.findByText('A heading has up to 120 characters.')).toBeTruthy();
});

test('sets a mark on a thing, answers a question, and takes it off', async () => {
  const asked = {
    id: 'm1',
    on: 'Wall',
    kind: 'QUESTION',
    madeAt: '2026-11-24T09:00:00Z',
    isDone: false,
  } as const;
  const { user, server } = await open([thing('Wall', { marks: [asked] })], {
    'GET /api/own-marks': [],
    'PUT /api/things/Wall/marks/*': {},
    'DELETE /api/things/Wall/marks/*': {},
  });
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Wall' }));
  await user.click(screen.getByRole('button', { name: 'Task' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/things/Wall/marks/*')).toMatchObject([{ kind: 'TASK', isDone: false }]),
  );
  await user.click(await screen.findByRole('button', { name: 'Answer' }));
  await user.type(screen.getByLabelText('Answer in a sentence'), 'Yes');
  await waitFor(() =>
    expect(server.sent('PUT /api/things/Wall/marks/m1').at(-1)).toMatchObject({ answer: 'Yes' }),
  );
  await user.click(screen.getByRole('button', { name: 'Take the mark off' }));
  await waitFor(() => expect(server.sent('DELETE /api/things/Wall/marks/m1')).toHaveLength(1));
});

test('plays the part of a clip that is wanted in its row, and only once it is pressed', async () => {
  const { user } = await open([
    thing('Tank', {
      kind: 'LINK',
      url: 'https://films.example/tank',
      played: { from: '2:10', to: '' },
      card: {
        id: 'k',
        state: 'FETCHED',
        title: 'Tank',
        description: '',
        site: '',
        movedTo: '',
        clip: { host: 'films.example', length: '3:14' },
      },
    }),
  ]);
  expect(screen.getByText('films.example · 3:14')).toBeTruthy();
  expect(screen.queryByTitle('Tank')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Play: Tank' }));
  expect(screen.getByTitle('Tank').getAttribute('src')).toBe('/api/things/Tank/clip?from=2%3A10&to=');
  await user.click(screen.getByRole('button', { name: 'Close the clip: Tank' }));
  expect(screen.queryByTitle('Tank')).toBeNull();
});

test('writes a note with the tools of a page, and keeps all of it', async () => {
  const { user, server } = await open([], { 'PUT /api/collections/c1/items/*': {} });
  await user.keyboard('a');
  await user.click(screen.getByRole('button', { name: 'Note' }));
  await user.type(screen.getByLabelText('Title'), 'Dunes');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  expect(screen.getByText('Write something into the note first.')).toBeTruthy();
  fireEvent.paste(await screen.findByRole('textbox', { name: 'Note' }), {
    clipboardData: {
      getData: (type: string) => (type === 'text/html' ? '<b>They</b> move.' : ''),
      files: [],
    },
  });
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/collections/c1/items/*')).toMatchObject([
      { kind: 'NOTE', title: 'Dunes', note: 'They move.', text: { type: 'doc' } },
    ]),
  );
});

test('shows what is in a file beside what is said of it', async () => {
  const media: Api['MediaView'] = {
    id: 'm1',
    kind: 'FILE',
    name: 'tides.csv',
    type: 'text/csv',
    bytes: 90,
    peaks: [],
    silences: [],
    compact: false,
  };
  const { user } = await open([thing('Tides', { kind: 'FILE', media })], {
    'GET /api/collections/c1/details/offered': [],
    'GET /api/media/m1/look': {
      content: {
        type: 'doc',
        content: [{ type: 'paragraph', content: [{ type: 'text', text: 'High at 4.9 m' }] }],
      },
      cut: false,
    },
  });
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Tides' }));
  await user.click(await screen.findByRole('button', { name: 'Look inside' }));
  expect(await screen.findByText('High at 4.9 m')).toBeTruthy();
});

test('keeps both of two things that are said of a source right after each other', async () => {
  const link = thing('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall' });
  const { user, server } = await open([link], {
    'GET /api/source-questions': [],
    'GET /api/collections/c1/details/offered': [],
    'PATCH /api/collections/c1/items/*': {},
  });
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Wall' }));
  await user.click(await screen.findByText('Where it comes from'));
  const type = (label: string, words: string) => {
    const line = screen.getByLabelText(new RegExp(label));
    fireEvent.change(line, { target: { value: words } });
    fireEvent.blur(line);
  };
  type('Who made it', 'Marsh, Ida');
  type('When it came out', '2025');
  await waitFor(() => expect(server.sent('PATCH /api/collections/c1/items/*')).toHaveLength(2));
  expect(server.sent('PATCH /api/collections/c1/items/*').at(-1)).toMatchObject({
    source: { authors: ['Marsh, Ida'], published: '2025' },
  });
});
