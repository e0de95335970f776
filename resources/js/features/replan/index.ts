export { ReplanPage } from './ReplanPage'
