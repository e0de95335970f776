export { bandKinds } from './kinds'
export { ShelfPage } from './ShelfPage'
export { shelfOptions } from './queries'
