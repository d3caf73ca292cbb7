import { QueryClient } from '@tanstack/query-core';

/** One for the window. What is being stored is tried on a machine that says it is offline, too: the server is on this machine. */
export const queryClient = new QueryClient({
  defaultOptions: { queries: { networkMode: 'always', retry: false }, mutations: { networkMode: 'always', gcTime: 0 } },
});
