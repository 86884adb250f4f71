import './ui/look.css';

import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { listen } from './api/events';
import { outbox } from './api/outbox';
import { queries } from './api/queries';
import { App } from './App';
import { showTheme } from './ui/theme';

showTheme();
void outbox.open();
listen(queries, outbox);

const page = document.getElementById('page');
if (page === null) {
  throw new Error('index.html has no element "page"');
}
createRoot(page).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      {/* A key acts at once: the next one may already belong to the page it leads to. */}
      <BrowserRouter useTransitions={false}>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
