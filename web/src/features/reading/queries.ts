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

/** Links of a teacher's students that wait for a yes. */
export const askedLinksQuery = queryOptions({
  queryKey: ['asked-links'],
  queryFn: () => unwrap(api.GET('/api/asked-links')),
});

export const decideLink = ({ id, isYes }: { id: string; isYes: boolean }) =>
  unwrap(
    isYes
      ? api.POST('/api/asked-links/{id}/yes', { params: { path: { id } } })
      : api.POST('/api/asked-links/{id}/no', { params: { path: { id } } }),
  );

/** Who decides in this school about links, as its keeper said. */
export const linkRuleQuery = queryOptions({
  queryKey: ['link-rule'],
  queryFn: () => unwrap(api.GET('/api/school/reader-links')),
});

export const keepLinkRule = (rule: Api['LinkRuleView']['rule']) =>
  unwrap(api.PUT('/api/school/reader-links', { body: { rule } }));
