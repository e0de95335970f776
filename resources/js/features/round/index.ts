export { roundOptions } from './queries'
export { RoundPage } from './RoundPage'
