export { ProgrammePage } from './ProgrammePage'
