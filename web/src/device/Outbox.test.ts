import { beforeEach, expect, type Mock, test, vi } from 'vitest';
import { type Api, api } from '../api';
import { LastKeys } from './LastKeys';
import { Outbox } from './Outbox';

type Sent = { params: { path: { id: string } }; body: Record<string, unknown> };

const send = vi.spyOn(api, 'PUT') as unknown as Mock<(path: string, sent: Sent) => Promise<unknown>>;
const WORK = {
  id: 'e1',
  pageId: 'p1',
  zone: 'main',
  kind: 'TYPED',
  content: { type: 'doc' },
  caption: '',
  width: 'FULL',
} as const;
const MILLIS = 4_000;

let outbox: Outbox;
let person = 0;

const kept = async (_: string, { params, body }: Sent) => ({
  data: { ...body, id: params.path.id, version: Number(body.baseVersion) + 1, notches: [] },
  response: new Response(),
});
const problem = (status: number, detail: string) => async () => ({
  error: { detail },
  response: new Response(null, { status }),
});
const sent = () => send.mock.calls.map(([, one]) => one);

beforeEach(async () => {
  send.mockReset().mockImplementation(kept);
  outbox = new Outbox(`person-${person++}`, () => {});
  await outbox.open();
});

test('sends what was typed once, and says that nothing waits', async () => {
  outbox.keep(WORK);
  outbox.keep({ ...WORK, caption: 'Echo' });
  expect(outbox.snapshot().waiting.size).toBe(1);
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
  expect(sent().map(({ body }) => [body.baseVersion, body.caption])).toEqual([[0, 'Echo']]);
});

test('makes the next change from the version that the server gave', async () => {
  outbox.keep(WORK);
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
  outbox.keep({ ...WORK, caption: 'more' });
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(2), MILLIS);
  expect(sent()[1]?.body.baseVersion).toBe(1);
});

test('keeps waiting while the network is down and sends when it is back', async () => {
  send.mockRejectedValueOnce(new TypeError('no network'));
  outbox.keep(WORK);
  await vi.waitFor(() => expect(outbox.snapshot().isOffline).toBe(true), MILLIS);
  expect(outbox.snapshot().waiting.size).toBe(1);
  await outbox.send();
  expect(outbox.snapshot()).toMatchObject({ isOffline: false, waiting: new Map() });
});

test('keeps both when another device changed the same words, and lets one be kept', async () => {
  send.mockImplementationOnce(problem(409, 'Both are kept.'));
  outbox.keep({ ...WORK, caption: 'mine' });
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(2), MILLIS);
  const [first, second] = sent();
  expect(first?.params.path.id).not.toBe(second?.params.path.id);
  expect(second?.body).toMatchObject({ baseVersion: 0, caption: 'mine' });
  const twice = outbox.snapshot().twice[0];
  expect(twice).toMatchObject({ other: 'e1', mine: second?.params.path.id, words: 'Both are kept.' });
  const act = vi.spyOn(outbox, 'act').mockResolvedValue();
  if (twice) await outbox.keepOne(twice, 'mine');
  expect(act.mock.calls[0]?.[0]).toMatchObject({ method: 'DELETE', path: '/api/entries/e1' });
  expect(outbox.snapshot().twice).toEqual([]);
});

const BASE = { pageId: 'p1', zone: 'main', content: 'An echo', caption: '', width: 'FULL' } as const;

test('sends what a change was made from when it met another one, and goes on from what is on the screen', async () => {
  send.mockImplementationOnce(problem(409, 'Both are kept.'));
  send.mockImplementationOnce(async (_, { params, body }) => {
    // Typed on while the merged one is on its way back: the screen does not show the other device's words yet.
    outbox.keep({ ...WORK, content: 'An echo is fast', base: { ...BASE, content: 'An echo is' } });
    return {
      data: { ...body, id: params.path.id, content: 'One echo is', version: 7, notches: [] },
      response: new Response(),
    };
  });
  outbox.keep({ ...WORK, content: 'An echo is', base: BASE });
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(3), MILLIS);
  expect(sent().map(({ body }) => [body.baseVersion, (body.base as typeof BASE)?.content])).toEqual([
    [0, undefined],
    [0, 'An echo'],
    [-1, undefined],
  ]);
  send.mockReset().mockImplementation(kept);
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
});

