export { FloorPage } from './FloorPage'
export { sessionOptions } from './queries'
