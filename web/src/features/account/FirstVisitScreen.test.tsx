import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import { Server, server } from '../../test/server';
import { refuse } from '../../test/visit';
import { FirstVisitScreen } from './FirstVisitScreen';

const open = (more: Record<string, unknown> = {}) => {
  const mine = new Server({
    'POST /api/password-strength': { isFit: true, words: 'Good.' },
    'POST /api/first-visit': {},
    ...more,
  });
  server.answer = (request) => mine.answer(request);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <FirstVisitScreen />
    </QueryClientProvider>,
  );
  return { user: userEvent.setup(), mine };
};

const fill = async (user: ReturnType<typeof userEvent.setup>) => {
  await user.type(screen.getByLabelText('Code'), 'ABCDE-23456');
  await user.type(screen.getByLabelText('Your name'), 'Ida Fell');
  await user.type(screen.getByLabelText('Password'), 'kettle-moss-violin-9');
};

test('makes the first account, with a name to sign in with made of the full one', async () => {
  const { user, mine } = open();
  await fill(user);
  await user.click(screen.getByRole('radio', { name: /For a school/ }));
  await user.click(screen.getByRole('button', { name: 'Make the account' }));
  await waitFor(() =>
    expect(mine.sent('POST /api/first-visit')).toEqual([
      {
        code: 'ABCDE-23456',
        fullName: 'Ida Fell',
        userName: 'ida',
        password: 'kettle-moss-violin-9',
        role: 'KEEPER',
      },
    ]),
  );
});

test('says in the server’s words what is wrong', async () => {
  const { user } = open({ 'POST /api/first-visit': refuse(422, 'This is not the code.') });
  await fill(user);
  await user.click(screen.getByRole('button', { name: 'Make the account' }));
  expect(await screen.findByText('This is not the code.')).toBeTruthy();
});
