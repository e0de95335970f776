import { useState } from 'react'
import { ApiError } from '../../shared/api'
import { Field } from '../../shared/ui'
import { useSignIn } from '../sign-in/queries'
import { openOutbox, putAway, useOutbox, useOutboxOwner } from './device/outbox'

/** What has not reached the application yet, in the line that names the session: nothing moves when it comes and goes. */
export function Sending({ name }: { name: string }) {
  const { waiting, trouble } = useOutbox()
  const where = trouble === null ? 'kept on this device' : 'on this page alone'
  return (
    <p className="soft truncate text-sm">
      <span role="status" className={waiting.length > 0 ? '' : 'sr-only'}>
        {waiting.length === 0
          ? 'Everything is sent.'
          : waiting.length === 1
            ? `One thing is not sent yet; it is ${where}.`
            : `${waiting.length} things are not sent yet; they are ${where}.`}
      </span>
      {waiting.length === 0 && name}
    </p>
  )
}

/** What this device cannot keep, and what the application would not take. */
export function Unkept() {
  const { waiting, refused, trouble } = useOutbox()
  return (
    <>
      {trouble !== null && (
        <div role="alert" className="notice">
          <p className="font-semibold">
            {trouble === 'full'
              ? 'This device has no room left: nothing more can be kept on it.'
              : 'This browser keeps nothing for this page, as in a private window.'}
          </p>
          <p>
            {waiting.length === 0
              ? 'Everything so far has been sent. Leave the page open while there is no network.'
              : 'What is not sent would be lost with this page. Do not close it before it is sent.'}
            {trouble === 'full' && ' Free some room, then go on.'}
          </p>
        </div>
      )}
      {refused.length > 0 && (
        <div role="alert" className="notice">
          <p className="font-semibold">Not recorded:</p>
          <ul className="list-disc pl-5">
            {refused.map(({ event, message }) => (
              <li key={event.key}>{message}</li>
            ))}
          </ul>
          <button type="button" className="btn btn-sm btn-outline mt-2" onClick={putAway}>
            I have read it
          </button>
        </div>
      )}
    </>
  )
}

/** The sign-in that ran out, asked for again where one stands; what happened meanwhile waits on the device. */
export function SignInHere() {
  const signIn = useSignIn()
  const owner = useOutboxOwner()
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const error = signIn.error instanceof ApiError ? signIn.error : null
  return (
    <form
      noValidate
      aria-label="Sign in again"
      className="notice"
      onSubmit={(event) => {
        event.preventDefault()
        signIn.mutate(
          { email, password },
          {
            onSuccess: (trainer) => {
              if (owner === null || owner === trainer.id) void openOutbox(trainer.id)
              // Somebody else’s session is not shown to whoever signs in.
              else location.assign('/')
            },
          },
        )
      }}
    >
      <p className="font-semibold">
        You are signed out. Go on training: nothing is lost, and it is sent once you are back.
      </p>
      <div className="mt-2 grid items-end gap-2 sm:grid-cols-[1fr_1fr_auto]">
        <Field label="E-mail address" error={error?.about('email')}>
          {(attributes) => (
            <input
              {...attributes}
              type="email"
              autoComplete="username"
              className="input w-full"
              value={email}
              onChange={(event) => setEmail(event.target.value)}
            />
          )}
        </Field>
        <Field label="Password" error={error?.about('password')}>
          {(attributes) => (
            <input
              {...attributes}
              type="password"
              autoComplete="current-password"
              className="input w-full"
              value={password}
              onChange={(event) => setPassword(event.target.value)}
            />
          )}
        </Field>
        <button className="btn btn-primary" disabled={signIn.isPending}>
          Sign in
        </button>
      </div>
      {error !== null && error.status !== 422 && (
        <p role="alert" className="mt-1 font-semibold text-error">
          {error.message}
        </p>
      )}
    </form>
  )
}

/** Something that changed under a session that runs: said once, until it is read. */
export function Said({ words, onRead }: { words: string; onRead: () => void }) {
  return (
    <div role="alert" className="notice flex flex-wrap items-center gap-3">
      <p className="grow">{words}</p>
      <button type="button" className="btn btn-sm btn-outline" onClick={onRead}>
        I have read it
      </button>
    </div>
  )
}
