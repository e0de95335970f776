import { useEffect } from 'react'
import { closeOutbox } from '../features/floor'
import { SignInPage } from '../features/sign-in'

/** Whoever comes here is nobody yet, having signed out or been away for long: the last trainer's outbox is shut. */
export function SignedOut() {
  useEffect(() => closeOutbox(), [])
  return <SignInPage />
}
