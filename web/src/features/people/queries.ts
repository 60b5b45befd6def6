import { queryOptions, useSuspenseQuery } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export const meQuery = queryOptions({
  queryKey: ['me'],
  queryFn: () => unwrap(api.GET('/api/me')),
  staleTime: Number.POSITIVE_INFINITY,
});

/** Who is signed in; only below a screen that needs somebody to be. */
export function useMe(): Api['PersonView'] {
  const person = useSuspenseQuery(meQuery).data.person;
  if (!person) throw new Error('Nobody is signed in here.');
  return person;
}
