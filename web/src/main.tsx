import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { toast, Toaster } from 'sonner';
import { registerSW } from 'virtual:pwa-register';
import { ApiProblem, SIGNED_OUT } from './base/api.js';
import { router } from './app/router.js';
import { applyTheme } from './base/theme.js';
import './styles.css';

applyTheme();

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      // Without a connection the service worker answers with what it kept.
      networkMode: 'always',
      retry: (count, error) => error instanceof ApiProblem && error.passing && count < 3,
    },
  },
});

// Somebody whose session has ended is asked to sign in; what is unsaved stays on the device.
window.addEventListener(SIGNED_OUT, () => {
  void client.invalidateQueries({ queryKey: ['session'] });
});

// In development files change under their names, so that nothing may be kept.
if (import.meta.env.PROD) {
  const update = registerSW({
    onNeedRefresh: () =>
      toast('A new version of Riegel is here. What is unsaved is kept.', {
        duration: Infinity,
        action: { label: 'Load it', onClick: () => void update(true) },
      }),
  });
}

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
      <Toaster
        position="bottom-left"
        toastOptions={{
          style: {
            background: 'var(--ink)',
            color: 'var(--paper)',
            border: 'none',
            borderRadius: 3,
            fontFamily: 'inherit',
          },
        }}
      />
    </QueryClientProvider>
  </StrictMode>,
);
