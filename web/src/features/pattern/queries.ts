import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const patternsQuery = queryOptions({
  queryKey: ['patterns'],
  queryFn: () => unwrap(api.GET('/api/patterns')),
});
