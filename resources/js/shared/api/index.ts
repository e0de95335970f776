export { allAnswered, api, ApiError } from './client'
export type * from './types.gen'
