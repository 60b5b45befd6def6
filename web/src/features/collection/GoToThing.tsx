import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate, useParams } from 'react-router';
import { citationQuery } from './queries';

/** From a thing's own address, as texts cite it, to its place in its collection. */
export function GoToThing() {
  const { thing = '' } = useParams();
  const { collection } = useSuspenseQuery(citationQuery(thing)).data;
  return <Navigate to={`/collections/${collection}?thing=${thing}`} replace />;
}
