import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { makeQueryClient, place } from './app/queryClient'
import { workOffline } from './app/workOffline'
import { FloorPage } from './features/floor/FloorPage'
import './app.css'

/*
 * The Floor is a page of its own: it needs no other place, opens without a network, and nothing done elsewhere reloads it.
 * Whoever is signed out stays on it, because somebody is training.
 */
const sessionId = Number(/\/floor\/(\d+)/.exec(location.pathname)?.[1])

createRoot(place()).render(
  <StrictMode>
    <QueryClientProvider client={makeQueryClient(() => undefined)}>
      <FloorPage sessionId={sessionId} />
    </QueryClientProvider>
  </StrictMode>,
)
workOffline()
