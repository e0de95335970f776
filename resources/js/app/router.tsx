import { createBrowserRouter } from 'react-router'
import { CataloguePage, ExercisePage } from '../features/catalogue'
import { BenchPage } from '../features/bench'
import { ClientDesk, ClientList, HealthPage, NewClientPage, PersonPage, RoomPage } from '../features/clients'
import { FloorPage } from '../features/floor'
import { LedgerPage } from '../features/ledger'
import { ComparePage, PrintWeek, ProgrammePage, ReviewPage, WeekPage } from '../features/programme'
import { RailPage } from '../features/rail'
import { ReplanPage } from '../features/replan'
import { RoundPage } from '../features/round'
import { SettingsPage } from '../features/settings'
import { ShelfPage } from '../features/shelf'
import { SwapDeskPage } from '../features/swap-desk'
import { Broken } from './Broken'
import { Desk } from './Desk'
import { NotHere } from './NotHere'
import { Root } from './Root'
import { SignedOut } from './SignedOut'

export const router = createBrowserRouter([
  {
    element: <Root />,
    errorElement: <Broken />,
    children: [
      { path: '/sign-in', element: <SignedOut /> },
      { path: '/floor/:sessionId', element: <FloorPage /> },
      {
        element: <Desk />,
        children: [
          { path: '/', element: <RoundPage /> },
          { path: '/clients', element: <ClientList /> },
          { path: '/clients/new', element: <NewClientPage /> },
          { path: '/settings', element: <SettingsPage /> },
          {
            path: '/clients/:clientId',
            element: <ClientDesk />,
            children: [
              { index: true, element: <PersonPage /> },
              { path: 'health', element: <HealthPage /> },
              { path: 'room', element: <RoomPage /> },
              { path: 'programme', element: <ProgrammePage /> },
              { path: 'programme/:programmeId/review', element: <ReviewPage /> },
              { path: 'programme/:programmeId/with/:otherId', element: <ComparePage /> },
              { path: 'programme/:programmeId/week/:week', element: <WeekPage /> },
              { path: 'programme/:programmeId/week/:week/print', element: <PrintWeek /> },
              { path: 'rail', element: <RailPage /> },
              { path: 'bench', element: <BenchPage /> },
              { path: 'shelf', element: <ShelfPage /> },
              { path: 'ledger', element: <LedgerPage /> },
            ],
          },
          { path: '/catalogue', element: <CataloguePage /> },
          { path: '/catalogue/:exerciseId', element: <ExercisePage /> },
          { path: '/replan/:sessionId', element: <ReplanPage /> },
          { path: '/swap/:itemId', element: <SwapDeskPage /> },
          { path: '*', element: <NotHere /> },
        ],
      },
    ],
  },
])
