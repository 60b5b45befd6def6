import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** A teacher's own sentences, in their order. */
export const stockQuery = queryOptions({
  queryKey: ['stock-remarks'],
  queryFn: () => unwrap(api.GET('/api/stock-remarks')),
});
