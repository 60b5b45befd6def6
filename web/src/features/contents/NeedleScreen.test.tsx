import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NOTEBOOK, visit } from '../../test/visit';

const found = (id: string, kind: Api['EntryView']['kind'], name: string): Api['FoundView'] => ({
  name,
  day: '2026-11-24',
  week: 12,
  page: 'Timing',
  section: 'Echoes',
  entry: {
    id,
    pageId: 'p1',
    zone: 'main',
    kind,
    content: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Back.' }] }] },
    pictures: [],
    caption: name,
    width: 'FULL',
    version: 1,
    isEmpty: false,
    notches: ['a'],
    madeAt: '2026-11-24T09:00:00Z',
    media:
      kind === 'RECORDING'
        ? {
            id: 'm',
            kind: 'RECORDING',
            name: 'x',
            peaks: [],
            silences: [],
            compact: false,
            type: 'audio/ogg',
            bytes: 90,
            seconds: 185,
          }
        : undefined,
  },
});
const node = (id: string, code: string, title: string, kind = 'POINT') => ({
  id,
  code,
  title,
  kind,
  tier: 'CORE',
  firstYear: 2000,
  lastYear: 2100,
});

const open = (search: string, fallen: Api['FoundView'][]) =>
  visit(`/n/n1/needle${search}`, {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [], pages: [] },
    'GET /api/notebooks/n1/syllabus': [
      node('u', '2', 'Sound', 'UNIT'),
      node('a', '2.3a', 'Echo'),
      node('b', '2.3b', 'Distance'),
    ],
    'GET /api/notebooks/n1/needle?*': fallen,
  });

test('asks for a point first, by code or word, and knows no units', async () => {
  const { user, router } = await open('', []);
  await user.type(await screen.findByLabelText('Code or word of a point'), '2');
  const options = await screen.findAllByRole('option');
  expect(options.map((option) => option.textContent)).toEqual(['2.3aEcho', '2.3bDistance']);
  await user.keyboard('{Enter}');
  await waitFor(() => expect(router.state.location.search).toBe('?nodes=a'));
});

test('lets everything fall out with the page that it lives on', async () => {
  const { heading } = await open('?nodes=a', [
    found('e1', 'TYPED', 'Echo'),
    found('e2', 'RECORDING', 'Claps'),
  ]);
  await waitFor(() => expect(heading.textContent).toBe('2 entries fell out'));
  const links = within(screen.getByRole('main')).getAllByRole('link');
  expect(links.map((link) => link.getAttribute('href'))).toEqual([
    '/n/n1/p/p1?entry=e1',
    '/n/n1/p/p1?entry=e2',
  ]);
  expect(links[0]?.textContent).toContain('Week 12, Tue 24 Nov · Echoes · Timing');
  expect(links[1]?.closest('article')?.textContent).toContain('3:05');
});

test('says when nothing is notched there', async () => {
  await open('?nodes=a', []);
  expect(await screen.findByText('Nothing is notched there yet.')).toBeTruthy();
});

test('takes a point off the needle again', async () => {
  const { user, router } = await open('?nodes=a&nodes=b', []);
  await user.click(await screen.findByRole('button', { name: /Take off the needle:.*2.3a/ }));
  await waitFor(() => expect(router.state.location.search).toBe('?nodes=b'));
});

test('brings things back from the bin, saying what each was', async () => {
  const { user, server } = await visit('/n/n1/bin', {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [], pages: [] },
    'GET /api/notebooks/n1/bin': [
      { id: 's', kind: 'SECTION', name: 'Sound', deletedAt: '2026-11-24T10:00:00Z' },
      { id: 'p', kind: 'PAGE', name: 'Echo', deletedAt: '2026-11-23T10:00:00Z' },
    ],
    'POST /api/notebooks/n1/bin/*/restore': {},
  });
  const rows = within(screen.getByRole('main')).getAllByRole('listitem');
  expect(rows.map((row) => row.textContent)).toEqual([
    expect.stringMatching(/^SectionSound/),
    expect.stringMatching(/^PageEcho/),
  ]);
  await user.click(within(rows[1] as HTMLElement).getByRole('button', { name: 'Bring back' }));
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/bin/p/restore')).toHaveLength(1));
});
