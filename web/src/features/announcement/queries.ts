import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** What was said to the reader's classes. */
export const heardQuery = queryOptions({
  queryKey: ['announcements'],
  queryFn: () => unwrap(api.GET('/api/announcements')),
});

/** What was said to a class that the reader teaches. */
export const saidQuery = (schoolClass: string) =>
  queryOptions({
    queryKey: ['announcements', schoolClass],
    queryFn: () =>
      unwrap(api.GET('/api/classes/{id}/announcements', { params: { path: { id: schoolClass } } })),
  });
