import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { router } from './app/router'
import './app.css'
import { ApiError } from './shared/api'

const queries = new QueryClient({
  queryCache: new QueryCache({
    onError: (error) => {
      if (error instanceof ApiError && error.status === 401 && location.pathname !== '/sign-in') {
        queries.clear()
        void router.navigate('/sign-in', { state: { from: location.pathname } })
      }
    },
  }),
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      retry: (times, error) => times < 2 && (!(error instanceof ApiError) || error.status === 0 || error.status >= 500),
    },
  },
})

const root = document.getElementById('app')
if (root === null) throw new Error('The page has no place called "app".')
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
)
