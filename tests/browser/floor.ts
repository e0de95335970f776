import type { Page } from '@playwright/test'
import { expect } from './desk'

/*
 * The Floor as the tests play it.
 */

export interface Log {
  key: string
  words: string
  reps: number | null
  seconds: number | null
  loggedAt: string
}
export interface Shown {
  state: string
  clientId: number
  endedAt: string | null
  facts: { key: string; kind: string; at: string }[]
  blocks: { kind: string; items: { id: number; name: string; words: string; setLogs: Log[] }[] }[]
  steps: { kind: string; endsSet: boolean; itemId: number | null; setNumber: number | null; side: string | null }[]
}

/** An answer of the application to whoever is signed in on a page. */
export const ask = <T>(page: Page, path: string): Promise<T> =>
  page.evaluate(
    async (to) => (await (await fetch(`/api/${to}`, { headers: { Accept: 'application/json' } })).json()) as T,
    path,
  )

export const shown = (page: Page, sessionId: number) => ask<Shown>(page, `sessions/${sessionId}`)
export const logsOf = (session: Shown) => session.blocks.flatMap((block) => block.items.flatMap((item) => item.setLogs))

/** Sends events as a device does. */
export const happened = (page: Page, events: object[]) =>
  page.evaluate(async (these) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    const answer = await fetch('/api/floor-events', {
      method: 'POST',
      headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
      body: JSON.stringify({ events: these }),
    })
    return answer.status
  }, events)

/** One of tomorrow evening's loose visits, which between them have every kind of block. */
export async function looseVisit(page: Page, name: string): Promise<number> {
  const { tomorrow } = await ask<{ tomorrow: string }>(page, 'round')
  const { visits } = await ask<{ visits: { sessionId: number; sessionName: string }[] }>(page, `round?date=${tomorrow}`)
  const visit = visits.find((one) => one.sessionName === name)
  if (visit === undefined) throw new Error(`The demo has no visit called ${name}.`)
  return visit.sessionId
}

/**
 * Takes back all that was done in a session, so that it can be run again, and sets the page's clock to after it: earlier
 * runs may have moved theirs on.
 */
export async function asNew(page: Page, sessionId: number): Promise<Date> {
  const session = await shown(page, sessionId)
  const latest = [
    session.endedAt ?? '',
    ...session.facts.map((fact) => fact.at),
    ...logsOf(session).map((log) => log.loggedAt),
  ]
  const now = new Date(Math.max(Date.now(), ...latest.filter((at) => at !== '').map((at) => Date.parse(at) + 2000)))
  const event = (kind: string, more: object) => ({
    key: crypto.randomUUID(),
    kind,
    clientId: session.clientId,
    sessionId,
    at: now.toISOString().replace('Z', '+00:00'),
    zone: 'UTC',
    ...more,
  })
  const states = ['started', 'ended', 'resumed']
  const back = [
    ...logsOf(session).map((log) => event('set-voided', { targetKey: log.key })),
    ...session.facts
      .filter((fact) => !states.includes(fact.kind))
      .map((fact) => event('taken-up', { targetKey: fact.key })),
    ...(session.state === 'done' ? [event('resumed', {})] : []),
  ]
  if (back.length > 0) expect(await happened(page, back)).toBe(200)
  const after = new Date(now.getTime() + 1000)
  await page.clock.install({ time: after })
  return after
}

export async function open(page: Page, sessionId: number) {
  await page.goto(`/floor/${sessionId}`)
  const start = page.getByRole('button', { name: 'Start the session' })
  const bar = page.getByRole('button', { name: 'More', exact: true })
  await expect(start.or(bar)).toBeVisible()
  if (await start.isVisible()) await start.click()
  await expect(bar).toBeVisible()
}

/** Opens one of the loose visits with nothing of it done; `time` is what the page's clock says. */
export async function openAsNew(page: Page, name: string): Promise<{ sessionId: number; time: Date }> {
  const sessionId = await looseVisit(page, name)
  const time = await asNew(page, sessionId)
  await open(page, sessionId)
  return { sessionId, time }
}

export const stage = (page: Page) => page.locator('.floor-stage')
export const phase = async (page: Page) => (await stage(page).getAttribute('data-phase')) ?? ''
export const allSent = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: 'sent' })).toHaveText('Everything is sent.')
