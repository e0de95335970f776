import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { toast } from 'sonner'
import { api, ApiError } from '../../shared/api'
import { FormProblem, TextInput } from '../../shared/ui'

const empty = { current: '', password: '', again: '' }

/** The password one signs in with, changed. */
export function PasswordForm() {
  const [entered, setEntered] = useState(empty)
  const change = useMutation({
    mutationFn: () => api.put<void>('password', entered),
    onSuccess: () => {
      setEntered(empty)
      toast.success('The new password counts from now on. Other devices are signed out.')
    },
  })
  const error = change.error instanceof ApiError ? change.error : null
  const field = (name: keyof typeof empty) => ({
    type: 'password' as const,
    value: entered[name],
    onChange: (value: string) => setEntered({ ...entered, [name]: value }),
    error: error?.about(name),
  })
  return (
    <form
      className="mt-10"
      noValidate
      aria-label="Password"
      onSubmit={(event) => {
        event.preventDefault()
        change.mutate()
      }}
    >
      <h2 className="text-xl">Your password</h2>
      <p className="soft mt-1 mb-3">At least ten characters. Other devices are signed out when it changes.</p>
      <div className="grid gap-x-4 sm:grid-cols-3">
        <TextInput label="Password now" autoComplete="current-password" {...field('current')} />
        <TextInput label="New password" autoComplete="new-password" {...field('password')} />
        <TextInput label="New password again" autoComplete="new-password" {...field('again')} />
      </div>
      <FormProblem error={change.error} />
      <button className="btn btn-outline mt-4" disabled={change.isPending}>
        Change the password
      </button>
    </form>
  )
}
