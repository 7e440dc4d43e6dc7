import createClient from 'openapi-fetch'
import type { paths } from './schema'

/** The server, typed from its OpenAPI document. */
export const api = createClient<paths>({ baseUrl: '/' })

/** What the server said is wrong, in words for the cook. */
export class ServerRefusal extends Error {}

interface Problem {
  title?: string | null
  detail?: string | null
  errors?: Record<string, string[]>
}

/** Data of an answer, or a refusal with the server's own words. */
export function unwrap<T>(answer: { data?: T; error?: unknown }): T {
  if (answer.error !== undefined || answer.data === undefined) {
    const problem = (answer.error ?? {}) as Problem
    const fields = Object.values(problem.errors ?? {}).flat()
    throw new ServerRefusal(fields.join(' ') || problem.detail || problem.title || 'The server did not answer.')
  }
  return answer.data
}
