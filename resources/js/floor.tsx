import { QueryClientProvider } from '@tanstack/react-query'
import { lazy, StrictMode, Suspense } from 'react'
import { createRoot } from 'react-dom/client'
import { makeQueryClient, place } from './app/queryClient'
import { workOffline } from './app/workOffline'
import { FloorPage } from './features/floor/FloorPage'
import { FloorKeys } from './features/floor/later'
import { Loading } from './shared/ui'
import './app.css'

const PairPage = lazy(() => import('./features/floor/PairPage').then((page) => ({ default: page.PairPage })))

/*
 * The Floor is a page of its own: it needs no other place, opens without a network, and nothing done elsewhere reloads it.
 * Whoever is signed out stays on it, because somebody is training.
 */
const [, first, second] = /\/floor\/(\d+)(?:\/with\/(\d+))?/.exec(location.pathname) ?? []

createRoot(place()).render(
  <StrictMode>
    <QueryClientProvider client={makeQueryClient(() => undefined)}>
      <Suspense fallback={<Loading what="the Floor" />}>
        {second === undefined ? (
          <FloorPage sessionId={Number(first)} />
        ) : (
          <PairPage first={Number(first)} second={Number(second)} />
        )}
      </Suspense>
      <Suspense fallback={null}>
        <FloorKeys />
      </Suspense>
    </QueryClientProvider>
  </StrictMode>,
)
workOffline()
