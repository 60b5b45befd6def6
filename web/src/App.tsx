import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { OutboxProvider } from './device';
import { meQuery, SignInScreen } from './features/people';
import { routes } from './routes';

export function App() {
  // Known from the last visit at once, and asked again: the session may have ended, or somebody else signed in.
  const me = useQuery({ ...meQuery, refetchOnMount: 'always' });
  const [router] = useState(() => createBrowserRouter(routes));
  if (me.isPending) return null;
  if (!me.data?.person) return <SignInScreen isUnreachable={me.isError} />;
  return (
    <OutboxProvider key={me.data.person.id} personId={me.data.person.id}>
      <RouterProvider router={router} />
    </OutboxProvider>
  );
}
