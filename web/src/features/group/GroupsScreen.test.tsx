import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, STUDENT, TEACHER, visit } from '../../test/visit';

const STUDENTS = [
  { id: 'marlo', name: 'Marlo Quist' },
  { id: 'rue', name: 'Rue Vanterpool' },
  { id: 'hal', name: 'Hal Marsh' },
];
const OWLS: Api['GroupView'] = { id: 'g1', name: 'Owls', members: ['marlo', 'rue'], mayChange: true };
const ALL: Api['GroupsView'] = {
  className: '10B Physics',
  studentsMayMake: false,
  mayMake: true,
  groups: [OWLS],
  students: STUDENTS,
};

const open = (groups: Partial<Api['GroupsView']> = {}, person = TEACHER, more = {}) =>
  visit(
    '/classes/c1/groups',
    {
      'GET /api/classes/c1/groups': { ...ALL, ...groups },
      'PUT /api/classes/c1/groups/*': {},
      'DELETE /api/classes/c1/groups/g1': {},
      'PUT /api/classes/c1/group-rule': {},
      'POST /api/classes/c1/group-split': [OWLS],
      ...more,
    },
    person,
  );

test('says who is in which group, and who in none', async () => {
  await open();
  expect(await screen.findByText('Marlo Quist, Rue Vanterpool')).toBeTruthy();
  expect(screen.getByText('In no group: Hal Marsh')).toBeTruthy();
});

test('makes a group of those who are ticked', async () => {
  const { user, server } = await open();
  await user.type(await screen.findByLabelText('Name of the group'), 'Herons');
  await user.click(screen.getByLabelText('Hal Marsh'));
  await user.click(screen.getByRole('button', { name: 'Make the group' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/groups/*')).toEqual([{ name: 'Herons', members: ['hal'] }]),
  );
});

test('keeps the form as it was when a name is taken', async () => {
  const { user } = await open({}, TEACHER, {
    'PUT /api/classes/c1/groups/*': refuse(422, 'Another group is called “Owls”.'),
  });
  await user.type(await screen.findByLabelText('Name of the group'), 'Owls');
  await user.click(screen.getByLabelText('Hal Marsh'));
  await user.click(screen.getByRole('button', { name: 'Make the group' }));
  expect(await screen.findByText('Another group is called “Owls”.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Name of the group').value).toBe('Owls');
});

test('ends a group, and takes that back', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'End Owls' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/groups/g1')).toEqual([
      { name: 'Owls', members: ['marlo', 'rue'] },
    ]),
  );
  expect(server.sent('DELETE /api/classes/c1/groups/g1')).toHaveLength(1);
});

test('splits those who are in no group by lot', async () => {
  const { user, server } = await open({ groups: [] });
  const size = await screen.findByLabelText('About how many in a group');
  await user.clear(size);
  await user.type(size, '2');
  await user.click(screen.getByRole('button', { name: 'Split them' }));
  await waitFor(() => expect(server.sent('POST /api/classes/c1/group-split')).toEqual([{ size: 2 }]));
});

test('lets a student make groups with themself in them, where the teacher allows it', async () => {
  const { user, server } = await open({ groups: [] }, STUDENT);
  expect(await screen.findByText('No groups yet. Make one with others of your class.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Marlo Quist').disabled).toBe(true);
  await user.type(screen.getByLabelText('Name of the group'), 'Owls');
  await user.click(screen.getByLabelText('Rue Vanterpool'));
  await user.click(screen.getByRole('button', { name: 'Make the group' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/groups/*')).toEqual([
      { name: 'Owls', members: ['marlo', 'rue'] },
    ]),
  );
  expect(screen.queryByText('By lot')).toBeNull();
});

test('shows a student the groups of their teacher without a way to change them', async () => {
  await open({ mayMake: false, groups: [{ ...OWLS, mayChange: false }] }, STUDENT);
  expect(await screen.findByText('· you are in it')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'End Owls' })).toBeNull();
  expect(screen.queryByText('New group')).toBeNull();
});
