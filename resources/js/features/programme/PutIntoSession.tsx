import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, type VisitChoice, type WeekSheet } from '../../shared/api'
import { Choice, FormProblem, Loading, Problem, Toggle } from '../../shared/ui'
import { visitChoicesOptions, visitedOptions } from '../clients'

interface PutProps {
  /** Null where it is not said whose session it is: then it is asked. */
  clientId: number | null
  exercise: string
  name: string
  /** Null for the rung the plan would pick. */
  setting: Record<string, unknown> | null
}

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const inWords = (one: VisitChoice) => `Week ${one.week}, ${weekdays[one.weekday - 1]}: ${one.name}`

/** One exercise added to a session of the programme that runs, by the same rules as in the week itself. */
function Form({ clientId, exercise, name, setting, onDone }: PutProps & { clientId: number; onDone: () => void }) {
  const choices = useQuery(visitChoicesOptions(clientId))
  const [chosen, setChosen] = useState('')
  const [onwards, setOnwards] = useState(true)
  const queries = useQueryClient()
  const put = useMutation({
    mutationFn: (to: VisitChoice) =>
      api.post<WeekSheet>(`programmes/${to.programmeId}/weeks/${to.week}/edits`, {
        version: to.version,
        onwards,
        edit: { kind: 'add', weekday: to.weekday, exercise, ...(setting !== null && { setting }) },
      }),
    onSuccess: (sheet, to) => {
      toast(`${name} is in ${to.name}, week ${to.week}`, {
        action: {
          label: 'Undo',
          onClick: () =>
            void api.post(`programmes/${to.programmeId}/undo`, { version: sheet.version }).then(
              () => queries.invalidateQueries(),
              (error: Error) => toast.error(error.message),
            ),
        },
      })
      onDone()
    },
    // Whatever came of it, the programme is read again before the next change is made on it.
    onSettled: () => queries.invalidateQueries(),
  })
  if (choices.isPending) return <Loading what="the sessions" />
  if (choices.isError) return <Problem error={choices.error} onRetry={() => void choices.refetch()} />
  const to = choices.data.find((one) => String(one.plannedSessionId) === chosen) ?? choices.data[0]
  if (to === undefined) {
    return (
      <p>
        No programme runs here yet.{' '}
        <Link to={`/clients/${clientId}/programme`} className="link">
          Plan one first
        </Link>
      </p>
    )
  }
  return (
    <form
      noValidate
      aria-label={`Put ${name} into a session`}
      onSubmit={(event) => {
        event.preventDefault()
        put.mutate(to)
      }}
    >
      <Choice
        label="Session"
        value={String(to.plannedSessionId)}
        onChange={(id) => {
          put.reset()
          setChosen(id)
        }}
        options={choices.data.map((one) => [String(one.plannedSessionId), inWords(one)])}
      />
      <Toggle label="In the weeks after it too" checked={onwards} onChange={setOnwards} />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <button className="btn btn-primary btn-sm" disabled={put.isPending}>
          {put.isPending ? 'Putting it in…' : 'Put it in'}
        </button>
        <Link to={`/clients/${clientId}/programme/${to.programmeId}/week/${to.week}`} className="btn btn-ghost btn-sm">
          Look at week {to.week}
        </Link>
      </div>
      <FormProblem error={put.error} />
    </form>
  )
}

/** Whose session it goes into, where the page does not say it. */
function Whose({ children }: { children: (clientId: number) => React.ReactNode }) {
  const clients = useQuery(visitedOptions)
  const [chosen, setChosen] = useState(0)
  if (clients.isPending) return <Loading what="the clients" />
  const clientId = chosen || (clients.data?.[0]?.id ?? 0)
  if (clientId === 0) return <p className="soft">There is no client yet whose session it could go into.</p>
  return (
    <>
      <Choice
        label="Client"
        value={String(clientId)}
        onChange={(id) => setChosen(Number(id))}
        options={(clients.data ?? []).map((one) => [String(one.id), one.name])}
      />
      {children(clientId)}
    </>
  )
}

/** From where an exercise is looked at straight into a session. */
export function PutIntoSession(props: PutProps) {
  const [isOpen, setIsOpen] = useState(false)
  const opener = useRef<HTMLButtonElement>(null)
  const shut = () => {
    setIsOpen(false)
    opener.current?.focus()
  }
  return (
    <div>
      <button
        ref={opener}
        type="button"
        className="btn btn-outline btn-sm"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        Put this into a session
      </button>
      {isOpen && (
        <div className="mt-2 max-w-md rounded-md bg-base-200 p-4">
          {props.clientId === null ? (
            <Whose>{(clientId) => <Form key={clientId} {...props} clientId={clientId} onDone={shut} />}</Whose>
          ) : (
            <Form {...props} clientId={props.clientId} onDone={shut} />
          )}
        </div>
      )}
    </div>
  )
}
