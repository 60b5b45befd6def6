import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate, useLocation, useParams } from 'react-router';
import { pageQuery } from '../entry';

/** A page by its own address alone, as collections know it: leads to it inside its notebook. */
export function GoToPage() {
  const { page: id = '' } = useParams();
  const { search } = useLocation();
  const page = useSuspenseQuery(pageQuery(id)).data;
  return <Navigate to={`/n/${page.notebookId}/p/${id}${search}`} replace />;
}
