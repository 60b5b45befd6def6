/** Where the service worker (`public/shared-files.js`) lays files that were shared with the installed application. */
export const SHELF = 'shared';

/** A file that was shared, and the place where it lies until it is kept. */
export type SharedFile = { place: string; file: File };

export async function sharedFiles(): Promise<SharedFile[]> {
  const shelf = await globalThis.caches?.open(SHELF);
  const requests = (await shelf?.keys()) ?? [];
  return Promise.all(
    requests.map(async (request) => {
      const answer = (await shelf?.match(request)) ?? new Response();
      const name = decodeURIComponent(answer.headers.get('X-Name') ?? 'file');
      const type = answer.headers.get('Content-Type') ?? '';
      return { place: request.url, file: new File([await answer.arrayBuffer()], name, { type }) };
    }),
  );
}

/** Lets go of files that were kept, or are not wanted. */
export async function forgetShared(files: readonly SharedFile[]): Promise<void> {
  const shelf = await globalThis.caches?.open(SHELF);
  await Promise.all(files.map(({ place }) => shelf?.delete(place)));
}
