import { useLocation, useNavigate } from 'react-router'
import { Mark } from '../../app/Mark'
import { useTitle } from '../../shared/lib/useTitle'
import { leadFromHere } from '../../shared/ui'
import { Implement } from '../shelf/Implement'
import { Credentials } from './Credentials'

const stillLife = [
  ['rucksack', 0.8],
  ['dumbbell', 0.62],
  ['object', 0.66],
  ['kettlebell', 0.72],
  ['tube', 0.7],
] as const

export function SignInPage() {
  useTitle('Sign in')
  const navigate = useNavigate()
  const from: unknown = (useLocation().state as { from?: unknown } | null)?.from
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
      <Credentials
        label="Sign in"
        className="mt-6"
        fieldsClassName="grid gap-3"
        isLarge
        onSignedIn={() => {
          leadFromHere()
          void navigate(typeof from === 'string' ? from : '/', { replace: true })
        }}
      />
    </main>
  )
}
