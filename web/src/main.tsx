import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import { Problem } from './api';
import { applyTheme, currentTheme } from './ui';
import './styles.css';

applyTheme(currentTheme());

const queries = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 5_000, retry: (count, error) => !(error instanceof Problem) && count < 2 },
  },
});

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>
  </StrictMode>,
);
