import type { MuscleSets, Programme, WeekCheck } from '../../shared/api'
import { useMedia } from '../../shared/lib/useMedia'
import { grouped, type CheckGroup } from './checks'
import { weekdays } from './PlanForm'

const rank = { no: 0, watch: 1, ok: 2 } as const
const signs = { no: '✕', watch: '!', ok: '✓' } as const
const said = { no: 'No', watch: 'Watch', ok: 'Good' } as const
type Verdict = keyof typeof rank

/** Good, watch or no: a sign with its word for whoever cannot see it. */
export function VerdictSign({ verdict }: { verdict: string }) {
  const known = verdict as Verdict
  return (
    <span className={`verdict verdict-${verdict}`} title={said[known]}>
      <span aria-hidden="true">{signs[known]}</span>
      <span className="sr-only">{said[known]}:</span>
    </span>
  )
}

/** One check over all the days it speaks of. */
function GroupRow({ group }: { group: CheckGroup }) {
  const isOpen = group.verdict !== 'ok'
  return (
    <li className="grid break-inside-avoid grid-cols-[1.6rem_1fr] gap-x-2 border-b border-base-300 py-1.5">
      <VerdictSign verdict={group.verdict} />
      <span>
        <strong>{group.name}</strong>
        {group.days.map(({ weekday, words, value }) => (
          <span key={`${weekday} ${words}`} className="block text-sm">
            {weekday !== null && <span className="soft">{weekdays[weekday - 1]}: </span>}
            {words}
            {isOpen && value !== '' && !words.includes(value) && <span className="soft"> ({value})</span>}
          </span>
        ))}
        {isOpen && <span className="soft block text-sm">Wanted: {group.wanted}</span>}
      </span>
    </li>
  )
}

/** Checks that are shown before somebody asks for more: what matters most. */
const first = 1

export function CheckRow({ check }: { check: WeekCheck }) {
  const verdict = check.verdict as Verdict
  return (
    <li className="grid grid-cols-[1.6rem_1fr] gap-x-2 border-b border-base-300 py-1.5">
      <VerdictSign verdict={verdict} />
      <span>
        <strong>{check.name}</strong>
        {check.weekday !== null && <span className="soft">, {weekdays[check.weekday - 1]}</span>}
        <span className="block text-sm">{check.words}</span>
        {verdict !== 'ok' && (
          <span className="soft block text-sm">
            {check.value}; wanted: {check.wanted}
          </span>
        )}
      </span>
    </li>
  )
}

/** Every muscle's hard sets against the band that does it good. */
export function MuscleBands({ muscles, title }: { muscles: MuscleSets[]; title: string }) {
  const most = Math.max(1, ...muscles.map((one) => Math.max(one.sets, one.high)))
  return (
    <section aria-label="Working sets">
      <h3 className="text-lg">{title}</h3>
      <p className="soft text-sm">The pale band is what does a muscle good; a helping muscle counts half.</p>
      <ul className="mt-2">
        {muscles.map((one) => (
          <li key={one.muscle} className="grid grid-cols-[8.5rem_1fr_3rem] items-center gap-x-2 text-sm">
            <span>{one.muscle}</span>
            <span className="muscle-line" aria-hidden="true">
              <span
                className="muscle-band"
                style={{ left: `${(100 * one.low) / most}%`, width: `${(100 * (one.high - one.low)) / most}%` }}
              />
              <span className="muscle-sets" style={{ width: `${(100 * one.sets) / most}%` }} />
            </span>
            <span className="text-right">
              <strong>{one.sets}</strong>
              <span className="sr-only">
                {' '}
                of {one.low} to {one.high}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

const ofWeek = (programme: Programme, words: string, first: string) =>
  programme.week === 1 ? first : `${words} ${programme.week}`

/** The checks of the week that is done: what to watch first, what is good folded. */
export function Checks({ programme }: { programme: Programme }) {
  const checks = programme.checks
    .filter((check) => check.week === programme.week)
    .sort((one, other) => rank[one.verdict as Verdict] - rank[other.verdict as Verdict])
  const open = grouped(checks.filter((check) => check.verdict !== 'ok'))
  const good = checks.filter((check) => check.verdict === 'ok')
  return (
    <section aria-label="Checks">
      <h3 className="text-lg">
        {ofWeek(programme, 'Checks of week', 'Checks')}{' '}
        <span className="soft text-base">
          · {good.length} of {checks.length} good
        </span>
      </h3>
      <ul>
        {open.slice(0, first).map((group) => (
          <GroupRow key={`${group.name} ${group.verdict} ${group.wanted}`} group={group} />
        ))}
      </ul>
      {open.length > first && (
        <details className="mt-2">
          <summary className="cursor-pointer font-semibold">{open.length - first} more to watch</summary>
          <ul>
            {open.slice(first).map((group) => (
              <GroupRow key={`${group.name} ${group.verdict} ${group.wanted}`} group={group} />
            ))}
          </ul>
        </details>
      )}
      <details className="mt-2">
        <summary className="sentence cursor-pointer font-semibold">{good.length} that are good</summary>
        <ul>
          {grouped(good).map((group) => (
            <GroupRow key={`${group.name} ${group.wanted}`} group={group} />
          ))}
        </ul>
      </details>
    </section>
  )
}

/** What held the week back, its hard sets by muscle, and the score part by part. */
export function Proofs({ programme }: { programme: Programme }) {
  const isNarrow = useMedia('(max-width: 40rem)')
  const muscles = (
    <MuscleBands
      muscles={programme.muscles}
      title={ofWeek(programme, 'Working sets in week', 'Working sets in the first week')}
    />
  )
  return (
    <aside aria-label="Proofs" className="space-y-6">
      {programme.heldBack.length > 0 && (
        <section aria-label="What held it back">
          <h3 className="text-lg">What held it back</h3>
          <ul className="mt-1 list-disc space-y-1 pl-5 text-sm">
            {programme.heldBack.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </section>
      )}
      {isNarrow ? (
        <details>
          <summary className="cursor-pointer font-semibold">Working sets by muscle</summary>
          {muscles}
        </details>
      ) : (
        muscles
      )}
      {programme.total !== null && (
        <section aria-label="Score">
          <details>
            <summary className="cursor-pointer">
              <h3 className="inline text-lg">
                Score <span className="figure-number text-2xl">{programme.total}</span>{' '}
                <span className="soft text-base">points</span>
              </h3>
            </summary>
            <table className="w-full text-sm">
              <tbody>
                {programme.score.map((part) => (
                  <tr key={part.name} className="border-b border-base-300">
                    <th scope="row" className="py-1 pr-2 text-left align-top">
                      {part.name}
                    </th>
                    <td className="soft py-1">{part.words}</td>
                    <td className="py-1 pl-2 text-right align-top whitespace-nowrap">
                      {part.points < 0 ? `−${-part.points}` : part.points}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </details>
        </section>
      )}
    </aside>
  )
}
