export { RailPage } from './RailPage'
