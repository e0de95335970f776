import type { HealthLock } from '../api'

/** Why a client does not train until a clearance is noted, and what to do. */
export function Locks({ locks, clientId }: { locks: HealthLock[]; clientId: number }) {
  if (locks.length === 0) return null
  return (
    <section className="caution my-4" aria-label="Locked">
      <div>
        <p className="font-display text-lg font-semibold">No training today</p>
        {locks.map((lock) => (
          <p key={lock.why}>
            <strong>{lock.why}</strong> {lock.do}
          </p>
        ))}
        <a href={`/clients/${clientId}/health`} className="link font-semibold">
          To the health page
        </a>
      </div>
    </section>
  )
}
