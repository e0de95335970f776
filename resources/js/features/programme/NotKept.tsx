import { useEffect, useRef } from 'react'
import { ApiError } from '../../shared/api'

/** Why it was not kept, beside what was pressed, with the way to what has to be put right. */
export function NotKept({ error, onGo }: { error: Error; onGo: (() => void) | null }) {
  const words = error instanceof ApiError ? (Object.values(error.errors)[0]?.[0] ?? error.message) : error.message
  const said = useRef<HTMLParagraphElement>(null)
  useEffect(() => said.current?.focus(), [error])
  return (
    <p ref={said} tabIndex={-1} role="alert" className="w-full font-semibold text-error outline-none">
      {words}{' '}
      {onGo !== null && (
        <button type="button" className="btn btn-outline btn-sm" onClick={onGo}>
          Go to the text
        </button>
      )}
    </p>
  )
}
