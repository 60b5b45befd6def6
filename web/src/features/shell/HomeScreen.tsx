import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { useMe } from '../people';
import { rulerQuery } from './queries';

/** The first screen: this week for a student, what was set for a teacher. */
export function HomeScreen() {
  const me = useMe();
  if (me.role === 'KEEPER') return <Navigate to="/school" replace />;
  return me.role === 'STUDENT' ? <ThisWeek /> : <Navigate to="/set-work" replace />;
}

function ThisWeek() {
  const ruler = useSuspenseQuery(rulerQuery).data;
  return <Navigate to={`/week/${ruler.thisMonday}`} replace />;
}
