import { putAway, useOutbox } from './device/outbox'

/** What has not reached the application yet, in the line that names the session: nothing moves when it comes and goes. */
export function Sending({ name }: { name: string }) {
  const { waiting, trouble } = useOutbox()
  const where = trouble === null ? 'kept on this device' : 'on this page alone'
  return (
    <p className="soft truncate text-sm">
      <span role="status" className={waiting.length > 0 ? '' : 'sr-only'}>
        {waiting.length === 0
          ? 'Everything is sent.'
          : waiting.length === 1
            ? `One thing is not sent yet; it is ${where}.`
            : `${waiting.length} things are not sent yet; they are ${where}.`}
      </span>
      {waiting.length === 0 && name}
    </p>
  )
}

/** What this device cannot keep, and what the application would not take. */
export function Unkept() {
  const { waiting, refused, trouble } = useOutbox()
  return (
    <>
      {trouble !== null && (
        <div role="alert" className="notice">
          <p className="font-semibold">
            {trouble === 'full'
              ? 'This device has no room left: nothing more can be kept on it.'
              : 'This browser keeps nothing for this page, as in a private window.'}
          </p>
          <p>
            {waiting.length === 0
              ? 'Everything so far has been sent. Leave the page open while there is no network.'
              : 'What is not sent would be lost with this page. Do not close it before it is sent.'}
            {trouble === 'full' && ' Free some room, then go on.'}
          </p>
        </div>
      )}
      {refused.length > 0 && (
        <div role="alert" className="notice">
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

/** Something that changed under a session that runs: said once, until it is read. */
export function Said({ words, onRead }: { words: string; onRead: () => void }) {
  return (
    <div role="alert" className="notice flex flex-wrap items-center gap-3">
      <p className="grow">{words}</p>
      <button type="button" className="btn btn-sm btn-outline" onClick={onRead}>
        I have read it
      </button>
    </div>
  )
}
