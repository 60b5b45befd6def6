import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const groupsQuery = (schoolClass: string) =>
  queryOptions({
    queryKey: ['groups', schoolClass],
    queryFn: () => unwrap(api.GET('/api/classes/{id}/groups', { params: { path: { id: schoolClass } } })),
  });
