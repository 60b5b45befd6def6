import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { refuse, visit } from '../../test/visit';

const LOOK = {
  isTable: true,
  code: '',
  title: '',
  headings: ['Ref', 'Inhalt'],
  firstRows: [
    ['1', 'Sound'],
    ['1.1a', 'Echo'],
  ],
  columns: [{ column: 'CODE', place: 0 }],
  units: 0,
  topics: 0,
  points: 0,
  lines: [{ line: 1, message: 'Choose the column of the codes.' }],
};
const FIT = {
  ...LOOK,
  columns: [...LOOK.columns, { column: 'TITLE', place: 1 }],
  units: 1,
  topics: 1,
  points: 150,
  lines: [],
};

const open = (more: Record<string, unknown> = {}) =>
  visit('/syllabi', {
    'GET /api/editions': [],
    ...more,
    'POST /api/edition-files?columns=CODE%3A0&columns=TITLE%3A1': FIT,
    'POST /api/edition-files': more['POST /api/edition-files'] ?? LOOK,
  });

const choose = async (user: Awaited<ReturnType<typeof open>>['user']) =>
  user.upload(screen.getByLabelText('CSV or CASE file'), new File(['Ref;Inhalt'], 's.csv'));

test('shows the table, asks what its columns hold, and makes nothing before it is fit', async () => {
  const { user, server, router } = await open({
    'POST /api/editions?code=NB-9&title=Sound&columns=CODE%3A0&columns=TITLE%3A1': {
      id: 'ed3',
      code: 'NB-9',
      title: 'Sound',
      isKept: true,
    },
    'GET /api/editions/ed3': { id: 'ed3', code: 'NB-9', title: 'Sound', version: 1, isKept: true, nodes: [] },
  });
  await choose(user);
  expect(await screen.findByText('One thing to mend first.')).toBeTruthy();
  expect(within(screen.getByRole('table')).getByText('Echo')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make the edition' }).disabled).toBe(true);
  await user.selectOptions(screen.getByLabelText('What “Inhalt” holds'), 'Title of a unit or topic');
  expect(await screen.findByText('150 points')).toBeTruthy();
  await user.type(screen.getByLabelText('Code'), 'NB-9');
  await user.type(screen.getByLabelText('Title of the edition'), 'Sound');
  await user.click(screen.getByRole('button', { name: 'Make the edition' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/syllabi/ed3'));
  expect(server.sent('POST /api/editions?*')).toHaveLength(1);
});

test('says in the server’s words what is wrong with a file', async () => {
  const { user } = await open({ 'POST /api/edition-files': refuse(422, 'This is not a text file.') });
  await choose(user);
  expect(await screen.findByText('This is not a text file.')).toBeTruthy();
});
