/** What a view says of the clock of a cook. */
interface Clock {
  now: string
  speed: number
  fastUntil?: string | null
  waitsSeconds?: number | null
}

const fastLeft = (clock: Clock) =>
  clock.fastUntil == null ? Infinity : Math.max(0, Date.parse(clock.fastUntil) - Date.parse(clock.now))
const waitsMs = (clock: Clock) => (clock.waitsSeconds ?? Infinity) * 1000

/** The moment on the clock of a cook some time after its view was made: fast while the pot works, slow where it waits for the hand. */
export function cookClock(clock: Clock, wallMs: number): number {
  const start = Date.parse(clock.now)
  const left = fastLeft(clock)
  if (clock.speed <= 1 || wallMs * clock.speed <= left) return start + wallMs * clock.speed
  const slow = wallMs - left / clock.speed
  const waited = Math.min(slow, waitsMs(clock))
  return start + left + waited + (slow - waited) * clock.speed
}

/** How long it takes on the wall until a moment of the cook, ms. */
export function wallMsUntil(clock: Clock, moment: number): number {
  const ahead = moment - Date.parse(clock.now)
  const left = fastLeft(clock)
  if (clock.speed <= 1 || ahead <= left) return ahead / clock.speed
  const beyond = ahead - left
  const waited = Math.min(beyond, waitsMs(clock))
  return left / clock.speed + waited + (beyond - waited) / clock.speed
}
