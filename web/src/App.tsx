import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { OutboxProvider } from './device';
import { meQuery, SignInScreen } from './features/people';
import { routes } from './routes';

const PhoneScreen = lazy(async () => ({ default: (await import('./features/scan')).PhoneScreen }));
const FirstVisitScreen = lazy(async () => ({
  default: (await import('./features/account')).FirstVisitScreen,
}));

const OpenSealScreen = lazy(async () => ({ default: (await import('./features/seal')).OpenSealScreen }));

/** Where anybody checks a seal. */
const SEAL = '/seal';

/** The link that a phone opens a scan bench with; nobody has to be signed in there. */
const PHONE_LINK = /^\/phone\/([\w-]+)$/;

export function App() {
  return (
    <Suspense>
      <Opened />
    </Suspense>
  );
}

/** What needs nobody to be signed in, by its address; everything else asks who it is. */
function Opened() {
  const { pathname } = window.location;
  const secret = PHONE_LINK.exec(pathname)?.[1];
  if (secret) return <PhoneScreen secret={secret} />;
  return pathname === SEAL ? <OpenSealScreen /> : <SignedIn />;
}

function SignedIn() {
  // Known from the last visit at once, and asked again: the session may have ended, or somebody else signed in.
  const me = useQuery({ ...meQuery, refetchOnMount: 'always' });
  const [router] = useState(() => createBrowserRouter(routes));
  if (me.isPending) return null;
  if (me.data?.isNew) return <FirstVisitScreen />;
  if (!me.data?.person) return <SignInScreen isUnreachable={me.isError} />;
  return (
    <OutboxProvider key={me.data.person.id} personId={me.data.person.id}>
      <RouterProvider router={router} />
    </OutboxProvider>
  );
}
