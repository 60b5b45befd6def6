import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NOTEBOOK, section, TEACHER, visit } from '../../test/visit';

const MUSIC = { ...NOTEBOOK, id: 'n2', title: 'Music', hasSyllabus: false };
const ACCOUNT = { userName: 'marlo', fullName: 'Marlo Quist', role: 'STUDENT', devices: [] };
const open = (person?: typeof TEACHER) =>
  visit(
    '/account',
    {
      'GET /api/account': ACCOUNT,
      'GET /api/notebooks': [NOTEBOOK, MUSIC],
      'GET /api/standings': [
        { notebookId: 'n1', marksCovered: 0.49, papersDone: 3, papers: 12, openMarks: 5, unfiled: 0 },
        { notebookId: 'n2', marksCovered: 0, papersDone: 0, papers: 0, openMarks: 0, unfiled: 7 },
      ],
      'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [section('Waves')], pages: [] },
      'GET /api/notebooks/n1/bin': [],
    },
    person,
  );

test('says in the notebook’s card what waits in its rooms, and nothing where nothing does', async () => {
  await open();
  const contents = screen.getByRole('navigation', { name: 'Contents' });
  const texts = (await within(contents).findAllByRole('link')).map((link) => link.textContent);
  expect(texts.slice(0, 9)).toEqual([
    'Coverage49 %',
    'Needle',
    'Papers3/12',
    'Marks5',
    'Looking back',
    'Growth',
    'Unfiled',
    'Syllabus',
    'Bin',
  ]);
  // A notebook without a syllabus stands nowhere yet.
  expect(texts).toContain('Music');
});

test('goes to any room by two keys', async () => {
  const { user, router } = await open();
  await screen.findByRole('link', { name: 'Bin' });
  await user.keyboard('g');
  expect(await screen.findByRole('dialog', { name: 'Go to' })).toBeTruthy();
  await user.keyboard('b');
  await waitFor(() => expect(router.state.location.pathname).toBe('/n/n1/bin'));
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('has a teacher’s rooms for a teacher', async () => {
  await open(TEACHER);
  const [rooms] = screen.getAllByRole('navigation', { name: 'Rooms of all notebooks' });
  expect(
    within(rooms as HTMLElement)
      .getAllByRole('link')
      .map((link) => link.textContent),
  ).toEqual(['Set work', 'Collections', 'Syllabi', 'Year']);
});
