import { useLocalStorage } from '@vueuse/core'
import { api, unwrap } from '@/api/client'
import type { AdaptBody, AskView, Cut, LoadBody, Mend, Pot, Request } from '@/api/types'
import { saidMoment } from '@/shared/meal/useMeal'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'

/** What is on the Counter: the question, and which pot of the household it is for. */
export interface Draft {
  request: Request
  potId: string | null
  /** What is done before and after the pot; nothing unless said. */
  marinadeHours?: number | null
  crispMinutes?: number | null
  /** What of the cold store it is; nothing unless it came from there. */
  storeId?: string | null
  /** When it is eaten; the clock of the answer counts back from it. */
  eatAt?: string | null
}

/** The question with the pot that it is for; null for the household's usual one. */
export const withPot = ({ request, potId }: Draft, pots: readonly Pot[]): Request => ({
  ...request,
  pot: request.pot ?? pots.find((p) => p.id === potId) ?? null,
})

/** What cooks under the lid with the meat, of what was named beside it. */
export const isUnderLid = (beside: AskView['beside'][number]) =>
  beside.kind === 'companion' && (beside.when === null || beside.when === 'under')

const first: Draft = {
  request: { load: { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.1 } },
  potId: null,
}

/** The question on the Counter. It outlives a reload; nothing that was typed is lost. */
export function useDraft() {
  const draft = useLocalStorage<Draft>('ikuzo.counter', first)

  /** The question without the minutes and release that are being tried. */
  const untried = sameWhileEqual<Request>(() => ({ ...draft.value.request, minutes: null, release: null }))

  function change(part: Partial<Request>) {
    draft.value = { ...draft.value, request: { ...draft.value.request, minutes: null, ...part } }
  }

  // What was seen to was so of another load.
  function changeLoad(part: Request['load']) {
    const other = part.totalKg !== undefined || part.pieces !== undefined ? { heaviestKg: null } : {}
    change({ load: { ...draft.value.request.load, ...other, ...part }, confirmed: null })
  }

  // The server knows what a load of another cut or number weighs; of several answers the newest counts.
  let asked = 0
  async function adapt(how: { cut?: string; pieces?: number }, also: Partial<Request> = {}) {
    const mine = ++asked
    const load = unwrap(
      await api.POST('/api/plans/load', { body: { load: draft.value.request.load as LoadBody, ...how } as AdaptBody }),
    )
    if (mine !== asked) return
    if (how.cut !== undefined) draft.value = { ...draft.value, storeId: null }
    change({ load, ...also })
  }

  /** Another cut: the weight becomes typical, what was measured or seen to no longer holds. */
  const chooseCut = (cut: Cut) => adapt({ cut: cut.id }, { aim: null, release: null, confirmed: null })

  /** Another number of pieces, each as heavy as before. */
  const choosePieces = (pieces: number) => adapt({ pieces })

  function usePot(potId: string) {
    draft.value = {
      ...draft.value,
      potId,
      request: { ...draft.value.request, pot: null, minutes: null, liquidMl: null },
    }
  }

  /** Does what makes a stop go. What is null stays as it is. */
  function mend(way: Mend) {
    const { request } = draft.value
    const load = { ...request.load }
    if (way.cut) Object.assign(load, { cut: way.cut, thicknessMm: null })
    if (way.placement) load.placement = way.placement
    if (way.state) Object.assign(load, { state: way.state, startCelsius: null, arrangement: 'single' })
    if (way.pieces) Object.assign(load, { pieces: way.pieces, totalKg: way.totalKg, heaviestKg: null })
    if (way.potId) usePot(way.potId)
    const kept = way.byItself
      ? null
      : { minutes: way.minutes ?? request.minutes, release: way.release ?? request.release }
    const companions = request.companions?.filter((c) => !way.leaveOut?.includes(c.id ?? ''))
    change({
      load,
      companions,
      liquidMl: way.liquidMl ?? (way.potId ? null : request.liquidMl),
      minutes: kept?.minutes ?? null,
      release: kept?.release ?? null,
    })
  }

  /** Takes over what was typed; what was not said starts afresh. */
  function take(heard: AskView) {
    draft.value = {
      eatAt: saidMoment(heard, new Date())?.toISOString() ?? null,
      potId: heard.potId ?? draft.value.potId,
      marinadeHours: heard.marinadeHours,
      crispMinutes: heard.crispMinutes,
      request: {
        load: {
          cut: heard.cut,
          pieces: heard.pieces,
          totalKg: heard.totalKg,
          thicknessMm: heard.thicknessMm,
          heaviestKg: heard.heaviestKg,
          state: heard.state,
          startCelsius: heard.startCelsius,
          arrangement: heard.arrangement,
          placement: heard.placement,
          daysInFridge: heard.daysInFridge,
          stoodMinutes: heard.stoodMinutes,
        },
        aim: heard.aim,
        pressure: heard.pressure,
        promise: heard.promise ?? draft.value.request.promise,
        altitudeMetres: heard.altitudeMetres,
        liquidMl: heard.liquidMl,
        minutes: heard.minutes,
        release: heard.release,
        browned: heard.brown,
        companions: heard.beside.filter(isUnderLid).map((b) => ({ id: b.id, grams: b.grams, inBowl: null })),
        pot: heard.potId === null && heard.potLitres !== null ? { capacityLitres: heard.potLitres } : null,
      },
    }
  }

  function open(request: Request, potId: string | null = null, storeId: string | null = null) {
    draft.value = { request, potId: potId ?? draft.value.potId, storeId }
  }

  return { draft, untried, change, changeLoad, chooseCut, choosePieces, usePot, mend, take, open }
}

export type DraftActions = ReturnType<typeof useDraft>
