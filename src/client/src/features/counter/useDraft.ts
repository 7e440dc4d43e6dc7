import { useLocalStorage } from '@vueuse/core'
import type { AskView, Cut, Pot, Request } from '@/api/types'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'

/** What is on the Counter: the question, and which pot of the household it is for. */
export interface Draft {
  request: Request
  potId: string | null
}

/** The question with the pot that it is for; null for the household's usual one. */
export const withPot = ({ request, potId }: Draft, pots: readonly Pot[]): Request => ({
  ...request,
  pot: request.pot ?? pots.find((p) => p.id === potId) ?? null,
})

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

  function changeLoad(part: Request['load']) {
    change({ load: { ...draft.value.request.load, ...part } })
  }

  /** Another cut: the number stays, the weight becomes typical, what was measured no longer holds. */
  function chooseCut(cut: Cut) {
    const large = cut.pieceKg.typical > 0.45
    const pieces = large ? 1 : Math.max(draft.value.request.load.pieces ?? 1, 4)
    changeLoad({ cut: cut.id, pieces, totalKg: Number((cut.pieceKg.typical * pieces).toFixed(2)), thicknessMm: null })
    change({ aim: null, release: null, confirmed: null })
  }

  function usePot(potId: string) {
    draft.value = { potId, request: { ...draft.value.request, pot: null, minutes: null, liquidMl: null } }
  }

  /** Takes over what was typed; what was not said starts afresh. */
  function take(heard: AskView) {
    draft.value = {
      potId: heard.potId ?? draft.value.potId,
      request: {
        load: {
          cut: heard.cut,
          pieces: heard.pieces,
          totalKg: heard.totalKg,
          thicknessMm: heard.thicknessMm,
          state: heard.state,
          startCelsius: heard.startCelsius,
          arrangement: heard.arrangement,
          placement: heard.placement,
        },
        aim: heard.aim,
        pressure: heard.pressure,
        liquidMl: heard.liquidMl,
        pot: heard.potId === null && heard.potLitres !== null ? { capacityLitres: heard.potLitres } : null,
      },
    }
  }

  function open(request: Request, potId: string | null = null) {
    draft.value = { request, potId: potId ?? draft.value.potId }
  }

  return { draft, untried, change, changeLoad, chooseCut, usePot, take, open }
}

export type DraftActions = ReturnType<typeof useDraft>
