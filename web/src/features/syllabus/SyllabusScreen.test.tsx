import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const node = (id: string, code: string, parent: string | undefined, kind: Api['NodeView']['kind']) => ({
  id,
  code,
  parent,
  kind,
  title: `About ${code}`,
  tier: 'CORE',
  firstYear: 0,
  lastYear: 9999,
  years: '',
  note: '',
  origin: 'EDITION',
});
const EDITION = {
  id: 'ed1',
  code: 'NB-412',
  title: 'Waves',
  version: 3,
  isKept: true,
  nodes: [node('u', '2', undefined, 'UNIT'), node('t', '2.3', 'u', 'TOPIC'), node('p', '2.3a', 't', 'POINT')],
};
const open = (edition: object, more: Record<string, unknown> = {}) =>
  visit('/syllabi/ed1', { 'GET /api/editions/ed1': { ...EDITION, ...edition }, ...more });
const lines = () => screen.getByRole('list', { name: 'Lines of the syllabus' });

test('only shows an edition that others keep', async () => {
  await open({ isKept: false });
  expect(within(lines()).queryByRole('button')).toBeNull();
  expect(within(lines()).getByText('About 2.3a')).toBeTruthy();
});

test('keeps changes of several lines at once, made from the version that was read', async () => {
  const { user, server } = await open({}, { 'PUT /api/editions/ed1': {} });
  await user.click(within(lines()).getByRole('button', { name: /^2\.3aAbout/ }));
  await user.clear(screen.getByLabelText('Statement'));
  await user.type(screen.getByLabelText('Statement'), 'Echo of a wall');
  await user.click(screen.getByRole('button', { name: 'Add a point after it' }));
  await user.type(within(lines()).getByLabelText('Code'), '2.3b');
  await user.type(screen.getByLabelText('Statement'), 'Time');
  await user.click(screen.getByRole('button', { name: 'Keep the changes' }));
  await waitFor(() => expect(server.sent('PUT /api/editions/ed1')).toHaveLength(1));
  const body = server.sent('PUT /api/editions/ed1')[0] as Api['EditionBody'];
  expect(body.baseVersion).toBe(3);
  expect(body.rows.map((row) => [row.id, row.code, row.parent, row.text])).toEqual([
    ['u', '2', '', 'About 2'],
    ['t', '2.3', '2', 'About 2.3'],
    ['p', '2.3a', '2.3', 'Echo of a wall'],
    [undefined, '2.3b', '2.3', 'Time'],
  ]);
});

test('drops changes that were not kept', async () => {
  const { user } = await open({});
  await user.click(within(lines()).getByRole('button', { name: /^2\.3About/ }));
  await user.click(screen.getByRole('button', { name: 'Take it out' }));
  expect(screen.queryByText('About 2.3a')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Drop the changes' }));
  expect(screen.getByText('About 2.3a')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Keep the changes' })).toBeNull();
});
