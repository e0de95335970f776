export { roundOptions } from './queries'
export { PrintDay } from './PrintDay'
export { RoundPage } from './RoundPage'
