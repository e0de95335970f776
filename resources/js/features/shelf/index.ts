export { bandKinds } from './kinds'
export { PrintShelf } from './PrintShelf'
export { ShelfPage } from './ShelfPage'
export { shelfOptions } from './queries'
