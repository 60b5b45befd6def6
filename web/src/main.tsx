/// <reference types="vite-plugin-pwa/client" />
/// <reference types="./answers" />

import { registerSW } from 'virtual:pwa-register';
import { QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import { Problem } from './api';
import { isWorthKeeping, OPENED_MILLIS, opened } from './device';
import { askEarly, whenAtRest } from './early';
import { applyReading, applyTheme, currentTheme, keptReading } from './ui';
import './styles.css';

applyTheme(currentTheme());
applyReading(keptReading());

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      gcTime: OPENED_MILLIS,
      // Asked also when the device thinks that there is no network: the school's server may be on this machine.
      networkMode: 'always',
      retry: (count, error) => !(error instanceof Problem) && count < 2 && navigator.onLine,
    },
    mutations: { networkMode: 'always' },
  },
});

void askEarly(queries);
whenAtRest(queries, () => registerSW({ immediate: true }));

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <PersistQueryClientProvider
      client={queries}
      persistOptions={{
        persister: opened,
        // An answer of an older server may lack what a screen of today needs: it is asked for again.
        buster: __ANSWERS__,
        maxAge: OPENED_MILLIS,
        dehydrateOptions: { shouldDehydrateQuery: isWorthKeeping },
      }}
    >
      <App />
    </PersistQueryClientProvider>
  </StrictMode>,
);
