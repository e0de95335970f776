import { useEffect } from 'react'
import { api } from '../../shared/api'
import { handedOver } from '../../shared/lib/handOver'
import { say, useMessage } from './messages'

/** What was just done, in one line that covers nothing. */
export function MessageLine() {
  const message = useMessage()
  useEffect(() => {
    const said = handedOver()
    if (said === null) return
    const { words, undo } = said
    const takeBack = (path: string) =>
      api
        .delete<unknown>(path)
        .then(() => location.reload())
        .catch((error: unknown) => say(error instanceof Error ? error.message : 'That did not work'))
    say(words, undo === null ? null : { label: 'Undo', act: () => void takeBack(undo) })
  }, [])
  return (
    <div role="status" className={message === null ? 'sr-only' : 'floor-message'}>
      {message !== null && (
        <>
          <span className="grow">{message.words}</span>
          {message.action !== null && (
            <button type="button" className="btn btn-accent btn-sm" onClick={message.action.act}>
              {message.action.label}
            </button>
          )}
        </>
      )}
    </div>
  )
}
