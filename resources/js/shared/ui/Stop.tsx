import type { ReactNode } from 'react'

interface StopProps {
  /** Radios of one name exclude each other; a checkbox stands alone. */
  type?: 'radio' | 'checkbox'
  name?: string
  checked: boolean
  large?: boolean
  onChange: (checked: boolean) => void
  children: ReactNode
}

/** One of a few choices, pressed in like a peg. */
export function Stop({ type = 'radio', name, checked, large = false, onChange, children }: StopProps) {
  return (
    <label className={`stop ${large ? 'stop-large' : ''}`}>
      <input
        type={type}
        name={name}
        className="sr-only"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  )
}
