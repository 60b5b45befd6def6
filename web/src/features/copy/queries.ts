import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import type { CopyWish } from './copyForms';

const LOOK_MILLIS = 500;

/** What is copied. */
export type Thing = { kind: Api['CopyBody']['kind']; of: string };

/** One's copies, looked at again while one of them is made. */
export const copiesQuery = queryOptions({
  queryKey: ['copies'],
  queryFn: () => unwrap(api.GET('/api/copies')),
  refetchInterval: ({ state }) =>
    state.data?.some((copy) => copy.state === 'WAITING') ? LOOK_MILLIS : false,
});

export const makeCopy = (id: string, thing: Thing, wish: CopyWish) =>
  unwrap(api.PUT('/api/copies/{id}', { params: { path: { id } }, body: { ...thing, ...wish } }));

export const deleteCopy = (id: string) =>
  unwrap(api.DELETE('/api/copies/{id}', { params: { path: { id } } }));

export const copyFile = (id: string) => `/api/copies/${id}/file`;
