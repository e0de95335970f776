export { Jump } from './Jump'
export { KeyList } from './KeyList'
