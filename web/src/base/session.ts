import { useQuery } from '@tanstack/react-query';
import { call } from './api.js';

/** Who is signed in. */
export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => call('GET', '/session'),
    staleTime: 60_000,
  });
}
