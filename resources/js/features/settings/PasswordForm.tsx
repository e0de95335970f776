import { toast } from 'sonner'
import { z } from 'zod'
import { api } from '../../shared/api'
import { needed, useEntry } from '../../shared/form'
import { TextInput, Trouble } from '../../shared/ui'

const schema = z.object({
  current: needed('What is your password now?'),
  password: needed('What should it be from now on?'),
  again: needed('Write the new one again, so that no slip is kept.'),
})

/** The password one signs in with, changed. */
export function PasswordForm() {
  const entry = useEntry({
    schema,
    initial: { current: '', password: '', again: '' },
    draft: null,
    send: (entered) => api.put<void>('password', entered),
    onSent: () => {
      entry.forget()
      toast.success('The new password counts from now on. Other devices are signed out.')
    },
  })
  const field = (name: 'current' | 'password' | 'again') => ({ type: 'password' as const, ...entry.field(name) })
  return (
    <form id="password" className="mt-10" aria-label="Password" {...entry.form}>
      <h2 className="text-xl">Your password</h2>
      <p className="soft mt-1 mb-3">At least ten characters. Other devices are signed out when it changes.</p>
      <div className="grid gap-x-4 sm:grid-cols-3">
        <TextInput label="Password now" autoComplete="current-password" {...field('current')} />
        <TextInput label="New password" autoComplete="new-password" {...field('password')} />
        <TextInput label="New password again" autoComplete="new-password" {...field('again')} />
      </div>
      <Trouble words={entry.problem} />
      <button className="btn btn-outline mt-4" disabled={entry.isSending}>
        Change the password
      </button>
    </form>
  )
}
