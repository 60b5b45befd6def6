import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** What a teacher's classes are asked for, with how many are in. */
export const setWorkQuery = queryOptions({
  queryKey: ['set-work'],
  queryFn: () => unwrap(api.GET('/api/set-work')),
});

/** What they are asked for no longer. */
export const takenBackQuery = queryOptions({
  queryKey: ['set-work', 'taken-back'],
  queryFn: () => unwrap(api.GET('/api/set-work/taken-back')),
});

/** Work comes back while its student looks at the list. */
const LOOK_AGAIN_MILLIS = 15_000;

/** Everything that a student is asked for, with what they sent for it. */
export const askedQuery = queryOptions({
  queryKey: ['hand-ins'],
  queryFn: () => unwrap(api.GET('/api/hand-ins')),
  refetchInterval: LOOK_AGAIN_MILLIS,
});
