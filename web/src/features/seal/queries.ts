import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** The public keys of this installation; they hardly ever change. */
export const sealKeysQuery = queryOptions({
  queryKey: ['seal-keys'],
  queryFn: () => unwrap(api.GET('/api/seal-keys')),
  staleTime: 3_600_000,
});
