import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NOTEBOOK, refuse, section, visit } from '../../test/visit';

const SECTIONS = [
  section('Sound'),
  section('Pitch', { parent: 'Sound', code: '2.2' }),
  section('Echo', { parent: 'Sound', code: '2.3', position: 1 }),
  section('Light', { position: 1 }),
];
const open = (sections = SECTIONS, more: Record<string, unknown> = {}) =>
  visit('/n/n1', {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections, pages: [] },
    'POST /api/sections/*/place': {},
    'PATCH /api/sections/*': {},
    ...more,
  });
const button = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name });

test('says what one section for each unit is good for while there is none', async () => {
  const { user, server } = await open([], { 'POST /api/notebooks/n1/sections-for-units': {} });
  expect(screen.getByText(/lays the notebook out like the syllabus/)).toBeTruthy();
  await user.click(button('One section for each unit'));
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/sections-for-units')).toHaveLength(1));
});

test.each([
  ['Move Echo up', 'Echo', { parent: 'Sound', position: 0 }],
  ['Move Sound down', 'Sound', { position: 1 }],
  ['Move Light in', 'Light', { parent: 'Sound', position: 2 }],
  ['Move Pitch out', 'Pitch', { position: 1 }],
])('puts a section where "%s" says', async (name, id, place) => {
  const { user, server } = await open();
  await user.click(button(name));
  await waitFor(() => expect(server.sent(`POST /api/sections/${id}/place`)).toEqual([place]));
});

test.each(['Move Sound up', 'Move Sound in', 'Move Light down', 'Move Light out'])(
  'does not offer what can’t be done: %s',
  async (name) => {
    await open();
    expect(button(name).disabled).toBe(true);
  },
);

test('renames once when Enter is pressed, and not at all when nothing changed', async () => {
  const { user, server } = await open([section('Sound')]);
  await user.click(button('Rename'));
  await user.type(screen.getByLabelText('New title of Sound'), ' and echo{Enter}');
  await waitFor(() => expect(screen.queryByLabelText('New title of Sound')).toBeNull());
  await user.click(button('Rename'));
  await user.keyboard('{Enter}');
  expect(server.sent('PATCH /api/sections/Sound')).toEqual([{ title: 'Sound and echo' }]);
});

test('makes no section without a name', async () => {
  const { user, server } = await open([section('Sound')], { 'PUT /api/sections/*': {} });
  await user.type(screen.getByLabelText('Title of a new section'), '   {Enter}');
  await user.type(screen.getByLabelText('Title of a new section'), 'Odds{Enter}');
  await waitFor(() =>
    expect(server.sent('PUT /api/sections/*')).toEqual([{ notebookId: 'n1', title: 'Odds', topics: [] }]),
  );
});

test('says in the server’s words what could not be done', async () => {
  const { user } = await open(SECTIONS, {
    'DELETE /api/sections/Light': refuse(409, 'It was handed in this minute.'),
  });
  await user.click(screen.getAllByRole('button', { name: 'Delete' }).at(-1) as HTMLElement);
  expect(await screen.findByText('It was handed in this minute.')).toBeTruthy();
});

test('stands out in the contents where the open section is', async () => {
  await visit('/n/n1/s/Echo', {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: SECTIONS, pages: [] },
    'GET /api/notebooks/n1/syllabus': [],
  });
  const contents = screen.getByRole('navigation', { name: 'Contents' });
  const open = [...contents.querySelectorAll('a')].filter((link) => link.className.includes('border-petrol'));
  expect(open.map((link) => link.textContent)).toEqual(['2.3Echo0']);
});
