import { beforeEach, expect, type Mock, test, vi } from 'vitest';
import { api } from '../api';
import { Outbox } from './Outbox';

type Sent = { params?: { path: { id: string } }; body?: Record<string, unknown> };

const put = vi.spyOn(api, 'PUT') as unknown as Mock<(path: string, sent: Sent) => Promise<unknown>>;
const remove = vi.spyOn(api, 'DELETE') as unknown as Mock<(path: string) => Promise<unknown>>;
const MILLIS = 4_000;
const ENTRY = {
  id: 'e1',
  pageId: 'p1',
  zone: 'main',
  kind: 'TYPED',
  content: { type: 'doc' },
  caption: '',
  width: 'FULL',
} as const;
const NOTCH = { pageId: 'p1', method: 'PUT', path: '/api/entries/e1/notches/n1' } as const;

const done = async () => ({ data: { id: 'e1', version: 1, notches: [] }, response: new Response() });
const problem = (status: number, detail: string) => async () => ({
  error: { detail },
  response: new Response(null, { status }),
});

let outbox: Outbox;
let kept: string[];
let person = 0;

beforeEach(async () => {
  put.mockReset().mockImplementation(done);
  remove.mockReset().mockImplementation(done);
  kept = [];
  outbox = new Outbox(`actor-${person++}`, (page) => kept.push(page));
  await outbox.open();
});

test('sends an entry before what is done to it, and acts in their order', async () => {
  outbox.keep(ENTRY);
  await outbox.act(NOTCH);
  await outbox.act({ pageId: 'p1', method: 'DELETE', path: '/api/entries/e1' });
  await vi.waitFor(() => expect(outbox.snapshot().acts).toBe(0), MILLIS);
  expect(put.mock.calls.map(([path]) => path)).toEqual(['/api/entries/{id}', NOTCH.path]);
  expect(remove.mock.invocationCallOrder[0]).toBeGreaterThan(put.mock.invocationCallOrder[1] ?? 0);
  expect(kept.at(-1)).toBe('p1');
});

test('keeps an act while the network is down', async () => {
  put.mockRejectedValueOnce(new TypeError('no network'));
  await outbox.act(NOTCH);
  await vi.waitFor(() => expect(outbox.snapshot().isOffline).toBe(true), MILLIS);
  expect(outbox.snapshot().acts).toBe(1);
  await outbox.send();
  expect(outbox.snapshot()).toMatchObject({ isOffline: false, acts: 0 });
});

test('takes up the acts of an earlier visit', async () => {
  put.mockRejectedValue(new TypeError('no network'));
  await outbox.act(NOTCH);
  await vi.waitFor(() => expect(outbox.snapshot().isOffline).toBe(true), MILLIS);
  put.mockReset().mockImplementation(done);
  const again = new Outbox(`actor-${person - 1}`, () => {});
  await again.open();
  await vi.waitFor(() => expect(put.mock.calls.at(-1)?.[0]).toBe(NOTCH.path), MILLIS);
});

test.each([
  [409, 'It was handed in.', ['It was handed in.']],
  [404, 'Not here.', []],
])(
  'lets go of an act that the server refuses with %d, and says why where it matters',
  async (status, detail, said) => {
    put.mockImplementationOnce(problem(status, detail));
    await outbox.act(NOTCH);
    await vi.waitFor(() => expect(outbox.snapshot().acts).toBe(0), MILLIS);
    expect(outbox.snapshot().messages).toEqual(said);
  },
);

test.each([401, 503])('keeps an act when the answer was %d', async (status) => {
  put.mockImplementation(problem(status, 'Sign in again.'));
  await outbox.act(NOTCH);
  await vi.waitFor(() => expect(outbox.snapshot().isOffline).toBe(true), MILLIS);
  expect(outbox.snapshot().acts).toBe(1);
});
