import { useId } from 'react'

interface FieldProps {
  label: string
  error?: string | undefined
  hint?: string
  unit?: string
  children: (attributes: { id: string; 'aria-invalid': boolean; 'aria-describedby': string }) => React.ReactNode
}

/** A labelled field; what is wrong with it stands beside it. */
export function Field({ label, error, hint, unit, children }: FieldProps) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
        {unit && <span className="soft font-normal"> ({unit})</span>}
      </label>
      {children({ id, 'aria-invalid': error !== undefined, 'aria-describedby': `${id}-note` })}
      <p
        id={`${id}-note`}
        className={error === undefined ? 'soft mt-1 text-sm' : 'mt-1 text-sm font-semibold text-error'}
      >
        {error ?? hint ?? ''}
      </p>
    </div>
  )
}
