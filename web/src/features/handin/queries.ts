import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const askedQuery = queryOptions({
  queryKey: ['hand-ins'],
  queryFn: () => unwrap(api.GET('/api/hand-ins')),
});

export const readyQuery = (section: string, setWork: string | undefined) =>
  queryOptions({
    queryKey: ['ready', section, setWork],
    queryFn: () =>
      unwrap(
        api.GET('/api/sections/{id}/readiness', { params: { path: { id: section }, query: { setWork } } }),
      ),
    staleTime: 0,
  });

export const versionQuery = (id: string) =>
  queryOptions({
    queryKey: ['version', id],
    queryFn: () => unwrap(api.GET('/api/hand-ins/{id}', { params: { path: { id } } })),
  });

export const setWorkQuery = queryOptions({
  queryKey: ['set-work'],
  queryFn: () => unwrap(api.GET('/api/set-work')),
});

export const registerQuery = (id: string) =>
  queryOptions({
    queryKey: ['register', id],
    queryFn: () => unwrap(api.GET('/api/set-work/{id}/register', { params: { path: { id } } })),
  });

/** What changed from one version to a later one. */
export const changesQuery = (id: string, since: string) =>
  queryOptions({
    queryKey: ['changes', id, since],
    queryFn: () =>
      unwrap(api.GET('/api/hand-ins/{id}/changes', { params: { path: { id }, query: { since } } })),
  });
