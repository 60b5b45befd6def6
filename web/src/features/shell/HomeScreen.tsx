import { useSuspenseQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { notebooksQuery } from '../contents';
import { useMe } from '../people';
import { rulerQuery } from './queries';

/** The first screen: this week for a student who has a notebook, what was set for a teacher, the people for a keeper. */
export function HomeScreen() {
  const me = useMe();
  if (me.role === 'KEEPER') return <Navigate to="/school" replace />;
  return me.role === 'STUDENT' ? <ThisWeek /> : <Navigate to="/set-work" replace />;
}

function ThisWeek() {
  const notebooks = useSuspenseQuery(notebooksQuery).data;
  if (notebooks.length === 0) return <Navigate to="/new" replace />;
  return <WeekOfToday />;
}

function WeekOfToday() {
  const ruler = useSuspenseQuery(rulerQuery).data;
  return <Navigate to={`/week/${ruler.thisMonday}`} replace />;
}
