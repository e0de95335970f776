import type { ReactNode } from 'react'
import { z } from 'zod'
import type { Trainer } from '../../shared/api'
import { needed, useEntry } from '../../shared/form'
import { TextInput, Trouble } from '../../shared/ui'
import { useSignIn } from './queries'

const fields = [
  { name: 'email', label: 'E-mail address', type: 'email', autoComplete: 'username' },
  { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' },
] as const

const schema = z.object({
  email: needed('Enter your e-mail address.'),
  password: needed('Enter your password.'),
})

interface CredentialsProps {
  label: string
  /** Of the form, and of the row or column of fields with their button. */
  className?: string
  fieldsClassName: string
  isLarge?: boolean
  onSignedIn: (trainer: Trainer) => void
  children?: ReactNode
}

/** E-mail address and password: asked for wherever somebody has to sign in. */
export function Credentials({ label, className, fieldsClassName, isLarge, onSignedIn, children }: CredentialsProps) {
  const signIn = useSignIn()
  const entry = useEntry({
    schema,
    initial: { email: '', password: '' },
    draft: null,
    send: async (entered) => onSignedIn(await signIn.mutateAsync(entered)),
  })
  const hasMarked = fields.some(({ name }) => entry.messageOf(name) !== undefined)
  return (
    <form aria-label={label} className={className} {...entry.form}>
      {children}
      <div className={fieldsClassName}>
        {fields.map((field) => (
          <TextInput
            key={field.name}
            label={field.label}
            type={field.type}
            autoComplete={field.autoComplete}
            autoFocus={isLarge === true && field.name === 'email'}
            isLarge={isLarge === true}
            {...entry.field(field.name)}
            required={false}
          />
        ))}
        <button className={`btn btn-primary ${isLarge ? 'btn-lg' : ''}`} disabled={entry.isSending}>
          {entry.isSending ? 'Signing in…' : 'Sign in'}
        </button>
      </div>
      {entry.problem !== null && !hasMarked && <Trouble words={entry.problem} />}
    </form>
  )
}
