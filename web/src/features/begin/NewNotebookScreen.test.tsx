import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NOTEBOOK, refuse, visit } from '../../test/visit';

const EDITIONS = [
  { id: 'ed1', code: 'NB-412', title: 'Waves', isKept: false },
  { id: 'ed2', code: 'NB-230', title: 'Rivers, exams from 2028', isKept: false },
];
const YEARS = { years: [{ id: 'y1', name: '2026/27' }], isKept: false };

const open = (more: Record<string, unknown> = {}) =>
  visit('/new', {
    'GET /api/editions': EDITIONS,
    'GET /api/school-years': YEARS,
    'PUT /api/notebooks/*': { ...NOTEBOOK, id: 'n1' },
    'POST /api/notebooks/n1/sections-for-units': {},
    ...more,
  });
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const press = (name: string) => screen.getByRole('button', { name });

test('makes a notebook of what was chosen, lays it out like the syllabus, and goes to its sections', async () => {
  const { user, server, router } = await open();
  await user.selectOptions(field('Syllabus'), 'NB-230 Rivers, exams from 2028');
  await user.click(press('Take this one'));
  expect((await screen.findByLabelText<HTMLInputElement>('Title')).value).toBe('Rivers');
  await user.clear(field('Exam year'));
  await user.type(field('Exam year'), '2029');
  expect(field('Day of the exam').value).toBe('2029-06-01');
  await user.selectOptions(field('Tier'), 'Extended');
  await user.selectOptions(field('Class'), '10B Physics');
  await user.click(press('Make the notebook'));
  await waitFor(() => expect(router.state.location.pathname).toBe('/n/n1'));
  expect(server.sent('PUT /api/notebooks/*')).toEqual([
    {
      title: 'Rivers',
      editionId: 'ed2',
      examYear: 2029,
      examDay: '2029-06-01',
      tier: 'EXTENDED',
      classId: 'c1',
    },
  ]);
  expect(server.sent('POST /api/notebooks/n1/sections-for-units')).toHaveLength(1);
});

test('goes on without a syllabus, and asks for the school year where nobody else keeps one', async () => {
  const { user, server } = await open({
    'GET /api/editions': [],
    'GET /api/school-years': { years: [], isKept: true },
    'PUT /api/school-years/*': {},
  });
  await user.click(await screen.findByRole('radio', { name: /None yet/ }));
  await user.click(press('Go on without one'));
  await user.type(await screen.findByLabelText('Title'), 'Music');
  await user.click(press('Make the notebook'));
  await waitFor(() => expect(server.sent('PUT /api/notebooks/*')).toHaveLength(1));
  expect(server.sent('PUT /api/school-years/*')).toHaveLength(1);
  expect(server.sent('PUT /api/notebooks/*')[0]).not.toHaveProperty('editionId');
  expect(server.sent('POST /api/notebooks/n1/sections-for-units')).toHaveLength(0);
});

test('says in the server’s words why there is no notebook, and keeps what was typed', async () => {
  const { user } = await open({ 'PUT /api/notebooks/*': refuse(422, 'A title has up to 120 characters.') });
  await user.click(await screen.findByRole('button', { name: 'Take this one' }));
  await user.click(await screen.findByRole('button', { name: 'Make the notebook' }));
  expect(await screen.findByText('A title has up to 120 characters.')).toBeTruthy();
  expect(field('Title').value).toBe('Waves');
});
