import { Outlet } from 'react-router'
import { Messages } from './Messages'

/** What every place shares. */
export function Root() {
  return (
    <>
      <Outlet />
      <Messages />
    </>
  )
}
