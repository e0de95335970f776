export { WeekPage } from './editor/WeekPage'
export { ProgrammePage } from './ProgrammePage'
export { ReviewPage } from './ReviewPage'
