import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const schoolYearsQuery = queryOptions({
  queryKey: ['school-years'],
  queryFn: () => unwrap(api.GET('/api/school-years')),
});
