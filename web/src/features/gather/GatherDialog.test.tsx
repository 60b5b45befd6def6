import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NO_READERS } from '../../test/thing';
import { refuse, visit } from '../../test/visit';

const DONE: Api['GatheringView'] = { state: 'READY', share: 1, added: 2, merged: 3, leftOut: 1, words: '' };
const TABLE: Api['FileFound'] = {
  form: 'TABLE',
  things: 2,
  leftOut: 0,
  headings: 0,
  columns: [
    { heading: 'Defence', samples: ['Wall', 'Fence'], becomes: { into: 'NAME' } },
    {
      heading: 'Cost',
      samples: ['2400'],
      becomes: { into: 'DETAIL', detail: { id: 'd1', name: 'Cost', kind: 'NUMBER', unit: '' } },
    },
  ],
};
const GATHERING = '/api/collections/c1/gatherings/*';

const open = (more: Record<string, unknown>) =>
  visit('/collections/c1', {
    'GET /api/collections/c1': { id: 'c1', title: 'Costs', purpose: '', notches: [], details: [], items: [] },
    'GET /api/collections/c1/views': { views: [], places: [], ties: [] },
    'GET /api/collections/c1/readers': NO_READERS,
    'GET /api/notebooks/n1/syllabus': [],
    'PUT /api/media/*?cutOff=false': {},
    [`PUT ${GATHERING}`]: {},
    [`GET ${GATHERING}`]: DONE,
    ...more,
  });

test('takes in a pasted table by its columns, and takes it back', async () => {
  const { user, server } = await open({
    'GET /api/collections/c1/found-file?media=*': TABLE,
    [`POST ${GATHERING}/taken-back`]: {},
  });
  await user.paste('Defence\tCost\nWall\t2400\nFence\t95');
  await user.selectOptions(await screen.findByLabelText('What Cost becomes'), 'nothing, leave it out');
  await user.click(screen.getByRole('button', { name: 'Take in 2 rows' }));
  expect(await screen.findByText(/2 things added. 3 were in here already. 1 left out./)).toBeTruthy();
  expect(server.sent(`PUT ${GATHERING}`)).toMatchObject([
    { columns: [{ into: 'NAME' }, { into: 'NOTHING' }] },
  ]);
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  await waitFor(() => expect(server.sent(`POST ${GATHERING}/taken-back`)).toHaveLength(1));
});

test('says what is in a bookmarks file before it takes it in', async () => {
  await open({
    'GET /api/collections/c1/found-file?media=*': {
      ...TABLE,
      form: 'BOOKMARKS',
      things: 412,
      headings: 9,
      leftOut: 5,
      columns: [],
    },
  });
  fireEvent.drop(screen.getByRole('region', { name: 'The collection' }), {
    dataTransfer: { files: [new File(['x'], 'bookmarks.html')], getData: () => '' },
  });
  expect(await screen.findByText(/There are 412 links in it, in 9 folders/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Take in 412 links' })).toBeTruthy();
});

test('keeps a file as a file where nothing can be taken in', async () => {
  const { user, server } = await open({
    'GET /api/collections/c1/found-file?media=*': refuse(
      422,
      'Nothing in this file can be taken in thing by thing.',
    ),
    'PUT /api/collections/c1/items/*': {},
  });
  await user.paste('a\tb\nc\td');
  expect(await screen.findByText(/Nothing in this file/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Keep it as one file' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/collections/c1/items/*')).toMatchObject([
      { kind: 'FILE', title: 'Pasted table.tsv' },
    ]),
  );
});
