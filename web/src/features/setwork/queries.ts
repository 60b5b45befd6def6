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
