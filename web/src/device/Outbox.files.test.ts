import { beforeEach, expect, type Mock, test, vi } from 'vitest';
import * as server from '../api';
import { Outbox } from './Outbox';

type Sent = { params: { path: { id: string } }; body: Record<string, unknown> };

const put = vi.spyOn(server.api, 'PUT') as unknown as Mock<(path: string, sent: Sent) => Promise<unknown>>;
const act = vi.spyOn(server, 'sendAct');
const sendFile = vi.spyOn(server, 'sendFile');
vi.mock('../api', async (original) => ({ ...(await original<typeof server>()) }));

const WORK = { pageId: 'p1', zone: 'main', caption: '', width: 'FULL' } as const;
const TYPED = { ...WORK, id: 'typed', kind: 'TYPED', content: { type: 'doc' } } as const;
const FILE = { ...WORK, id: 'file', kind: 'FILE', content: { name: 'tides.raw' } } as const;
const MILLIS = 4_000;

let outbox: Outbox;
let person = 0;
let arrive: () => void;

const sentIds = () => put.mock.calls.map(([, { params }]) => params.path.id);
const attach = () => outbox.keepWithFile(FILE, { name: 'tides.raw', blob: new Blob(['x']) });

beforeEach(async () => {
  put.mockReset().mockImplementation(async (_, { params, body }) => ({
    data: { ...body, id: params.path.id, version: 1, notches: [] },
    response: new Response(),
  }));
  act.mockReset().mockResolvedValue(undefined);
  sendFile.mockReset().mockImplementation((_, onProgress) => {
    onProgress?.(0.4);
    return new Promise((resolve) => {
      arrive = () => resolve({} as Awaited<ReturnType<typeof server.sendFile>>);
    });
  });
  outbox = new Outbox(`carrier-${person++}`, () => {});
  await outbox.open();
});

test('sends what is typed while a large file is on its way, and says how far that is', async () => {
  await attach();
  await vi.waitFor(
    () => expect(outbox.snapshot().sending).toEqual({ name: 'tides.raw', share: 0.4 }),
    MILLIS,
  );
  outbox.keep(TYPED);
  await vi.waitFor(() => expect(sentIds()).toEqual(['typed']), MILLIS);
  expect([...outbox.snapshot().waiting.keys()]).toEqual(['file']);
  arrive();
  await vi.waitFor(() => expect(sentIds()).toEqual(['typed', 'file']), MILLIS);
  expect(outbox.snapshot()).toMatchObject({ waiting: new Map(), sending: undefined });
});

test('sends what became ready while something else was on its way', async () => {
  let answer = () => {};
  put.mockImplementationOnce(async (_, { params, body }) => {
    await new Promise<void>((resolve) => {
      answer = resolve;
    });
    return { data: { ...body, id: params.path.id, version: 1, notches: [] }, response: new Response() };
  });
  await attach();
  await vi.waitFor(() => expect(sendFile).toHaveBeenCalled(), MILLIS);
  outbox.keep(TYPED);
  await vi.waitFor(() => expect(sentIds()).toEqual(['typed']), MILLIS);
  arrive();
  await vi.waitFor(async () =>
    expect(await outbox.file(sendFile.mock.calls[0]?.[0].id ?? '')).toBeUndefined(),
  );
  await new Promise((resolve) => setTimeout(resolve, 50));
  answer();
  await vi.waitFor(() => expect(sentIds()).toEqual(['typed', 'file']), MILLIS);
});

test('carries a file that came while another was on its way', async () => {
  await attach();
  await vi.waitFor(() => expect(sendFile).toHaveBeenCalledTimes(1), MILLIS);
  await outbox.keepWithFile({ ...FILE, id: 'second' }, { name: 'waves.raw', blob: new Blob(['y']) });
  await new Promise((resolve) => setTimeout(resolve, 50));
  arrive();
  await vi.waitFor(() => expect(sendFile).toHaveBeenCalledTimes(2), MILLIS);
});

test('does nothing to an entry before it is there', async () => {
  await attach();
  await outbox.act({ pageId: 'p1', method: 'PUT', path: '/api/entries/file/notches/a' });
  await vi.waitFor(() => expect(sendFile).toHaveBeenCalled(), MILLIS);
  expect(act).not.toHaveBeenCalled();
  arrive();
  await vi.waitFor(() => expect(act).toHaveBeenCalledTimes(1), MILLIS);
  expect(sentIds()).toEqual(['file']);
});

test('keeps a file on the device until the network is back', async () => {
  sendFile.mockRejectedValueOnce(new TypeError('no network'));
  await attach();
  await vi.waitFor(() => expect(outbox.snapshot().isOffline).toBe(true), MILLIS);
  expect(await outbox.file(outbox.snapshot().waiting.get('file')?.mediaId ?? '')).toBeTruthy();
  await vi.waitFor(() => expect(sendFile).toHaveBeenCalledTimes(2), MILLIS);
  arrive();
  await vi.waitFor(
    () => expect(outbox.snapshot()).toMatchObject({ isOffline: false, waiting: new Map() }),
    MILLIS,
  );
});

test('says why the server will not have a file, and lets the page be as before', async () => {
  sendFile.mockRejectedValueOnce(new server.Problem(422, 'This is not a picture.', {}));
  await attach();
  await vi.waitFor(() => expect(outbox.snapshot().messages).toEqual(['This is not a picture.']), MILLIS);
  expect(outbox.snapshot().waiting.size).toBe(0);
});

test('asks what becomes of a recording that breaks off, and keeps what is there', async () => {
  const refused = new server.Problem(422, '0:02 of it can be heard.', { canKeepPart: true });
  sendFile
    .mockReset()
    .mockRejectedValueOnce(refused)
    .mockResolvedValue({} as never);
  await attach();
  await vi.waitFor(
    () => expect([...outbox.snapshot().brokenOff.values()]).toEqual([refused.message]),
    MILLIS,
  );
  expect(outbox.snapshot().waiting.has(FILE.id)).toBe(true);
  await outbox.keepPart(FILE.id, true);
  await vi.waitFor(() => expect(outbox.snapshot().waiting.size).toBe(0), MILLIS);
  expect(sendFile.mock.calls.map(([file]) => !!file.isCutOff)).toEqual([false, true]);
});
