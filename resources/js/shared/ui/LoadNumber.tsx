import type { Equivalent } from '../api'
import { rangeOf, signed } from '../lib/counts'
import { Term } from './Term'

/** An equivalent load with its spread: the number first, large. */
export function LoadNumber({ equivalent, size = 'text-4xl' }: { equivalent: Equivalent | null; size?: string }) {
  if (equivalent === null) return <p className="soft">Not measured in kilograms</p>
  const { kg, lowKg, highKg, unit, reference } = equivalent
  return (
    <p className="leading-none">
      <span className={`figure-number ${size}`}>{signed(kg)}</span>
      <span className="ml-1.5 font-semibold">{unit}</span>
      <span className="soft mt-1.5 block text-sm leading-snug">
        {lowKg === highKg ? (
          `spread below ${Math.abs(kg) < 20 ? '0.5' : '1'} kg`
        ) : (
          <>
            <Term word="likely">likely</Term> {rangeOf(lowKg, highKg)}
          </>
        )}{' '}
        · <Term word="equivalent">reckoned</Term> in the {reference.toLowerCase()}
        {kg < 0 && ': easier than that lift with nothing added'}
      </span>
    </p>
  )
}
