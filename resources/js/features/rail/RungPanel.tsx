import { useQuery } from '@tanstack/react-query'
import type { Rail, RailDetail, RailRung } from '../../shared/api'
import { MovingFigure, StopMotion } from '../../shared/figure'
import { counted } from '../../shared/lib/counts'
import { usePhase } from '../../shared/lib/usePhase'
import { CurvePlot } from '../../shared/plot'
import { Cautions, LoadNumber, Loading } from '../../shared/ui'
import { PutIntoSession } from '../programme/PutIntoSession'
import { rungOptions } from './queries'

function expected(rung: RailRung): string {
  if (rung.isHold) return 'A hold: its seconds are not predicted.'
  if (rung.reps === null) return 'Nothing is logged in this pattern yet: start light, and let the first set say.'
  if (rung.repsHigh === 0) return 'Too heavy for one clean repetition with that reserve.'
  const side = rung.perSide ? ' each side' : ''
  return `About ${counted(rung.reps, 'repetition')}${side} (${rung.repsLow}–${rung.repsHigh}) with the goal’s reserve.`
}

function Drawn({ rail, rung, detail }: { rail: Rail; rung: RailRung; detail: RailDetail }) {
  const phase = usePhase(detail.figure)
  return (
    <>
      <MovingFigure
        figure={detail.figure}
        phase={phase}
        label={`${rung.exercise}, ${rung.words}`}
        className="h-56 w-full"
        ghost
      />
      <StopMotion />
      <CurvePlot
        phase={phase}
        curves={[
          { name: `${rail.reference} at the same load`, curve: detail.referenceCurve, tone: 'wanted' },
          { name: rung.exercise, curve: detail.curve, tone: 'offered' },
        ]}
      />
    </>
  )
}

/** The focused rung: figure, load with its spread, setting in words, curve against the reference, cautions. */
export function RungPanel({ clientId, rail, rung }: { clientId: number; rail: Rail; rung: RailRung }) {
  const detail = useQuery(rungOptions(clientId, rail.pattern, rung.key))
  const shown = detail.data
  return (
    <section aria-label={rung.exercise} className="grid gap-x-10 gap-y-4 lg:grid-cols-[1fr_1.25fr]">
      <div>
        <h2 className="text-2xl">{rung.exercise}</h2>
        <p className="sentence mt-1 text-lg leading-snug">{rung.words}</p>
        {shown && (
          <div className="mt-3">
            <LoadNumber equivalent={shown.equivalent} />
            {shown.plate !== null && <p className="soft mt-2 text-sm">{shown.plate}</p>}
          </div>
        )}
        <p className="mt-3">{expected(rung)}</p>
        {rung.jumpPercent !== null && (
          <p className={`mt-1 ${rung.isBigJump ? 'font-semibold text-error' : ''}`}>
            {Math.abs(rung.jumpPercent)} % {rung.jumpPercent > 0 ? 'more' : 'less'} than what is in use now
            {rung.isBigJump && ': a big jump; make up for it with repetitions, tempo or added fill'}.
          </p>
        )}
        <p className="soft mt-1 text-sm">
          {rung.isInWindow
            ? 'Inside the wanted window'
            : rail.windowLowKg === null
              ? 'No window yet'
              : 'Outside the wanted window'}{' '}
          · set up in {rung.setUpSeconds} s · {rung.position.replaceAll('-', ' ')}
        </p>
        <div className="mt-3">
          <Cautions cautions={rung.cautions} />
        </div>
        {shown && (
          <div className="mt-3">
            <PutIntoSession
              key={rung.key}
              clientId={clientId}
              exercise={shown.exercise}
              name={rung.exercise}
              setting={shown.setting}
            />
          </div>
        )}
      </div>
      <div>{!shown ? <Loading what="this setting" /> : <Drawn rail={rail} rung={rung} detail={shown} />}</div>
    </section>
  )
}
