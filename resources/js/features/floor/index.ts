export { FloorPage } from './FloorPage'
