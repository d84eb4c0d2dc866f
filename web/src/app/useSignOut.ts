import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { call } from '../base/api.js';

/** Signs out and forgets what was loaded; unsaved work stays on the device. */
export function useSignOut() {
  const client = useQueryClient();
  return useCallback(async () => {
    await call('DELETE', '/session');
    await import('../data/site.js').then(({ forgetSites }) => forgetSites()).catch(() => undefined);
    navigator.serviceWorker?.controller?.postMessage('forget');
    client.clear();
    window.location.assign('/');
  }, [client]);
}