test('makes a change from the new version once the screen shows what was merged', async () => {
  send.mockImplementationOnce(problem(409, 'Both are kept.'));
  outbox.keep({ ...WORK, content: 'An echo is', base: BASE });
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
  outbox.keep({ ...WORK, content: 'more', base: { ...BASE, content: 'An echo is' } });
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(3), MILLIS);
  expect(sent()[2]?.body.baseVersion).toBe(1);
});

test('goes on from a later version that the screen has learned of since it was merged', async () => {
  send.mockImplementationOnce(problem(409, 'Both are kept.'));
  outbox.keep({ ...WORK, content: 'An echo is', base: BASE });
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
  const later = { id: 'e1', version: 9 } as Api['EntryView'];
  outbox.knows([later]);
  outbox.keep({ ...WORK, content: 'more', base: { ...BASE, content: 'of version 9' } });
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(3), MILLIS);
  expect(sent()[2]?.body.baseVersion).toBe(9);
});

test('says why when the server refuses, and lets the page be as before', async () => {
  send.mockImplementationOnce(problem(422, 'This is not a picture.'));
  outbox.keep(WORK);
  await vi.waitFor(() => expect(outbox.snapshot().messages).toEqual(['This is not a picture.']), MILLIS);
  expect(outbox.snapshot().waiting.size).toBe(0);
});

test('says who wrote, also when another tab sends what was left', async () => {
  outbox.keep(WORK);
  await vi.waitFor(() => expect(send).toHaveBeenCalledTimes(1), MILLIS);
  const writer = sent()[0]?.body.writer;
  send.mockRejectedValue(new TypeError('no network'));
  await outbox.keep({ ...WORK, caption: 'left behind' });
  send.mockReset().mockImplementation(kept);
  await new Outbox(`person-${person - 1}`, () => {}).open();
  await vi.waitFor(() => expect(send).toHaveBeenCalled(), MILLIS);
  expect(sent().at(-1)?.body).toMatchObject({ caption: 'left behind', writer });
  expect(writer).toMatch(/^tab-/);
});

test('takes up what an earlier visit left', async () => {
  send.mockRejectedValue(new TypeError('no network'));
  await outbox.keep({ ...WORK, caption: 'left behind' });
  send.mockReset().mockImplementation(kept);
  const again = new Outbox(`person-${person - 1}`, () => {});
  await again.open();
  await vi.waitFor(() => expect(send).toHaveBeenCalled(), MILLIS);
  expect(sent().at(-1)?.body).toMatchObject({ caption: 'left behind' });
});

test('has the last keys of a page that went before they were written', async () => {
  send.mockRejectedValue(new TypeError('no network'));
  await outbox.keep({ ...WORK, caption: 'Written o' });
  Reflect.get(outbox, 'store').changes.put = () => new Promise(() => {});
  outbox.keep({ ...WORK, caption: 'Written on the train.' });
  window.dispatchEvent(new Event('pagehide'));
  const again = new Outbox(`person-${person - 1}`, () => {});
  await again.open();
  await vi.waitFor(
    () => expect(again.snapshot().waiting.get('e1')?.caption).toBe('Written on the train.'),
    MILLIS,
  );
  expect(Object.keys(localStorage).filter((key) => key.includes('last-keys'))).toEqual([]);
});

test('leaves alone what another page leaves while the last keys are handed over', async () => {
  const keys = new LastKeys('p', 'tab-now');
  localStorage.setItem('notchbook.last-keys.p.tab-1', JSON.stringify([{ id: 'e1' }]));
  const taken: string[] = [];
  await keys.handOver(async ({ id }) => {
    taken.push(id);
    localStorage.setItem('notchbook.last-keys.p.tab-2', JSON.stringify([{ id: 'e2' }]));
  });
  expect(taken).toEqual(['e1']);
  await keys.handOver(async ({ id }) => taken.push(id));
  expect(taken).toEqual(['e1', 'e2']);
});
