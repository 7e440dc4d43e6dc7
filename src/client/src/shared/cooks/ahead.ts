import type { CookEventKind, CookView } from '@/api/types'

/** Something that was done and is not at the server yet. */
interface Unsent {
  kind: CookEventKind
  at: string | null
  data: { step?: string | null }
}

/** What the cook tells of already. */
export const tellsOf = (cook: CookView, { kind, at }: Omit<Unsent, 'data'>) =>
  at !== null && cook.events.some((e) => e.kind === kind && Date.parse(e.at) === Date.parse(at))

/**
 * The cook with what was done but is not at the server yet, and with what the clock alone has brought about since. The server has said what
 * follows; here only its times move, by as much as the thing happened sooner or later than it expected.
 */
export function withAhead(cook: CookView, unsent: readonly Unsent[], now: number): CookView {
  // What the hub told of already may still wait for its own answer: said twice, it would hide what was said after it.
  const said = unsent.filter((u) => !tellsOf(cook, u))
  let shown = cook
  for (const step of cook.ahead) {
    const due = shown.next[0]?.dueAt
    const isSaid = said[0]?.kind === step.after && (said[0].data.step ?? null) === step.step
    const isDue = step.byClock && due != null && Date.parse(due) <= now
    if (!isSaid && !isDue) break
    const at = isSaid ? Date.parse(said.shift()!.at ?? new Date(now).toISOString()) : Date.parse(due!)
    const moved = (time: string | null) =>
      time === null ? null : new Date(Date.parse(time) + at - Date.parse(step.at)).toISOString()
    shown = {
      ...shown,
      phase: step.phase,
      verdict: step.verdict,
      since: new Date(at).toISOString(),
      state: {
        ...shown.state,
        burst: step.burst,
        late: null,
        everNotMeasured: shown.state.everNotMeasured || step.verdict === 'not-measured',
      },
      next: step.next.map((n) => ({ ...n, dueAt: moved(n.dueAt), lateAt: moved(n.lateAt) })),
    }
  }
  return shown
}
