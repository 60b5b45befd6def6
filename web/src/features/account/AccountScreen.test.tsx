import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { refuse, visit } from '../../test/visit';
import { userNameOf } from './userName';

const ACCOUNT = {
  userName: 'marlo',
  fullName: 'Marlo Quist',
  role: 'STUDENT',
  devices: [
    {
      id: 'd1',
      name: 'Firefox on Linux',
      signedInAt: '2026-11-20T08:00:00Z',
      seenAt: '2026-11-25T08:00:00Z',
      isThisOne: true,
    },
    {
      id: 'd2',
      name: 'Safari on an iPad',
      signedInAt: '2026-11-02T08:00:00Z',
      seenAt: '2026-11-23T08:00:00Z',
      isThisOne: false,
    },
  ],
};
const open = (more: Record<string, unknown> = {}) =>
  visit('/account', {
    'GET /api/account': ACCOUNT,
    'POST /api/password-strength': { isFit: false, words: 'Easy to guess.' },
    'PUT /api/account/password': {},
    'DELETE /api/account/devices/d2': {},
    ...more,
  });

test('says how hard the new password is to guess, and changes it', async () => {
  const { user, server } = await open();
  await user.type(screen.getByLabelText('The one that you have now'), 'paper-edge-7');
  await user.type(screen.getByLabelText('The new one'), 'echo');
  expect(await screen.findByText('Easy to guess.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Change it' }));
  expect(await screen.findByText(/The password is changed/)).toBeTruthy();
  expect(server.sent('PUT /api/account/password')).toEqual([{ old: 'paper-edge-7', password: 'echo' }]);
});

test('keeps what was typed when the old one is wrong', async () => {
  const { user } = await open({ 'PUT /api/account/password': refuse(422, 'It is another one.') });
  await user.type(screen.getByLabelText('The one that you have now'), 'x');
  await user.type(screen.getByLabelText('The new one'), 'kettle');
  await user.click(screen.getByRole('button', { name: 'Change it' }));
  expect(await screen.findByText('It is another one.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('The new one').value).toBe('kettle');
});

test('signs out another device, and not this one', async () => {
  const { user, server } = await open();
  expect(screen.getAllByRole('button', { name: /^Sign out / })).toHaveLength(2);
  await user.click(screen.getByRole('button', { name: 'Sign out Safari on an iPad' }));
  await waitFor(() => expect(server.sent('DELETE /api/account/devices/d2')).toHaveLength(1));
});

test.each([
  ['Zoë Quillan', 'zoe'],
  ['  Ida', 'ida'],
  ['Ms Harlow', 'harlow'],
  ['Ó Briain, Niamh', 'o'],
  ['', ''],
])('makes of “%s” the name “%s” to sign in with', (fullName, userName) =>
  expect(userNameOf(fullName)).toBe(userName),
);
