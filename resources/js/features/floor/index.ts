export { keptRound, packDays, sessionOptions, useOwnOutbox } from './queries'
export { closeOutbox } from './device/outbox'
