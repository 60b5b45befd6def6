import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import * as server from '../api';
import { Recordings } from './Recordings';
import { DeviceStore, type WaitingFile } from './store';

vi.mock('../api', async (original) => ({ ...(await original<typeof server>()) }));

const added: Blob[] = [];
const add = vi.fn((part: Blob) => void added.push(part));
const giveUp = vi.fn();
let begun: (upload: string) => void;
let end: () => Promise<void>;
let store: DeviceStore;
let recordings: Recordings;
let kept: Omit<WaitingFile, 'id'> | undefined;
let person = 0;

const TAKE = { recording: 'r', pageId: 'p', zone: 'main', content: { moments: [] } };
const second = (letters: string) => recordings.keepSlice({ recording: 'r', blob: new Blob([letters]) });

beforeEach(() => {
  added.length = 0;
  kept = undefined;
  end = async () => {};
  giveUp.mockReset();
  vi.spyOn(server, 'sendAsItGrows').mockImplementation((onBegun) => {
    begun = onBegun;
    return { add, end: () => end(), giveUp };
  });
  store = new DeviceStore(`growing-${person++}`);
  recordings = new Recordings(store, async (_, file) => {
    kept = file;
    return true;
  });
});
afterEach(() => vi.useRealTimers());

test('sends each second once it is on the device', async () => {
  const put = vi.spyOn(store.slices, 'add');
  await second('one');
  await second('two');
  expect(await Promise.all(added.map((part) => part.text()))).toEqual(['one', 'two']);
  expect(put.mock.invocationCallOrder[0]).toBeLessThan(add.mock.invocationCallOrder[0] ?? 0);
});

test('goes on with the whole from what the server has of it', async () => {
  await recordings.keepTake(TAKE);
  await second('one');
  begun('/api/uploads/7');
  await recordings.keepTake(TAKE);
  await second('two');
  await recordings.finish('r');
  expect(kept).toMatchObject({ name: 'recording.webm', isCutOff: false, upload: '/api/uploads/7' });
  expect([await store.slices.count(), await store.takes.count()]).toEqual([0, 0]);
});

test('knows after a crash where the server keeps the beginning', async () => {
  await second('one');
  begun('/api/uploads/7');
  await recordings.keepTake({ ...TAKE, kind: 'CLIP' });
  const later = new Recordings(store, async (_, file) => {
    kept = file;
    return true;
  });
  expect([...(await later.left())]).toEqual(['r']);
  await later.finish('r', true);
  expect(kept).toMatchObject({ name: 'clip.webm', isCutOff: true, upload: '/api/uploads/7' });
});

test('does not wait for a network that is gone', async () => {
  await recordings.keepTake(TAKE);
  await second('one');
  end = () => new Promise((resolve) => giveUp.mockImplementation(resolve));
  vi.useFakeTimers({ toFake: ['setTimeout'] });
  const finished = recordings.finish('r');
  await vi.advanceTimersByTimeAsync(8_000);
  vi.useRealTimers();
  await finished;
  expect(kept).toMatchObject({ name: 'recording.webm' });
});

test('leaves the seconds where they are when there is no room for the whole', async () => {
  const full = new Recordings(store, async () => false);
  await full.keepTake(TAKE);
  await full.keepSlice({ recording: 'r', blob: new Blob(['one']) });
  await full.finish('r');
  expect([await store.slices.count(), await store.takes.count()]).toEqual([1, 1]);
});
