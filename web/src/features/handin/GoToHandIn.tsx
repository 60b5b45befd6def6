import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate, useLocation, useParams, useSearchParams } from 'react-router';
import { readyQuery } from './queries';

/** The check of a section by its own address alone: leads to it inside its notebook. */
export function GoToHandIn() {
  const { section = '' } = useParams();
  const [params] = useSearchParams();
  const { search } = useLocation();
  const ready = useSuspenseQuery(readyQuery(section, params.get('setWork') ?? undefined)).data;
  return <Navigate to={`/n/${ready.notebookId}/s/${section}/hand-in${search}`} replace />;
}
