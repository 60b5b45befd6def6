import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

/** The links that one has given to readers outside, and whether one may. */
export const linksQuery = queryOptions({
  queryKey: ['reader-links'],
  queryFn: () => unwrap(api.GET('/api/reader-links')),
});

export const makeLink = (body: Api['ReaderLinkBody']) =>
  unwrap(api.PUT('/api/reader-links/{id}', { params: { path: { id: crypto.randomUUID() } }, body }));

export const takeLinkBack = (id: string) =>
  unwrap(api.DELETE('/api/reader-links/{id}', { params: { path: { id } } }));
