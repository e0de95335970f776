import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { makeQueryClient, place } from './app/queryClient'
import { router } from './app/router'
import { workOffline } from './app/workOffline'
import './app.css'

const queries = makeQueryClient((these) => {
  if (location.pathname === '/sign-in') return
  these.clear()
  void router.navigate('/sign-in', { state: { from: location.pathname } })
})

createRoot(place()).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
)
workOffline()
