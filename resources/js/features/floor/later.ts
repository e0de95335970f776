import { lazy } from 'react'

/*
 * What is not needed for the first set: fetched right after it, so that it is there when somebody wants it, network or not.
 */
const bell = () => import('./BellSheet')
const more = () => import('./MoreSheet')
const finished = () => import('./Finished')

export const BellSheet = lazy(() => bell().then((page) => ({ default: page.BellSheet })))
export const MoreSheet = lazy(() => more().then((page) => ({ default: page.MoreSheet })))
export const Finished = lazy(() => finished().then((page) => ({ default: page.Finished })))

window.addEventListener('load', () => void Promise.allSettled([bell(), more(), finished()]))
