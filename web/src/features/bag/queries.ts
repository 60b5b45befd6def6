import { queryOptions } from '@tanstack/react-query';
import { type Api, api, sendBag, unwrap } from '../../api';

const LOOK_MILLIS = 700;

/** One's bags, looked at again while one of them is worked on. */
export const bagsQuery = queryOptions({
  queryKey: ['bags'],
  queryFn: () => unwrap(api.GET('/api/bags')),
  refetchInterval: ({ state }) => (state.data && isAtWork(state.data) ? LOOK_MILLIS : false),
});

const AT_WORK = ['WAITING', 'LOOKING', 'TAKING'];

const isAtWork = ({ made, brought }: Api['BagsView']) =>
  [...made, ...brought].some(({ state }) => AT_WORK.includes(state));

export const makeBag = (notebookId: string | undefined) =>
  unwrap(
    api.PUT('/api/bags/{id}', {
      params: { path: { id: crypto.randomUUID() } },
      body: { notebookId },
    }),
  );

export const deleteBag = (id: string) => unwrap(api.DELETE('/api/bags/{id}', { params: { path: { id } } }));

export const takeBagIn = (id: string) =>
  unwrap(api.POST('/api/brought-bags/{id}/taking', { params: { path: { id } } }));

/** Sends a bag in parts, and has it looked through. */
export async function bringBag(file: File, onProgress: (share: number) => void) {
  const id = crypto.randomUUID();
  const upload = await sendBag(file, onProgress);
  return unwrap(
    api.PUT('/api/brought-bags/{id}', { params: { path: { id } }, body: { upload, name: file.name } }),
  );
}
