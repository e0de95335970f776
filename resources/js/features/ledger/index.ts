export { LedgerPage } from './LedgerPage'
export { ledgerOptions } from './queries'
