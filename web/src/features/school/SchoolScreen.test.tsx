import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const KEEPER: Api['PersonView'] = { id: 'k', fullName: 'Ms Harlow', role: 'KEEPER', classes: [] };
const SCHOOL = {
  people: [
    { id: 'k', userName: 'harlow', fullName: 'Ms Harlow', role: 'KEEPER' },
    { id: 't', userName: 'tolland', fullName: 'Ms Tolland', role: 'TEACHER' },
    { id: 's', userName: 'ada', fullName: 'Ada Nu', role: 'STUDENT' },
  ],
  classes: [{ id: 'c1', name: '10B', members: ['t', 's'] }],
};
const open = (more: Record<string, unknown> = {}) =>
  visit(
    '/',
    {
      'GET /api/school': SCHOOL,
      'GET /api/school/reader-links': { rule: 'FREE' },
      'POST /api/school/people': [{ userName: 'bo', password: 'tavo-meri-suna-47' }],
      'POST /api/school/people/s/password': { userName: 'ada', password: 'kelo-mira-duna-12' },
      'PUT /api/school/classes/*': {},
      ...more,
    },
    KEEPER,
  );

test('adds people by their names and shows their passwords this once', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('radio', { name: 'Students' }));
  await user.type(screen.getByLabelText('Names, one on each line'), 'Bo Tern');
  await user.click(screen.getByRole('button', { name: 'Add' }));
  expect(await screen.findByText('tavo-meri-suna-47')).toBeTruthy();
  expect(server.sent('POST /api/school/people')).toEqual([{ role: 'STUDENT', names: ['Bo Tern'] }]);
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByText('tavo-meri-suna-47')).toBeNull();
});

test('gives one person a new password', async () => {
  const { user } = await open();
  const ada = (await screen.findByText('Ada Nu')).closest('li') as HTMLElement;
  expect(within(ada).getByText('ada · student · 10B')).toBeTruthy();
  await user.click(within(ada).getByRole('button', { name: 'New password' }));
  expect(await screen.findByText('kelo-mira-duna-12')).toBeTruthy();
});

test('changes who is in a class, and never offers a keeper', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Change 10B' }));
  expect(screen.queryByRole('checkbox', { name: /Harlow/ })).toBeNull();
  await user.click(screen.getByRole('checkbox', { name: 'Ada Nu' }));
  await user.click(screen.getByRole('button', { name: 'Keep the class' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/school/classes/*')).toEqual([{ name: '10B', members: ['t'] }]),
  );
});

test('decides who gives links to readers outside', async () => {
  let rule = 'FREE';
  const { user, server } = await open({
    'GET /api/school/reader-links': () => ({ rule }),
    'PUT /api/school/reader-links': (body: { rule: string }) => {
      rule = body.rule;
      return body;
    },
  });
  await user.click(await screen.findByRole('radio', { name: 'A teacher says yes first' }));
  await waitFor(() => expect(server.sent('PUT /api/school/reader-links')).toEqual([{ rule: 'CONSENT' }]));
  expect(screen.getByRole<HTMLInputElement>('radio', { name: 'A teacher says yes first' }).checked).toBe(
    true,
  );
});
