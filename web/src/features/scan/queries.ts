import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

/** While a page is being made, and while a phone may send, the bench is asked for again this soon. In ms. */
const SOON_MILLIS = 900;

/** Words are read behind; nobody waits for them. In ms. */
const LATER_MILLIS = 5_000;

export const scanQuery = (id: string, isPhoneOn: boolean) =>
  queryOptions({
    queryKey: ['scan', id],
    queryFn: () => unwrap(api.GET('/api/scans/{id}', { params: { path: { id } } })),
    refetchInterval: ({ state }) =>
      isPhoneOn || state.data?.shots.some(isWaiting) ? SOON_MILLIS : LATER_MILLIS,
  });

/** The benches that wait for a page. */
export const scansQuery = (page: string) =>
  queryOptions({
    queryKey: ['scans', page],
    queryFn: () => unwrap(api.GET('/api/pages/{page}/scans', { params: { path: { page } } })),
  });

export const isWaiting = (shot: Api['ShotView']) => shot.state === 'WAITING';
