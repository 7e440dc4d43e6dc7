import type { Plan, ReleaseKind, Request, Safety } from '@/api/types'

type Load = Request['load']

/** What the cook is told to do when the minutes are over. */
export function releaseWords(
  release: { kind: ReleaseKind | null; restMinutes?: number | null } | null | undefined,
): string {
  switch (release?.kind) {
    case 'vent':
      return 'Vent at once'
    case 'rest-then-vent':
      return `Leave it ${release.restMinutes ?? 0} min, then vent`
    case 'pulsed':
      return 'Vent in short bursts'
    case 'natural':
      return 'Leave it until the pin drops'
    default:
      return ''
  }
}

export const aims = [
  { value: 'slice', title: 'to slice', hint: 'holds together, carves' },
  { value: 'pull', title: 'to pull apart', hint: 'shreds with two forks' },
  { value: 'fall-apart', title: 'to fall from the bone', hint: 'spoon-tender' },
  { value: 'stock', title: 'for stock', hint: 'bones and skin, in water that covers them' },
] as const

const soft = ['thigh', 'leg', 'drumstick', 'wing'] // nobody carves them

/** How a cut can end; all of them for one that is not known yet, or kept from before cuts said so. */
export const aimsOf = (cut: { aims?: readonly string[]; part?: string } | undefined) =>
  aims
    .filter((aim) => cut?.aims?.includes(aim.value) ?? true)
    .map((aim) =>
      aim.value === 'slice' && soft.includes(cut?.part ?? '')
        ? { ...aim, title: 'tender', hint: 'holds together, soft to the bite' }
        : aim,
    )

export const states = [
  { value: 'chilled', title: 'from the fridge', arrangement: 'single' },
  { value: 'frozen', title: 'frozen singly', arrangement: 'single' },
  { value: 'frozen', title: 'frozen in one lump', arrangement: 'lump' },
  { value: 'room', title: 'at room temperature', arrangement: 'single' },
] as const

/** How long raw meat has been in the fridge: past two days it is thrown away. */
export const fridgeDays = [
  { value: null, title: 'fresh', hint: 'bought or thawed today' },
  { value: 2, title: 'two days old', hint: 'the last day' },
  { value: 3, title: 'three days old or more', hint: 'bought or thawed then' },
] as const

export const brownings = [
  { value: false, title: 'not browned' },
  { value: true, title: 'browned first' },
] as const

export const placements = [
  { value: 'rack', title: 'on the rack' },
  { value: 'in-liquid', title: 'in the liquid' },
  { value: 'on-bed', title: 'on a bed of vegetables or grain' },
] as const

export function stateWords(load: Load): string {
  if ((load.state ?? 'chilled') === 'frozen') {
    return load.arrangement === 'lump' && (load.pieces ?? 1) > 1
      ? 'frozen in one lump'
      : (load.pieces ?? 1) > 1
        ? 'frozen singly'
        : 'frozen'
  }
  return load.state === 'room' ? 'at room temperature' : 'from the fridge'
}

interface Shares {
  promise: Plan['promise']
  kept: boolean
  chanceSafe: number | null
  readyAtFirst: number | null
}

/** How sure some minutes are, in words that do not need a colour. */
export function safetyWords({ promise, kept, chanceSafe, readyAtFirst }: Shares, { shareSafe }: Safety): string {
  const measured = promise === 'measured'
  const share = Math.floor(((measured ? readyAtFirst : chanceSafe) ?? 0) * 100)
  if (!kept) return `Too short: ${measured ? 'ready' : 'safe'} in only ${share} of 100`
  return measured
    ? `Then measure: ready in ${share} of 100 cooks`
    : `Safe in ${Math.round(shareSafe * 100)} of 100 such cooks`
}
