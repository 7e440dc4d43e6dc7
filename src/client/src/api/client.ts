import createClient from 'openapi-fetch'
import { forgetQueries } from '@/shared/offline/keepQueries'
import type { paths } from './schema'

// Pages of one machine share the server fairly.
const page = Math.random().toString(36).slice(2)

/** The server, typed from its OpenAPI document. */
export const api = createClient<paths>({ baseUrl: '/' })

// What the browser says of a lost connection helps nobody in a kitchen.
api.use({
  onRequest: ({ request }) => request.headers.set('Ikuzo-Client', page),
  onResponse: ({ response }) => leadAway(response),
  onError: () => new Error('The server is out of reach. What is on the screen stays; try again when it is back.'),
})

// A phone that may not come in is led to where it can ask; a guest to when dinner is.
function leadAway(response: Response) {
  const to = response.status === 401 ? '/let-in' : response.status === 403 ? '/dinner' : null
  if (response.status === 401) void forgetQueries()
  if (to !== null && !location.pathname.startsWith('/let-in') && location.pathname !== to) location.assign(to)
}

/** Something that must be seen to first. */
export interface ToConfirm {
  code: string
  text: string
  because: string
  confirmWith: string
}

/** What the server said is wrong, in words for the cook. */
export class ServerRefusal extends Error {
  constructor(
    message: string,
    readonly toConfirm: readonly ToConfirm[] = [],
    readonly passing = false,
  ) {
    super(message)
  }
}

interface Problem {
  title?: string | null
  detail?: string | null
  errors?: Record<string, string[]>
  toConfirm?: ToConfirm[]
}

const unit = /(Kg|Grams|Mm|Ml|Metres|Litres|Celsius|Minutes|Hours|Watts|Kpa)$/
const called: Record<string, string> = { text: 'This', totalKg: 'Weight', grams: 'Weight' }

/** What is said of a field, with its name in front: "altitudeMetres", "must lie between…" as "Altitude must lie between…". */
function sentence(field: string, said: string): string {
  if (!/^[a-z]/.test(said)) return said
  const last = field.split('.').at(-1)!
  const words = last.replace(unit, '').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
  const name = called[last] ?? (words === '' ? last : words)
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} ${said}`
}

const changedElsewhere = 412
const serverFailed = 500
const notNow = [401, 403, 408, 429] // not let in at present, or too much at once

/** True where nothing is wrong with what was said, so that the same may be taken later. */
export const isPassing = (status: number) => status >= serverFailed || notNow.includes(status)
/** True where the same may be asked again: no connection, or a server that cannot at present. */
export const mayPass = (error: unknown) => !(error instanceof ServerRefusal) || error.passing

/** What it is now that another window changed meanwhile; null for any other answer. */
export const nowElsewhere = <T>(answer: { response: Response; error?: unknown }) =>
  answer.response.status === changedElsewhere ? (answer.error as { current: T }).current : null

/** What the server said when it refused; null where it said nothing. */
export const saidBy = (error: unknown) => {
  const problem = error as Problem | undefined
  return problem?.detail ?? problem?.title ?? null
}

/** Data of an answer, or a refusal with the server's own words. */
export function unwrap<T>(answer: { data?: T; error?: unknown; response?: Response }): T {
  if (answer.error !== undefined || answer.data === undefined) {
    const problem = (answer.error ?? {}) as Problem
    const fields = Object.entries(problem.errors ?? {}).flatMap(([field, said]) => said.map((s) => sentence(field, s)))
    const said = fields.join(' ') || problem.detail || problem.title || 'The server did not answer.'
    throw new ServerRefusal(said, problem.toConfirm, isPassing(answer.response?.status ?? 0))
  }
  return answer.data
}
