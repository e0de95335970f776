export { FloorPage } from './FloorPage'
export { sessionOptions, useOwnOutbox } from './queries'
export { closeOutbox } from './outbox'
