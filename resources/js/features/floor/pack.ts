import { api, type Pack } from '../../shared/api'
import { dropAnswers, keepAnswer, keptAnswer } from './device/store'
import { lastTrainer } from './device/trainer'

const daysKept = 3

/** Which pack this device has: its tag where it has it whole, and the tag of each answer. */
interface Packed {
  tag: string
  has: Record<string, string>
}

const packedAs = '#pack'

/** No more rounds than this, should the application never be done. */
const mostRounds = 40

/**
 * Keeps on this device what two days of visits need: one answer, in as many pieces as it takes to reckon, and of it only
 * what has changed.
 */
export async function packDays(): Promise<void> {
  const trainer = lastTrainer()
  if (trainer === null) return
  await dropAnswers(trainer, Date.now() - daysKept * 86_400_000)
  const { tag, has } = (await keptAnswer<Packed>(trainer, packedAs))?.answer ?? { tag: '', has: {} }
  for (let round = 0; round < mostRounds; round++) {
    const at = Date.now()
    const known = Object.entries(has).map(([path, one]) => `${path}~${one}`)
    const pack = await api.get<Pack>(`pack?${new URLSearchParams({ tag, has: known.join(',') })}`)
    for (const one of pack.answers) {
      await keepAnswer(trainer, one.path, one.answer, at)
      has[one.path] = one.tag
    }
    await keepAnswer(trainer, packedAs, { tag: pack.isWhole ? pack.tag : '', has }, at)
    if (pack.isWhole) return
  }
}
