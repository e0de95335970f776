import { useId } from 'react'

interface FieldProps {
  label: string
  error?: string | undefined
  hint?: string
  unit?: string
  /** True where nothing can be done without it: it is marked, and said. */
  required?: boolean | undefined
  children: (attributes: {
    id: string
    'aria-invalid': boolean
    'aria-describedby': string
    'aria-required': boolean | undefined
  }) => React.ReactNode
}

/** A labelled field; what is wrong with it stands beside it. */
export function Field({ label, error, hint, unit, required, children }: FieldProps) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
        {required && (
          <span className="text-error" aria-hidden="true">
            {' '}
            *
          </span>
        )}
        {unit && <span className="soft font-normal"> ({unit})</span>}
      </label>
      {children({
        id,
        'aria-invalid': error !== undefined,
        'aria-describedby': `${id}-note`,
        'aria-required': required,
      })}
      <p
        id={`${id}-note`}
        className={`mt-0.5 mb-3 text-sm ${error === undefined ? 'soft' : 'font-semibold text-error'}`}
      >
        {error ?? hint ?? ''}
      </p>
    </div>
  )
}
