/** What the API said no to: a sentence for the person, and one for each field that is wrong. */
export class ApiError extends Error {
  readonly status: number
  readonly errors: Record<string, string[]>
  /** The whole answer, where there was one. */
  readonly body: unknown

  constructor(status: number, message: string, errors: Record<string, string[]> = {}, body: unknown = null) {
    super(message)
    this.status = status
    this.errors = errors
    this.body = body
  }

  /** The first sentence about one field, or undefined where it is fine. */
  about(field: string): string | undefined {
    return this.errors[field]?.[0]
  }
}

const sentences: Record<number, string> = {
  0: 'The application cannot be reached. What you entered is still here; try again in a moment.',
  401: 'You are signed out. Sign in again to go on.',
  404: 'There is nothing here, or it belongs to someone else.',
  419: 'The page was open for too long. Reload it and try again.',
  429: 'Too many tries. Wait a minute, then try again.',
}

function crossSiteToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

async function send(method: string, path: string, body?: unknown): Promise<Response> {
  try {
    return await fetch(path, {
      method,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': crossSiteToken() }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
  } catch {
    throw new ApiError(0, sentences[0] ?? '')
  }
}

async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  if (method !== 'GET' && crossSiteToken() === '') {
    await send('GET', '/sanctum/csrf-cookie')
  }
  let response = await send(method, `/api/${path}`, body)
  if (response.status === 419) {
    // The page was open for longer than its token lasts: a fresh one, and once more.
    await send('GET', '/sanctum/csrf-cookie')
    response = await send(method, `/api/${path}`, body)
  }
  if (response.status === 204) {
    return undefined as T
  }
  const data: unknown = await response.json().catch(() => null)
  if (!response.ok) {
    const said = (data ?? {}) as { message?: string; errors?: Record<string, string[]> }
    throw new ApiError(
      response.status,
      [409, 422].includes(response.status)
        ? (said.message ?? 'Something entered is not right.')
        : (sentences[response.status] ?? 'Something went wrong on our side. Nothing was lost; try again.'),
      said.errors,
      data,
    )
  }
  return data as T
}

const underWay = new Set<Promise<unknown>>()

const changedAs = 'nimble-shelf-changed-at'
let changedAt = 0

/** When this device last changed something with the application, milliseconds since 1970; 0 where it never did. */
export function lastChangeAt(): number {
  try {
    // Another window of this device may have done it.
    return Math.max(changedAt, Number(localStorage.getItem(changedAs) ?? 0))
  } catch {
    return changedAt
  }
}

function noteChange(): void {
  changedAt = Date.now()
  try {
    localStorage.setItem(changedAs, String(changedAt))
  } catch {
    // Without storage it is known for as long as the page.
  }
}

function asked<T>(method: string, path: string, body?: unknown): Promise<T> {
  const answer = request<T>(method, path, body)
  if (method !== 'GET') answer.then(noteChange, () => undefined)
  const done = answer.catch(() => undefined).finally(() => underWay.delete(done))
  underWay.add(done)
  return answer
}

/**
 * Waits, three seconds at most, until everything asked so far is answered: what was asked as somebody else would sign them
 * in again, or out.
 */
export async function allAnswered(): Promise<void> {
  await Promise.race([Promise.all(underWay), new Promise((resolve) => setTimeout(resolve, 3000))])
}

export const api = {
  get: <T>(path: string) => asked<T>('GET', path),
  post: <T>(path: string, body: unknown) => asked<T>('POST', path, body),
  put: <T>(path: string, body: unknown) => asked<T>('PUT', path, body),
  delete: <T>(path: string) => asked<T>('DELETE', path),
}
