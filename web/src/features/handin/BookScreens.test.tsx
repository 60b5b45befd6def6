import { screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Api } from '../../api';
import {
  ASKED_BY_TOLLAND,
  FREE,
  NOTEBOOK,
  registerLine,
  SEALED,
  section,
  TEACHER,
  typed,
  version,
  visit,
} from '../../test/visit';

const room = (isForTwo: boolean) => vi.stubGlobal('matchMedia', () => ({ matches: isForTwo }));
beforeEach(() => room(false));
afterEach(() => vi.unstubAllGlobals());

const page = (id: string, title: string): Api['SealedPageView'] => ({
  id,
  title,
  day: '2026-11-10',
  pattern: FREE,
  entries: [typed(`e-${id}`, `On ${title}.`)],
});
const PAGES = [page('p1', 'First try'), page('p2', 'Timing an echo')];
const line = (student: string, name: string, id: string) =>
  registerLine(student, name, { latest: version(id) });

const sectionBook = () =>
  visit('/n/n1/s/s1/read', {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [section('Echoes', { id: 's1' })], pages: [] },
    'GET /api/readiness/preview': { pages: PAGES, reflections: [] },
  });
/** The leaf with these words, once it lies open. */
const isOpen = (words: string) =>
  waitFor(() => {
    const leaf = screen.getByText(words).closest<HTMLElement>('[role=group]') as HTMLElement;
    expect(leaf.inert || leaf.hasAttribute('inert')).toBe(false);
    expect(leaf.style.zIndex).toBe('1');
    return leaf;
  });

test('reads a section leaf by leaf, with the points at the edge', async () => {
  const { user } = await sectionBook();
  expect(screen.getByText('1 of 3')).toBeTruthy();
  await user.keyboard('{ArrowRight}');
  const leaf = await isOpen('On First try.');
  expect(within(leaf).getByRole('list', { name: 'Points' }).textContent).toBe('2.3a');
  await user.keyboard('{PageDown}');
  await isOpen('On Timing an echo.');
  await user.keyboard('{ArrowRight}{ArrowLeft}');
  await isOpen('On First try.');
  await user.keyboard('{End}');
  expect(screen.getByText('3 of 3')).toBeTruthy();
});

test('turns by a finger that goes to the side, not by one that scrolls', async () => {
  const { user } = await sectionBook();
  const leaf = screen.getByText('Marlo Quist', { selector: 'p' });
  const swipe = (x: number, y: number) =>
    user.pointer([
      { keys: '[TouchA>]', target: leaf, coords: { clientX: 300, clientY: 300 } },
      { keys: '[/TouchA]', target: leaf, coords: { clientX: x, clientY: y } },
    ]);
  await swipe(290, 100);
  expect(screen.getByText('1 of 3')).toBeTruthy();
  await swipe(180, 310);
  await isOpen('On First try.');
});

test('lays two leaves open where there is room for them', async () => {
  room(true);
  const { user } = await sectionBook();
  expect(screen.getByText('1 and 2 of 3')).toBeTruthy();
  await user.keyboard(' ');
  expect(screen.getByText('3 of 3')).toBeTruthy();
});

test('goes back to the section when it is closed', async () => {
  const { user, router } = await sectionBook();
  await user.keyboard('{Escape}');
  expect(router.state.location.pathname).toBe('/n/n1/s/s1');
});

test('opens a piece of a book by itself, and goes back to its page', async () => {
  const proud = page('p1', 'Proud');
  const why = typed('why', 'I halved it.');
  const echo = typed('e1', 'An echo.', { isPiece: true });
  const { user } = await visit('/books/b1/read', {
    'GET /api/books/b1': { title: 'My year', forWhom: 'my family' },
    'GET /api/readiness/preview': { pages: [{ ...proud, entries: [echo, why] }], reflections: [] },
  });
  expect(screen.getByText('For my family')).toBeTruthy();
  await user.keyboard('{ArrowRight}');
  await user.click(await screen.findByRole('link', { name: 'Open it by itself' }));
  expect(screen.getByRole('region', { name: 'The piece by itself' })).toBeTruthy();
  expect(screen.getByText('I halved it.').closest('[inert]')).toBeTruthy();
  await user.keyboard('{ArrowLeft}{Escape}');
  await isOpen('I halved it.');
  expect(screen.getByText('2 of 2')).toBeTruthy();
});

test('goes on from student to student, and tells each that their work is read', async () => {
  const book = (id: string, student: string) => ({
    ...SEALED,
    id,
    student,
    pages: [page('p1', `Of ${student}`)],
  });
  const { user, router, server } = await visit(
    '/set-work/w1/h-adewale/read',
    {
      'GET /api/set-work/w1/register': {
        to: ASKED_BY_TOLLAND,
        students: [line('a', 'Ana Zell', 'h-zell'), line('b', 'Zed Adewale', 'h-adewale')],
      },
      'GET /api/hand-ins/h-adewale': book('h-adewale', 'Zed Adewale'),
      'GET /api/hand-ins/h-zell': book('h-zell', 'Ana Zell'),
      'POST /api/hand-ins/*/open': {},
    },
    TEACHER,
  );
  await user.keyboard('{ArrowRight}{ArrowRight}');
  await waitFor(() => expect(router.state.location.pathname).toBe('/set-work/w1/h-zell/read'));
  expect(await screen.findByText('Ana Zell', { selector: 'p' })).toBeTruthy();
  await waitFor(() => expect(server.sent('POST /api/hand-ins/h-zell/open')).toHaveLength(1));
  expect(server.sent('POST /api/hand-ins/h-adewale/open')).toHaveLength(1);
});
