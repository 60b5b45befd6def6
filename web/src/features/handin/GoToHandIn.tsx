import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate, useSearchParams } from 'react-router';
import { aimBy, pickedBy } from './picked';
import { readyQuery } from './queries';

/** The check of what is picked by an address alone: leads to it inside its notebook. */
export function GoToHandIn() {
  const [params] = useSearchParams();
  const picked = pickedBy(params);
  const ready = useSuspenseQuery(readyQuery(picked, aimBy(params))).data;
  return <Navigate to={`/n/${ready.notebookId}/hand-in?${params}`} replace />;
}
