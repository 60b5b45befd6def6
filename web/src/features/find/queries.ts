import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const findQuery = (words: string) =>
  queryOptions({
    queryKey: ['find', words],
    queryFn: () => unwrap(api.GET('/api/find', { params: { query: { words } } })),
    enabled: words.trim() !== '',
    placeholderData: keepPreviousData,
  });
