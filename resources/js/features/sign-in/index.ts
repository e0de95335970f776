export { meOptions, useSignIn, useSignOut } from './queries'
export { SignInPage } from './SignInPage'
