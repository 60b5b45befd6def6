import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import type { Aim, Picked } from './picked';

/** Work comes back while its student looks at the list. */
const LOOK_AGAIN_MILLIS = 15_000;

/** What was sent without being asked. */
export const unaskedQuery = queryOptions({
  queryKey: ['hand-ins', 'unasked'],
  queryFn: () => unwrap(api.GET('/api/hand-ins/unasked')),
  refetchInterval: LOOK_AGAIN_MILLIS,
});

export const readyQuery = (picked: Picked, aim: Aim) =>
  queryOptions({
    queryKey: ['ready', picked, aim],
    queryFn: () => unwrap(api.GET('/api/readiness', { params: { query: { ...picked, ...aim } } })),
    staleTime: 0,
  });

/** What would be sent now, as its readers will see it. */
export const previewQuery = (picked: Picked, along: Api['AlongBody']) =>
  queryOptions({
    queryKey: ['preview', picked, along],
    queryFn: () => unwrap(api.GET('/api/readiness/preview', { params: { query: { ...picked, ...along } } })),
    staleTime: 0,
  });

export const versionQuery = (id: string) =>
  queryOptions({
    queryKey: ['version', id],
    queryFn: () => unwrap(api.GET('/api/hand-ins/{id}', { params: { path: { id } } })),
  });

/** Whether the seal of a version holds. */
export const sealQuery = (id: string) =>
  queryOptions({
    queryKey: ['seal', id],
    queryFn: () => unwrap(api.GET('/api/hand-ins/{id}/seal', { params: { path: { id } } })),
  });

export const registerQuery = (id: string) =>
  queryOptions({
    queryKey: ['register', id],
    queryFn: () => unwrap(api.GET('/api/set-work/{id}/register', { params: { path: { id } } })),
  });

/** What was sent to a class's teachers unasked. */
export const unaskedOfClassQuery = (id: string) =>
  queryOptions({
    queryKey: ['register', 'unasked', id],
    queryFn: () => unwrap(api.GET('/api/classes/{id}/unasked', { params: { path: { id } } })),
  });

/** Every student of a teacher's classes against all of their set work. */
export const overviewQuery = queryOptions({
  queryKey: ['register'],
  queryFn: () => unwrap(api.GET('/api/register')),
});

/** What changed from one version to a later one. */
export const changesQuery = (id: string, since: string) =>
  queryOptions({
    queryKey: ['changes', id, since],
    queryFn: () =>
      unwrap(api.GET('/api/hand-ins/{id}/changes', { params: { path: { id }, query: { since } } })),
  });

/** Who of a class has written the sheet of a week; of the latest one where none is said. */
export const weeklyQuery = (classId: string, week?: number) =>
  queryOptions({
    queryKey: ['weekly', classId, week ?? 'latest'],
    queryFn: () =>
      unwrap(api.GET('/api/classes/{id}/sheets', { params: { path: { id: classId }, query: { week } } })),
  });
