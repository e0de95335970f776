import { QueryCache, QueryClient } from '@tanstack/react-query'
import { ApiError } from '../shared/api'

/** Asks again where it may help; calls back where nobody is signed in. */
export function makeQueryClient(onSignedOut: (queries: QueryClient) => void): QueryClient {
  const queries: QueryClient = new QueryClient({
    queryCache: new QueryCache({
      onError: (error) => {
        if (error instanceof ApiError && error.status === 401) onSignedOut(queries)
      },
    }),
    defaultOptions: {
      queries: {
        staleTime: 15_000,
        retry: (times, error) =>
          times < 2 && (!(error instanceof ApiError) || error.status === 0 || error.status >= 500),
      },
    },
  })
  return queries
}

/** Where the page is drawn. */
export function place(): HTMLElement {
  const root = document.getElementById('app')
  if (root === null) throw new Error('The page has no place called "app".')
  return root
}
