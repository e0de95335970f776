import { useState } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { Mark } from '../../app/Mark'
import { ApiError } from '../../shared/api'
import { Field } from '../../shared/ui'
import { Implement } from '../shelf/Implement'
import { useSignIn } from './queries'

const stillLife = [
  ['rucksack', 0.8],
  ['dumbbell', 0.62],
  ['object', 0.66],
  ['kettlebell', 0.72],
  ['tube', 0.7],
] as const

export function SignInPage() {
  const signIn = useSignIn()
  const navigate = useNavigate()
  const from: unknown = (useLocation().state as { from?: unknown } | null)?.from
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const error = signIn.error instanceof ApiError ? signIn.error : null
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col justify-center px-6 py-10">
      <div className="flex items-end justify-between px-2 sm:px-6" aria-hidden="true">
        {stillLife.map(([kind, size]) => (
          <Implement key={kind} kind={kind} size={size} />
        ))}
      </div>
      <div className="ledge" aria-hidden="true" />
      <div className="mt-10 flex items-center gap-3">
        <Mark className="size-11" />
        <h1 className="text-4xl">Nimble Shelf</h1>
      </div>
      <p className="soft mt-2">Strength sessions from what each client owns.</p>
      <form
        className="mt-6 grid gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          signIn.mutate(
            { email, password },
            { onSuccess: () => void navigate(typeof from === 'string' ? from : '/', { replace: true }) },
          )
        }}
      >
        <Field label="E-mail address" error={error?.about('email')}>
          {(attributes) => (
            <input
              {...attributes}
              type="email"
              autoComplete="username"
              autoFocus
              className="input input-lg w-full"
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
              className="input input-lg w-full"
              value={password}
              onChange={(event) => setPassword(event.target.value)}
            />
          )}
        </Field>
        {error && error.status !== 422 && (
          <p role="alert" className="font-semibold text-error">
            {error.message}
          </p>
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={signIn.isPending}>
          {signIn.isPending ? 'Signing in…' : 'Sign in'}
        </button>
      </form>
    </main>
  )
}
