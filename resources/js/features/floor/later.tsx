import { lazy, type ComponentType } from 'react'

/*
 * What is not needed for the first set: fetched right after it, so that it is there when somebody wants it, network or not.
 */
const asleep = () => import('./Asleep').then((page) => page.Asleep)
const bell = () => import('./BellSheet').then((page) => page.BellSheet)
const pain = () => import('./PainSheet').then((page) => page.PainSheet)
const more = () => import('./MoreSheet').then((page) => page.MoreSheet)
const choose = () => import('./ChooseFirst').then((page) => page.ChooseFirst)
const through = () => import('./Through').then((page) => page.Through)
const swap = () => import('./SwapSheet').then((page) => page.SwapSheet)
const toRate = () => import('./ToRate').then((page) => page.ToRate)
const finished = () => import('./Finished').then((page) => page.Finished)
const readiness = () => import('./Readiness').then((page) => page.Readiness)
const keys = () => import('./FloorKeys').then((page) => page.FloorKeys)
const signIn = () => import('./SignInHere').then((page) => page.SignInHere)

/** What could not be fetched leaves the rest of the Floor standing. */
function Missing() {
  return (
    <p role="alert" className="notice">
      This part could not be fetched. The session goes on; reload the page once there is a network.
    </p>
  )
}

const later = <P extends object>(fetched: () => Promise<ComponentType<P>>) =>
  lazy<ComponentType<P>>(() =>
    fetched().then(
      (component) => ({ default: component }),
      () => ({ default: Missing }),
    ),
  )

export const Asleep = later(asleep)
export const BellSheet = later(bell)
export const PainSheet = later(pain)
export const MoreSheet = later(more)
export const SwapSheet = later(swap)
export const ChooseFirst = later(choose)
export const ToRate = later(toRate)
export const Through = later(through)
export const Finished = later(finished)
export const SignInHere = later(signIn)
export const Readiness = later(readiness)
export const FloorKeys = later(keys)

window.addEventListener(
  'load',
  () =>
    void Promise.allSettled([
      swap(),
      asleep(),
      choose(),
      through(),
      pain(),
      bell(),
      more(),
      finished(),
      signIn(),
      keys(),
      readiness(),
    ]),
)
