import { queryOptions, useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import type { EvidenceKind } from '../../ui';

export const notebooksQuery = queryOptions({
  queryKey: ['notebooks'],
  queryFn: () => unwrap(api.GET('/api/notebooks')),
});

/** Where each notebook stands, in a few figures. */
export const standingsQuery = queryOptions({
  queryKey: ['standings'],
  queryFn: () => unwrap(api.GET('/api/standings')),
});

export const contentsQuery = (id: string) =>
  queryOptions({
    queryKey: ['contents', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}', { params: { path: { id } } })),
  });

export const toCoverQuery = (section: string) =>
  queryOptions({
    queryKey: ['to-cover', section],
    queryFn: () => unwrap(api.GET('/api/sections/{id}/to-cover', { params: { path: { id: section } } })),
  });

export type NeedleWish = {
  nodes: string[];
  all: boolean;
  kinds: EvidenceKind[];
  from?: string;
  to?: string;
};

export const needleQuery = (id: string, wish: NeedleWish) =>
  queryOptions({
    queryKey: ['needle', id, wish],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/needle', { params: { path: { id }, query: wish } })),
    enabled: wish.nodes.length > 0,
  });

export const binQuery = (id: string) =>
  queryOptions({
    queryKey: ['bin', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/bin', { params: { path: { id } } })),
  });

const LAST = 'notchbook.notebook';

/** The notebook at hand: the one of this address, else the one that was open last, else the first. */
export function useNotebook(): Api['NotebookView'] | undefined {
  const { notebook } = useParams();
  const all = useQuery(notebooksQuery).data ?? [];
  if (notebook) localStorage.setItem(LAST, notebook);
  const wished = notebook ?? localStorage.getItem(LAST);
  return all.find((one) => one.id === wished) ?? all[0];
}
