import { Credentials } from '../sign-in/Credentials'
import { openOutbox, useOutboxOwner } from './device/outbox'

/** The sign-in that ran out, asked for again where one stands; what happened meanwhile waits on the device. */
export function SignInHere() {
  const owner = useOutboxOwner()
  return (
    <Credentials
      label="Sign in again"
      className="notice"
      fieldsClassName="mt-2 grid items-end gap-2 sm:grid-cols-[1fr_1fr_auto]"
      onSignedIn={(trainer) => {
        if (owner === null || owner === trainer.id) void openOutbox(trainer.id)
        // Somebody else’s session is not shown to whoever signs in.
        else location.assign('/')
      }}
    >
      <p className="font-semibold">
        You are signed out. Go on training: nothing is lost, and it is sent once you are back.
      </p>
    </Credentials>
  )
}
