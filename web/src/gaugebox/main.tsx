import '../ui/look.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { showTheme } from '../ui/theme';
import { BoxPage } from './BoxPage';

showTheme();

const page = document.getElementById('page');
if (page === null) {
  throw new Error('gauges.html has no element "page"');
}
createRoot(page).render(
  <StrictMode>
    <QueryClientProvider client={new QueryClient()}>
      <BoxPage />
    </QueryClientProvider>
  </StrictMode>,
);
