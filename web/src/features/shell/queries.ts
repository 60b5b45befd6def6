import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const rulerQuery = queryOptions({
  queryKey: ['ruler'],
  queryFn: () => unwrap(api.GET('/api/ruler')),
});
