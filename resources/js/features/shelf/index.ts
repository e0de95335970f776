export { ShelfPage } from './ShelfPage'
export { shelfOptions } from './queries'
