import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, TEACHER, visit } from '../../test/visit';

const part = (heading: string, kind: Api['BookPart']['kind'] = 'WORDS'): Api['BookPart'] => ({
  kind,
  heading,
  question: 'Why?',
  words: { least: 20, most: 80 },
});
const PATTERN: Api['BookPattern'] = {
  id: 'bp1',
  name: 'Practicals',
  forWhom: 'the next teacher',
  parts: [part('Best work', 'SUBJECT'), part('In figures', 'FIGURES'), part('Goodbye')],
};
const OF_CLASS = 'PUT /api/classes/c1/book-patterns/*';

const open = (patterns: Api['BookPattern'][], more: Record<string, unknown> = {}) =>
  visit('/classes/c1/book-patterns', {
    'GET /api/me': { person: { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] } },
    'GET /api/classes/c1/book-patterns': { ours: [part('Ours')], patterns },
    [OF_CLASS]: {},
    'DELETE /api/classes/c1/book-patterns/bp1': {},
    ...more,
  });

test('shows what each pattern holds and who it is for', async () => {
  await open([PATTERN]);
  expect(screen.getByRole('heading', { name: 'Books of the year of 10B Physics' })).toBeTruthy();
  expect(screen.getByText('For the next teacher')).toBeTruthy();
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual(
    expect.arrayContaining([
      'Best work for each notebook, 20 to 80 words about each piece',
      'In figures for each notebook',
      'Goodbye 20 to 80 words',
    ]),
  );
});

test('writes a pattern, beginning with the parts that are always there', async () => {
  const { user, server } = await open([]);
  await user.click(screen.getByRole('button', { name: 'Add a pattern' }));
  await user.type(screen.getByLabelText('Name'), 'Portfolio');
  await user.type(screen.getByLabelText('Who it is for'), 'your family');
  await user.click(screen.getByRole('button', { name: 'Add a part' }));
  await user.type(screen.getByLabelText('Heading of part 2'), 'Best work');
  await user.selectOptions(screen.getByLabelText('What part 2 holds'), 'Pieces of each notebook');
  await user.click(screen.getByRole('button', { name: 'Move part 2 up' }));
  await user.click(screen.getByRole('button', { name: 'Keep this pattern' }));
  await waitFor(() =>
    expect(server.sent(OF_CLASS)).toMatchObject([
      {
        name: 'Portfolio',
        forWhom: 'your family',
        parts: [{ kind: 'SUBJECT', heading: 'Best work' }, { heading: 'Ours' }],
      },
    ]),
  );
});

test('asks nothing where figures are shown', async () => {
  const { user } = await open([PATTERN]);
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  expect(screen.queryByLabelText('What part 2 asks')).toBeNull();
  expect(screen.getByLabelText('What part 3 asks')).toBeTruthy();
});

test('says why a pattern is refused, and keeps it on the screen', async () => {
  const { user } = await open([PATTERN], { [OF_CLASS]: refuse(422, 'A pattern has 1 to 30 parts.') });
  await user.click(screen.getByRole('button', { name: 'Change Practicals' }));
  await user.click(screen.getByRole('button', { name: 'Keep this pattern' }));
  expect((await screen.findByRole('alert')).textContent).toBe('A pattern has 1 to 30 parts.');
  expect(screen.getByLabelText('Heading of part 1')).toBeTruthy();
});

test('deletes a pattern and brings it back', async () => {
  const { user, server } = await open([PATTERN]);
  await user.click(screen.getByRole('button', { name: 'Delete Practicals' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() => expect(server.sent(OF_CLASS)).toMatchObject([{ name: 'Practicals' }]));
});

test('lets a keeper write those of the school', async () => {
  await visit('/school/book-patterns', {
    'GET /api/me': { person: { ...TEACHER, role: 'KEEPER', classes: [] } },
    'GET /api/school/book-patterns': { ours: [part('Ours')], patterns: [PATTERN] },
  });
  expect(screen.getByRole('heading', { name: 'Books of the year of the school' })).toBeTruthy();
});
