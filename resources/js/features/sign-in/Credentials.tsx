import { useState, type ReactNode } from 'react'
import { ApiError, type Trainer } from '../../shared/api'
import { Field } from '../../shared/ui'
import { useSignIn } from './queries'

const fields = [
  { name: 'email', label: 'E-mail address', type: 'email', autoComplete: 'username' },
  { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' },
] as const

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
  const [entered, setEntered] = useState({ email: '', password: '' })
  const error = signIn.error instanceof ApiError ? signIn.error : null
  return (
    <form
      noValidate
      aria-label={label}
      className={className}
      onSubmit={(event) => {
        event.preventDefault()
        signIn.mutate(entered, { onSuccess: onSignedIn })
      }}
    >
      {children}
      <div className={fieldsClassName}>
        {fields.map((field) => (
          <Field key={field.name} label={field.label} error={error?.about(field.name)}>
            {(attributes) => (
              <input
                {...attributes}
                type={field.type}
                autoComplete={field.autoComplete}
                autoFocus={isLarge && field.name === 'email'}
                className={`input w-full ${isLarge ? 'input-lg' : ''}`}
                value={entered[field.name]}
                onChange={(event) => setEntered({ ...entered, [field.name]: event.target.value })}
              />
            )}
          </Field>
        ))}
        <button className={`btn btn-primary ${isLarge ? 'btn-lg' : ''}`} disabled={signIn.isPending}>
          {signIn.isPending ? 'Signing in…' : 'Sign in'}
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
