import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, visit } from '../../test/visit';

type Shot = Api['ShotView'];

const media = (id: string): Api['MediaView'] => ({
  id,
  kind: 'PHOTO',
  type: 'image/jpeg',
  name: `${id}.jpg`,
  bytes: 1000,
  width: 1200,
  height: 1600,
  peaks: [],
  silences: [],
  compact: false,
});

const shot = (id: string, more: Partial<Shot> = {}): Shot => ({
  id,
  photo: media(`IMG_${id}`),
  picture: media(`made-${id}`),
  state: 'READY',
  recipe: { corners: [0.1, 0.1, 0.9, 0.1, 0.9, 0.9, 0.1, 0.9], quarters: 0, finish: 'EVEN_LIGHT' },
  shape: 'A_SERIES',
  number: 1,
  isLeftOut: false,
  advice: [],
  wordsRead: 0,
  hasCaptureTime: true,
  name: '',
  gist: '',
  ...more,
});

const SHOTS = [
  shot('a', { wordsRead: 112 }),
  shot('b', { number: undefined, isLeftOut: true, againOf: 'a' }),
  shot('c', { number: 2, advice: ['Blurred. Hold still and take it again.'] }),
];

const scan = (shots: Shot[], more: Partial<Api['ScanView']> = {}): Api['ScanView'] => ({
  id: 'k1',
  pageId: 'p1',
  page: 'Ripple tank notes',
  name: '',
  reason: 'CAPTURE_TIME',
  shots,
  ...more,
});

const bench = (shots: Shot[], more: Record<string, unknown> = {}) =>
  visit('/n/n1/p/p1/scan/k1', {
    'GET /api/scans/k1': scan(shots),
    'PUT /api/scans/k1/shots/*/recipe': scan(shots),
    'PUT /api/scans/k1/order': scan(shots),
    ...more,
  });

const list = () => within(screen.getByLabelText('Photos in order'));

test('says what lies there, in which order and why, and what to see to', async () => {
  await bench(SHOTS);
  expect(screen.getByText('3 photos, 2 pages')).toBeTruthy();
  expect(screen.getByText('In the order in which they were taken. Drag to change.')).toBeTruthy();
  expect(list().getByText('same page as 1, left out')).toBeTruthy();
  expect(list().getByText('Blurred')).toBeTruthy();
  expect(screen.getByText('Straight, in the shape of A4')).toBeTruthy();
  expect(screen.getByText('Words read: 112, searchable')).toBeTruthy();
});

test('asks about a page that looks like another one and may say something else', async () => {
  const { user, server } = await bench(
    [shot('a', { name: 'Sheet 1' }), shot('b', { number: 2, maybeOf: 'a' })],
    {
      'PUT /api/scans/k1/shots/b/left-out': scan(SHOTS),
    },
  );
  await user.click(list().getByText('the same page as 1?'));
  expect(screen.getByText('This looks like page 1, “Sheet 1”. Is it the same page?')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Another page, keep both' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/scans/k1/shots/b/left-out')).toEqual([{ leftOut: false }]),
  );
});

test('turns, finishes and leaves out by keys', async () => {
  const { user, server } = await bench(SHOTS, { 'PUT /api/scans/k1/shots/a/left-out': scan(SHOTS) });
  await user.keyboard('t3x');
  await waitFor(() =>
    expect(server.sent('PUT /api/scans/k1/shots/a/recipe')).toMatchObject([
      { quarters: 1 },
      { finish: 'INK_ON_WHITE' },
    ]),
  );
  expect(server.sent('PUT /api/scans/k1/shots/a/left-out')).toEqual([{ leftOut: true }]);
});

test('moves a corner with the arrow keys and makes the page once they rest', async () => {
  const { user, server } = await bench(SHOTS);
  screen.getByLabelText(/^Top left corner/).focus();
  await user.keyboard('{ArrowRight}{ArrowRight}{Shift>}{ArrowDown}{/Shift}');
  await waitFor(() => expect(server.sent('PUT /api/scans/k1/shots/a/recipe')).toHaveLength(1));
  const [{ corners }] = server.sent('PUT /api/scans/k1/shots/a/recipe') as [Api['RecipeView']];
  expect(corners.slice(0, 2).map((share) => share.toFixed(3))).toEqual(['0.104', '0.120']);
});

test('turns from where the page is by then, however fast the key is pressed', async () => {
  let quarters = 0;
  const { user, server } = await bench(SHOTS, {
    'PUT /api/scans/k1/shots/*/recipe': (recipe: Api['RecipeView']) => {
      quarters = recipe.quarters;
      return scan([shot('a', { recipe })]);
    },
  });
  await user.keyboard('ttt');
  await waitFor(() => expect(server.sent('PUT /api/scans/k1/shots/a/recipe')).toHaveLength(3));
  await waitFor(() => expect(quarters).toBe(3));
});

test('moves a photo by a button, for fingers', async () => {
  const { user, server } = await bench(SHOTS);
  await user.click(screen.getByRole('button', { name: 'Move behind the photo below' }));
  await waitFor(() => expect(server.sent('PUT /api/scans/k1/order')).toEqual([{ shots: ['b', 'a', 'c'] }]));
});

test('puts the pages into another order by keys', async () => {
  const { server } = await bench(SHOTS);
  fireEvent.keyDown(list().getAllByRole('button')[0] as HTMLElement, { key: 'ArrowDown', altKey: true });
  await waitFor(() => expect(server.sent('PUT /api/scans/k1/order')).toEqual([{ shots: ['b', 'a', 'c'] }]));
});

test('puts the set into its page and goes there', async () => {
  const { user, router } = await bench(SHOTS, { 'POST /api/scans/k1/put': { entryId: 'e9' } });
  await user.click(screen.getByRole('button', { name: 'Put 2 pages into “Ripple tank notes”' }));
  await waitFor(() => expect(router.state.location.search).toBe('?entry=e9'));
});

test('waits with putting in until every page is made', async () => {
  await bench([shot('a'), shot('b', { state: 'WAITING', picture: undefined, recipe: undefined })]);
  expect(list().getByText('looking for the page …')).toBeTruthy();
  expect(screen.getByRole('button', { name: /^Put 2 pages/ })).toHaveProperty('disabled', true);
});

test('keeps the bench as it is and says why when the server refuses', async () => {
  const { user } = await bench(SHOTS, {
    'POST /api/scans/k1/put': refuse(409, 'Some photos are still being made pages.'),
  });
  await user.click(screen.getByRole('button', { name: /^Put 2 pages/ }));
  expect((await screen.findByRole('alert')).textContent).toBe('Some photos are still being made pages.');
});

test('shows a phone the way by a code', async () => {
  const { user } = await bench([], {
    'POST /api/scans/k1/phone-link': { secret: 'abc', until: '2026-11-25T10:10:00Z' },
  });
  await user.click(screen.getByRole('button', { name: 'From a phone' }));
  expect(await screen.findByText(/\/phone\/abc$/)).toBeTruthy();
  expect(screen.getByTitle('Code with the link for the phone')).toBeTruthy();
});
