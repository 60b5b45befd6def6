import { beforeEach, expect, test, vi } from 'vitest';
import { forgetShared, sharedFiles } from './shared';

let shelf: Map<string, Response>;

beforeEach(() => {
  shelf = new Map();
  vi.stubGlobal('caches', {
    open: async () => ({
      keys: async () => [...shelf.keys()].map((url) => ({ url })),
      match: async ({ url }: { url: string }) => shelf.get(url)?.clone(),
      delete: async (place: string) => shelf.delete(place),
    }),
  });
});

test('finds files that were shared under their own names, and lets go of those that were kept', async () => {
  const headers = { 'Content-Type': 'text/plain', 'X-Name': encodeURIComponent('Küste – 1.txt') };
  shelf.set('/shared/1', new Response('Who pays?', { headers }));
  shelf.set('/shared/2', new Response('x'));
  const [first, second] = await sharedFiles();
  expect(first?.file.name).toBe('Küste – 1.txt');
  expect(first?.file).toMatchObject({ size: 9, type: 'text/plain' });
  expect(second?.file.name).toBe('file');
  await forgetShared(first ? [first] : []);
  expect([...shelf.keys()]).toEqual(['/shared/2']);
});

test('finds none in a browser without caches', async () => {
  vi.stubGlobal('caches', undefined);
  expect(await sharedFiles()).toEqual([]);
});
