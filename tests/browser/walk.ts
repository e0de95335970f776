import type { Page } from '@playwright/test'

/** What was wrong with one key on one element, in words. */
export type Wrong = string

interface Pressed {
  clicks: string[]
  submitted: number
  asked: string[]
}

const focusable =
  'a[href], button:not(:disabled), summary, input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]'

/** Of one sort, such as the days of a week or the exercises of a list, so many are pressed. */
const ofOneSort = 2

/**
 * Lies in wait in the page: what a key brings about is written down and goes no further, so that every element of a page
 * can be pressed without changing anything.
 */
async function watch(page: Page, sort: number): Promise<string[]> {
  return page.evaluate(
    ({ selector, most }) => {
      const pressed = { clicks: [] as string[], submitted: 0, asked: [] as string[] }
      const seen = new Map<string, number>()
      const all = [...document.querySelectorAll<HTMLElement>(selector)].filter((one) => {
        if (one.closest('[inert], [aria-hidden="true"]') !== null || one.getClientRects().length === 0) return false
        const like = `${one.tagName} ${one.getAttribute('type') ?? ''} ${one.className} ${one.parentElement?.className ?? ''}`
        const before = seen.get(like) ?? 0
        seen.set(like, before + 1)
        return before < most
      })
      all.forEach((one, at) => one.setAttribute('data-walk', String(at)))
      const nameOf = (one: Element | null) => one?.closest('[data-walk]')?.getAttribute('data-walk') ?? 'somewhere else'
      window.addEventListener(
        'click',
        (event) => {
          pressed.clicks.push(nameOf(event.target as Element))
          event.preventDefault()
          event.stopImmediatePropagation()
        },
        true,
      )
      window.addEventListener(
        'submit',
        (event) => {
          pressed.submitted++
          event.preventDefault()
          event.stopImmediatePropagation()
        },
        true,
      )
      const fetched = window.fetch.bind(window)
      window.fetch = (input, init) => {
        const method = (init?.method ?? (input instanceof Request ? input.method : 'GET')).toUpperCase()
        const url = input instanceof Request ? input.url : String(input)
        // What only asks is a POST where the question is long; those change nothing.
        const isQuestion = method === 'POST' && /replans$|floor-events$|live$|proposals$|lines$|fills$/.test(url)
        if (method !== 'GET' && !isQuestion) {
          pressed.asked.push(`${method} ${url}`)
          return Promise.reject(new TypeError('Held back by the walk'))
        }
        return fetched(input, init)
      }
      ;(window as unknown as { walked: typeof pressed }).walked = pressed
      return all.map((one) => {
        const words = one.getAttribute('aria-label') ?? (one.textContent || one.getAttribute('name') || '')
        return `${one.tagName.toLowerCase()} “${words.trim().replace(/\s+/g, ' ').slice(0, 50)}”`
      })
    },
    { selector: focusable, most: sort },
  )
}

/** Where one stands: whatever of it a key changes, the page did it and not the element. */
const stand = (page: Page) =>
  page.evaluate(() => ({
    path: location.pathname + location.search,
    dialogs: document.querySelectorAll('dialog[open], [role="dialog"], [role="alertdialog"]').length,
    phase: document.querySelector<HTMLElement>('[data-phase]')?.dataset.phase ?? '',
    sets: document.querySelector('[aria-label*="sets through"]')?.getAttribute('aria-label') ?? '',
  }))

/** Space on these opens a list or a calendar of the browser's own, which comes when it comes and takes the next key. */
const opensItself = ['SELECT', 'date', 'time']

async function press(page: Page, at: number, key: 'Enter' | 'Space') {
  const known = await page.evaluate((place) => {
    const walked = (window as unknown as { walked: Pressed }).walked
    walked.clicks = []
    walked.submitted = 0
    walked.asked = []
    const one = document.querySelector<HTMLElement>(`[data-walk="${place}"]`)
    one?.focus()
    const type = one instanceof HTMLInputElement ? one.type : ''
    return one === null || document.activeElement !== one
      ? null
      : {
          tag: one.tagName,
          type,
          isThrough: one.closest('[data-keys="through"]') !== null,
          hasForm: one.closest('form') !== null,
        }
  }, at)
  if (known === null) return null
  if (key === 'Space' && (opensItself.includes(known.tag) || opensItself.includes(known.type))) return null
  await page.keyboard.press(key)
  const after = await page.evaluate(() => (window as unknown as { walked: Pressed }).walked)
  return { ...known, ...after }
}

/**
 * Presses Enter and Space on every element of a page that can have the focus, and says where something else acted than
 * the element itself.
 */
export async function keyWalk(page: Page, where: string): Promise<{ wrong: Wrong[]; pressed: number }> {
  const names = await watch(page, ofOneSort)
  const wrong: Wrong[] = []
  let pressed = 0
  for (const [at, name] of names.entries()) {
    for (const key of ['Enter', 'Space'] as const) {
      const before = await stand(page)
      const what = await press(page, at, key).catch((error: Error) => {
        throw new Error(`${where}: ${key} on ${name}: ${error.message}`)
      })
      if (what === null) continue
      pressed++
      const said = `${where}: ${key} on ${name}`
      // What is written is the field's own, and Enter keeps it; a candidate taken by Enter is taken by its own name.
      const isWritten =
        (what.tag === 'INPUT' && !['radio', 'checkbox', 'range'].includes(what.type)) || what.tag === 'TEXTAREA'
      const isOwn = isWritten || what.isThrough
      const others = what.clicks.filter((one) => one !== String(at))
      // Enter in a field presses the button of its form for it.
      const isOwnSubmit = what.tag === 'INPUT' && what.hasForm && key === 'Enter'
      if (what.asked.length > 0 && !isOwn) wrong.push(`${said} asked ${what.asked.join(', ')}`)
      if (others.length > 0 && !isOwnSubmit)
        wrong.push(`${said} pressed ${others.map((one) => names[Number(one)] ?? one).join(', ')}`)
      const acts =
        ['A', 'BUTTON', 'SUMMARY'].includes(what.tag) && !what.isThrough && !(what.tag === 'A' && key === 'Space')
      if (acts && what.clicks.length !== 1) wrong.push(`${said} did nothing of its own`)
      const after = await stand(page)
      if (!isOwn && JSON.stringify(after) !== JSON.stringify(before)) {
        wrong.push(`${said} changed ${JSON.stringify(before)} to ${JSON.stringify(after)}`)
      }
    }
  }
  return { wrong, pressed }
}
