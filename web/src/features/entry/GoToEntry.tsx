import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate, useParams } from 'react-router';
import { api, unwrap } from '../../api';

/** An entry by its own address alone, as copies and answers know it: leads to it on its page. */
export function GoToEntry() {
  const { entry: id = '' } = useParams();
  const entry = useSuspenseQuery({
    queryKey: ['entry', id],
    queryFn: () => unwrap(api.GET('/api/entries/{id}', { params: { path: { id } } })),
  }).data;
  return <Navigate to={`/p/${entry.pageId}?entry=${id}`} replace />;
}
