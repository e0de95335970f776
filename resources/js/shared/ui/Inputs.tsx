import { ApiError } from '../api'
import { Field } from './Field'

interface TextInputProps {
  label: string
  value: string
  onChange: (value: string) => void
  unit?: string | undefined
  hint?: string | undefined
  error?: string | undefined
  type?: 'text' | 'date' | 'time' | 'number' | 'password' | 'email' | 'tel'
  required?: boolean
  isLarge?: boolean
  autoComplete?: string
  autoFocus?: boolean
  placeholder?: string
}

/** One line of text or one number, labelled, with what is wrong beside it. */
export function TextInput({
  label,
  value,
  onChange,
  unit,
  hint,
  error,
  type = 'text',
  required,
  isLarge = false,
  ...more
}: TextInputProps) {
  return (
    <Field label={label} error={error} required={required} {...(unit ? { unit } : {})} {...(hint ? { hint } : {})}>
      {(attributes) => (
        <input
          {...attributes}
          {...more}
          type={type === 'number' ? 'text' : type}
          inputMode={unit || type === 'number' ? 'decimal' : undefined}
          className={`input w-full ${isLarge ? 'input-lg' : ''}`}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  )
}

export function TextArea({
  label,
  value,
  onChange,
  hint,
  error,
  required,
  rows = 2,
}: TextInputProps & { rows?: number }) {
  return (
    <Field label={label} error={error} required={required} {...(hint ? { hint } : {})}>
      {(attributes) => (
        <textarea
          {...attributes}
          rows={rows}
          className="textarea w-full"
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  )
}

interface ChoiceProps {
  label: string
  value: string
  onChange: (value: string) => void
  options: [string, string][]
  error?: string | undefined
  hint?: string | undefined
  autoFocus?: boolean
  required?: boolean
}

export function Choice({ label, value, onChange, options, error, hint, autoFocus, required }: ChoiceProps) {
  return (
    <Field label={label} error={error} required={required} {...(hint ? { hint } : {})}>
      {(attributes) => (
        <select
          {...attributes}
          autoFocus={autoFocus}
          className="select w-full"
          value={value}
          onChange={(event) => onChange(event.target.value)}
        >
          {options.map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}

export function Toggle({
  label,
  checked,
  onChange,
}: {
  label: string
  checked: boolean
  onChange: (checked: boolean) => void
}) {
  return (
    <label className="flex cursor-pointer items-center gap-3 py-1">
      <input
        type="checkbox"
        className="toggle toggle-primary"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  )
}

/** What the mark beside a label means. */
export function RequiredNote() {
  return (
    <p className="soft text-sm">
      <span className="text-error" aria-hidden="true">
        *
      </span>{' '}
      needed; the rest can wait.
    </p>
  )
}

/** What the API said about a form as a whole; the fields say the rest. */
export function FormProblem({ error }: { error: Error | null }) {
  if (error === null) return null
  const beside = error instanceof ApiError && error.status === 422 && Object.keys(error.errors).length > 0
  return <Trouble words={beside ? 'Look at what is marked; nothing you entered is lost.' : error.message} />
}

/** What is wrong with a form as a whole, said at once; nothing where nothing is. */
export function Trouble({ words }: { words: string | null }) {
  return words === null ? null : (
    <p role="alert" className="font-semibold text-error">
      {words}
    </p>
  )
}
