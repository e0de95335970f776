export { StartPage } from './StartPage'
