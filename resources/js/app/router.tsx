import { createBrowserRouter } from 'react-router'
import { Broken } from './Broken'
import { Root } from './Root'

/** A place that is fetched when somebody goes there; the Floor needs none of the others. */
const place = <T extends Record<string, unknown>>(fetch: () => Promise<T>, name: keyof T & string) => ({
  lazy: async () => ({ Component: (await fetch())[name] as React.ComponentType }),
})

const catalogue = () => import('../features/catalogue')
const clients = () => import('../features/clients')
const shelf = () => import('../features/shelf')
const programme = () => import('../features/programme')

export const router = createBrowserRouter([
  {
    element: <Root />,
    errorElement: <Broken />,
    hydrateFallbackElement: <p className="p-8">Opening…</p>,
    children: [
      { path: '/sign-in', ...place(() => import('./SignedOut'), 'SignedOut') },
      {
        ...place(() => import('./Desk'), 'Desk'),
        children: [
          { path: '/', ...place(() => import('../features/round'), 'RoundPage') },
          { path: '/round/:date/print', ...place(() => import('../features/round'), 'PrintDay') },
          { path: '/clients', ...place(clients, 'ClientList') },
          { path: '/clients/new', ...place(clients, 'NewClientPage') },
          { path: '/settings', ...place(() => import('../features/settings'), 'SettingsPage') },
          {
            path: '/clients/:clientId',
            ...place(clients, 'ClientDesk'),
            children: [
              { index: true, ...place(clients, 'PersonPage') },
              { path: 'health', ...place(clients, 'HealthPage') },
              { path: 'room', ...place(clients, 'RoomPage') },
              { path: 'start', ...place(() => import('../features/start'), 'StartPage') },
              { path: 'programme', ...place(programme, 'ProgrammePage') },
              { path: 'programme/:programmeId/review', ...place(programme, 'ReviewPage') },
              { path: 'programme/:programmeId/with/:otherId', ...place(programme, 'ComparePage') },
              { path: 'programme/:programmeId/week/:week', ...place(programme, 'WeekPage') },
              { path: 'programme/:programmeId/week/:week/print', ...place(programme, 'PrintWeek') },
              { path: 'rail', ...place(() => import('../features/rail'), 'RailPage') },
              { path: 'bench', ...place(() => import('../features/bench'), 'BenchPage') },
              { path: 'shelf', ...place(shelf, 'ShelfPage') },
              { path: 'shelf/print', ...place(shelf, 'PrintShelf') },
              { path: 'ledger', ...place(() => import('../features/ledger'), 'LedgerPage') },
            ],
          },
          { path: '/catalogue', ...place(catalogue, 'CataloguePage') },
          { path: '/catalogue/:exerciseId', ...place(catalogue, 'ExercisePage') },
          { path: '/replan/:sessionId', ...place(() => import('../features/replan'), 'ReplanPage') },
          { path: '/swap/:itemId', ...place(() => import('../features/swap-desk'), 'SwapDeskPage') },
          { path: '*', ...place(() => import('./NotHere'), 'NotHere') },
        ],
      },
    ],
  },
])
