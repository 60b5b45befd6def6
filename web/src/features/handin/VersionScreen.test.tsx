import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { FREE, refuse, SEAL, SEALED, TEACHER, typed, version, visit } from '../../test/visit';

const VERSION: Api['SealedView'] = {
  ...SEALED,
  remarks: [
    {
      id: 'r1',
      number: 1,
      author: 'Ms Tolland',
      at: '2026-11-17T16:05:00Z',
      version: 1,
      anchor: { about: 'ENTRY', entry: 'e1' },
      gist: 'Say how many claps.',
      pageId: 'p1',
      words: 'Say how many claps.',
    },
  ],
  pages: [
    {
      id: 'p1',
      title: 'Timing an echo',
      day: '2026-11-10',
      week: 10,
      pattern: FREE,
      entries: [
        {
          id: 'e1',
          zone: 'main',
          kind: 'INK',
          pictures: [],
          marks: [],
          earlier: [],
          isPiece: false,
          caption: 'Path',
          codes: ['2.3a', '2.3b'],
          width: 'THIRD',
          content: { width: 100, height: 50, strokes: [] },
        },
      ],
    },
  ],
};
const open = (sealed: Partial<Api['SealedView']>, more: Record<string, unknown> = {}) =>
  visit('/versions/v1', {
    'GET /api/hand-ins/v1': { ...VERSION, ...sealed },
    'GET /api/hand-ins/*/seal': SEAL,
    ...more,
  });

test('leads from a remark to the entry that it is about', async () => {
  await open({ state: 'SENT_BACK' });
  expect(screen.getByText('Say how many claps.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Go to the page' }).getAttribute('href')).toBe('/p/p1?entry=e1');
});

test.each([
  ['WAITING', ['Take it back'], []],
  ['BEING_READ', [], []],
  ['SENT_BACK', [], ['Check and hand in again']],
  ['CHECKED', [], []],
] as const)('offers what can be done while it is %s', async (state, buttons, links) => {
  await open({ state });
  expect(screen.queryAllByRole('button', { name: /Take it back/ }).map((one) => one.textContent)).toEqual(
    buttons,
  );
  expect(screen.queryAllByRole('link', { name: /hand in again/ }).map((one) => one.textContent)).toEqual(
    links,
  );
});

test('keeps what the student answers to a remark', async () => {
  const { user, server } = await open({ state: 'SENT_BACK' }, { 'PUT /api/remarks/*/answer': {} });
  await user.click(screen.getByRole('button', { name: 'Answer' }));
  await user.type(screen.getByLabelText('Answer to remark 1'), 'Twenty.{Enter}');
  expect(await screen.findByText('Twenty.')).toBeTruthy();
  await waitFor(() => expect(server.sent('PUT /api/remarks/r1/answer')).toEqual([{ words: 'Twenty.' }]));
});

test('shows what changed since the version before, side by side', async () => {
  const page = { id: 'p1', title: 'Timing an echo', day: '2026-11-10', pattern: FREE };
  const { user } = await open(
    {
      version: 2,
      versions: [version('v1', { version: 2 }), version('v0', { state: 'SENT_BACK', remarks: 1 })],
      pages: [{ ...page, entries: [typed('e1', 'We timed twenty claps.')] }],
    },
    {
      'GET /api/hand-ins/v0': {
        ...VERSION,
        id: 'v0',
        pages: [{ ...page, entries: [typed('e1', 'We timed one clap.')] }],
      },
      'GET /api/hand-ins/v1/changes': {
        sinceVersion: 1,
        count: 1,
        movedPages: [],
        entries: [
          {
            entry: 'e1',
            kind: 'CHANGED',
            isMoved: false,
            isCaptionChanged: false,
            isReplaced: false,
            words: { gone: [{ from: 9, to: 17 }], come: [{ from: 9, to: 21 }], goneWords: 2, newWords: 2 },
          },
        ],
        carried: [{ remark: VERSION.remarks[0], isTouched: true, anchor: { about: 'ENTRY', entry: 'e1' } }],
      },
    },
  );
  await user.click(await screen.findByRole('button', { name: /1 changed since version 1/ }));
  expect((await screen.findByText('one clap')).closest('del')).toBeTruthy();
  expect(screen.getByText('twenty claps').closest('ins')).toBeTruthy();
  expect(screen.getByText('2 words new, 2 gone')).toBeTruthy();
  expect(screen.getByText('1 thing changed · something was done about every remark')).toBeTruthy();
});

test('takes a version back that nobody has opened', async () => {
  const { user, router } = await open({}, { 'DELETE /api/hand-ins/v1': {} });
  await user.click(screen.getByRole('button', { name: 'Take it back' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/hand-ins'));
});

test('says why a version can’t be taken back', async () => {
  const { user } = await open({}, { 'DELETE /api/hand-ins/v1': refuse(409, 'Ms Tolland has opened it.') });
  await user.click(screen.getByRole('button', { name: 'Take it back' }));
  expect(await screen.findByText('Ms Tolland has opened it.')).toBeTruthy();
});

test('asks a class for something', async () => {
  const { user, server } = await visit(
    '/set-work',
    {
      'GET /api/editions': [{ id: 'ed1', code: 'NB-412', title: 'Waves' }],
      'GET /api/editions/ed1': {
        nodes: [
          { id: 'u', code: '2', title: 'Sound', kind: 'UNIT' },
          { id: 't1', code: '2.3', title: 'Echoes', kind: 'TOPIC' },
          { id: 'a', code: '2.3a', title: 'Echo', kind: 'POINT' },
        ],
      },
      'PUT /api/set-work/*': {},
    },
    { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] },
  );
  await screen.findByRole('option', { name: '2.3 Echoes' });
  expect(screen.queryByRole('option', { name: /2.3a/ })).toBeNull();
  await user.type(screen.getByLabelText('Title'), 'Echo practical');
  await user.type(screen.getByLabelText('What it should be'), 'Time an echo.');
  await user.type(screen.getByLabelText('Due'), '2026-11-27');
  await user.click(screen.getByLabelText('photo'));
  await user.type(screen.getByLabelText('Most words'), '80');
  await user.click(screen.getByRole('button', { name: 'Add a criterion' }));
  await user.type(screen.getByLabelText('Name of criterion 1'), 'Measures');
  await user.type(screen.getByLabelText('Levels of criterion 1'), 'once 0{Enter}often 2');
  await user.click(screen.getByRole('button', { name: 'Ask the class' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/set-work/*')).toEqual([
      {
        classId: 'c1',
        title: 'Echo practical',
        instructions: 'Time an echo.',
        topic: 't1',
        due: '2026-11-27',
        asked: { kinds: ['PHOTO'], wordsMost: 80, withSources: false },
        criteria: [
          {
            name: 'Measures',
            levels: [
              { words: 'once', points: 0 },
              { words: 'often', points: 2 },
            ],
          },
        ],
        students: [],
        groups: [],
        longer: {},
      },
    ]),
  );
});
