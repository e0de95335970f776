export { allAnswered, api, ApiError, lastChangeAt } from './client'
export type * from './types.gen'
