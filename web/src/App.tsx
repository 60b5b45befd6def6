import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { OutboxProvider } from './device';
import { meQuery, SignInScreen } from './features/people';
import { routes } from './routes';

export function App() {
  const me = useQuery(meQuery);
  const [router] = useState(() => createBrowserRouter(routes));
  if (me.isPending) return null;
  if (!me.data?.person) return <SignInScreen isUnreachable={me.isError} />;
  return (
    <OutboxProvider key={me.data.person.id} personId={me.data.person.id}>
      <RouterProvider router={router} />
    </OutboxProvider>
  );
}
