import { putAway, useOutbox } from './outbox'

/** What has not reached the application yet, and what it would not take. */
export function Unsent() {
  const { waiting, refused } = useOutbox()
  return (
    <>
      <p role="status" className={waiting.length > 0 ? 'soft mt-2 text-sm' : 'sr-only'}>
        {waiting.length === 0
          ? 'Everything is sent.'
          : waiting.length === 1
            ? 'One thing is not sent yet; it is kept on this device.'
            : `${waiting.length} things are not sent yet; they are kept on this device.`}
      </p>
      {refused.length > 0 && (
        <div role="alert" className="mt-2 rounded border-2 border-error p-3">
          <p className="font-semibold">Not recorded:</p>
          <ul className="list-disc pl-5">
            {refused.map(({ event, message }) => (
              <li key={event.key}>{message}</li>
            ))}
          </ul>
          <button type="button" className="btn btn-sm btn-outline mt-2" onClick={putAway}>
            I have read it
          </button>
        </div>
      )}
    </>
  )
}
