import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import { App } from './App';
import { NO_NETWORK, refuse, Server, server } from './test/server';
import { NOTEBOOK, RULER, STUDENT, TEACHER } from './test/visit';

const open = (answers: Record<string, unknown>) => {
  const mine = new Server(answers);
  server.answer = (request) => mine.answer(request);
  vi.stubGlobal('matchMedia', () => ({ matches: false }));
  window.history.replaceState(null, '', '/');
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>,
  );
  return { user: userEvent.setup(), server: mine };
};
const signIn = async (user: ReturnType<typeof userEvent.setup>) => {
  await user.type(await screen.findByLabelText('Name'), 'marlo');
  await user.type(screen.getByLabelText('Password'), 'paper-edge-7');
  await user.click(screen.getByRole('button', { name: 'Sign in' }));
};

test('says that the server does not answer rather than showing nothing', async () => {
  open({ 'GET /api/me': NO_NETWORK });
  expect(await screen.findByText(/The school's server does not answer/)).toBeTruthy();
});

test('says in the server’s words why a sign-in failed and keeps the name', async () => {
  const { user } = open({
    'GET /api/me': {},
    'POST /api/sign-in': refuse(401, 'This name and password do not go together.'),
  });
  await signIn(user);
  expect(await screen.findByText('This name and password do not go together.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('marlo');
});

test.each([
  ['a student', STUDENT, [NOTEBOOK], 'Week 12'],
  ['a student who has nothing yet', STUDENT, [], 'New notebook'],
  ['a teacher', TEACHER, [], 'Set work'],
])('opens on the first screen of %s', async (_, person, notebooks, heading) => {
  const { user } = open({
    'GET /api/me': {},
    'POST /api/sign-in': { person },
    'GET /api/ruler': RULER,
    'GET /api/notebooks': notebooks,
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [], pages: [] },
    'GET /api/standings': [],
    'GET /api/school-years': { years: [], isKept: false },
    'GET /api/hand-ins': [],
    'GET /api/set-work': [],
    'GET /api/editions': [],
    'GET /api/weeks/2026-11-23': {
      monday: '2026-11-23',
      number: 12,
      days: [],
      next: [],
      tasks: [],
      intentions: [],
      unfiled: [],
    },
  });
  await signIn(user);
  expect(await screen.findByRole('heading', { level: 1, name: heading }, { timeout: 25_000 })).toBeTruthy();
});
