import type { Health } from '../../shared/api'
import { Choice, TextInput } from '../../shared/ui'

export interface JointEntry {
  joint: string
  side: string
  replaced: string
}

const sides: [string, string][] = [
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
]

interface JointFieldsProps {
  joints: Health['joints']
  named: JointEntry[]
  /** Limits that are set when the answers are kept. */
  limits: string[]
  inForce: string[]
  onChange: (named: JointEntry[], limits: string[]) => void
  messageOf: (name: string) => string | undefined
}

/** Which joint it is, on which side, when it was replaced; and the limits that are proposed for it, to be set here. */
export function JointFields({ joints, named, limits, inForce, onChange, messageOf }: JointFieldsProps) {
  const known = (id: string) => joints.find((joint) => joint.id === id)
  const change = (i: number, to: Partial<JointEntry>) => {
    const now = named.with(i, { joint: '', side: '', replaced: '', ...named[i], ...to })
    const proposed = to.joint === undefined ? [] : (known(to.joint)?.limits.map((limit) => limit.id) ?? [])
    onChange(now, [...new Set([...limits, ...proposed])])
  }
  const chosen = joints.filter((joint) => named.some((one) => one.joint === joint.id))
  const proposals = chosen.flatMap((joint) => joint.limits)
  const once = proposals.filter((one, i) => proposals.findIndex(({ id }) => id === one.id) === i)
  return (
    <div className="mt-2 border-l-4 border-accent pl-4">
      {named.map((one, i) => (
        <fieldset key={i} className="grid gap-x-4 sm:grid-cols-[2fr_1fr_1.4fr_auto] sm:items-start">
          <legend className="sr-only">Joint {i + 1}</legend>
          <Choice
            label="Which joint"
            value={one.joint}
            onChange={(joint) => change(i, { joint })}
            options={[['', 'choose'], ...joints.map((joint): [string, string] => [joint.id, joint.name])]}
            error={messageOf(`joints.${i}.joint`)}
          />
          {known(one.joint)?.hasSides === false ? (
            <span />
          ) : (
            <Choice
              label="Side"
              value={one.side}
              onChange={(side) => change(i, { side })}
              options={[['', 'not said'], ...sides]}
            />
          )}
          <TextInput
            label="Replaced in"
            type="number"
            hint="The year; empty: their own"
            value={one.replaced}
            onChange={(replaced) => change(i, { replaced })}
            error={messageOf(`joints.${i}.replaced`)}
          />
          {named.length > 1 && (
            <button
              type="button"
              className="btn btn-ghost btn-sm sm:mt-6"
              onClick={() => onChange(named.toSpliced(i, 1), limits)}
            >
              Remove
            </button>
          )}
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-outline btn-xs"
        onClick={() => onChange([...named, { joint: '', side: '', replaced: '' }], limits)}
      >
        Another joint
      </button>
      {once.length > 0 && (
        <fieldset className="mt-3">
          <legend className="text-sm font-semibold">Set as a limit until it is better</legend>
          {chosen.map((joint) => (
            <p key={joint.id} className="soft text-sm">
              {joint.name}: {joint.why}.
            </p>
          ))}
          {once.map((limit) => (
            <label key={limit.id} className="flex min-h-8 cursor-pointer items-center gap-3">
              <input
                type="checkbox"
                className="checkbox checkbox-sm checkbox-primary"
                disabled={inForce.includes(limit.id)}
                checked={inForce.includes(limit.id) || limits.includes(limit.id)}
                onChange={(event) =>
                  onChange(named, event.target.checked ? [...limits, limit.id] : limits.filter((id) => id !== limit.id))
                }
              />
              <span>
                <strong>{limit.label}</strong>{' '}
                {inForce.includes(limit.id) && <span className="soft">in force already</span>}
              </span>
            </label>
          ))}
        </fieldset>
      )}
    </div>
  )
}
