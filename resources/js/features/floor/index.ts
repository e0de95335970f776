export { packDays } from './pack'
export { roundOptions, sessionOptions, useOwnOutbox } from './queries'
export { closeOutbox } from './device/outbox'
export { AsOf } from './AsOf'
