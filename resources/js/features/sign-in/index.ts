export { meOptions } from './queries'
export { SignInPage } from './SignInPage'
export { useSignOut } from './useSignOut'
