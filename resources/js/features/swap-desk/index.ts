export { swapsOptions } from './queries'
export { SwapDeskPage } from './SwapDeskPage'
