import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NOTEBOOK, refuse, visit } from '../../test/visit';

const EDITIONS = [
  { id: 'ed1', code: 'NB-412', title: 'Waves' },
  { id: 'ed2', code: 'NB-230', title: 'Rivers' },
];
const open = (more: Record<string, unknown> = {}) =>
  visit('/new', {
    'GET /api/editions': EDITIONS,
    'PUT /api/notebooks/*': { ...NOTEBOOK, id: 'n1' },
    ...more,
  });
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

test('makes a notebook of what was chosen and goes to its sections', async () => {
  const { user, server, router } = await open();
  await user.type(field('Title'), 'Rivers, my own');
  await user.selectOptions(field('Syllabus'), 'NB-230 Rivers');
  await user.clear(field('Exam year'));
  await user.type(field('Exam year'), '2029');
  await user.selectOptions(field('Tier'), 'Extended');
  await user.selectOptions(field('Class'), '10B Physics');
  await user.click(screen.getByRole('button', { name: 'Make the notebook' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/n/n1'));
  expect(server.sent('PUT /api/notebooks/*')).toEqual([
    { title: 'Rivers, my own', editionId: 'ed2', examYear: 2029, tier: 'EXTENDED', classId: 'c1' },
  ]);
});

test('leaves out what is not known', async () => {
  const { user, server } = await open();
  await user.type(field('Title'), 'Waves');
  await user.click(screen.getByRole('button', { name: 'Make the notebook' }));
  await waitFor(() => expect(server.sent('PUT /api/notebooks/*')).toHaveLength(1));
  const body = server.sent('PUT /api/notebooks/*')[0] as object;
  expect(Object.keys(body).sort()).toEqual(['editionId', 'examYear', 'tier', 'title']);
});

test('says in the server’s words why there is no notebook, and keeps what was typed', async () => {
  const { user } = await open({ 'PUT /api/notebooks/*': refuse(422, 'A title has up to 120 characters.') });
  await user.type(field('Title'), 'Waves');
  await user.click(screen.getByRole('button', { name: 'Make the notebook' }));
  expect(await screen.findByText('A title has up to 120 characters.')).toBeTruthy();
  expect(field('Title').value).toBe('Waves');
});
