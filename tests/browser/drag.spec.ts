import { expect, type Page } from '@playwright/test'
import { test } from './household'

// Snapshots for a trace would be measured along.
test.use({ trace: 'off', screenshot: 'off', video: 'off' })

interface Frame {
  ms: number
  minutes: string | null | undefined
}

const at95 = (ms: number[]) => [...ms].sort((one, other) => one - other)[Math.floor((ms.length - 1) * 0.95)] ?? Infinity

/** Twenty pieces of work, of each of which four take a tenth of a second on a quiet machine slowed down fourfold. */
const turns = 3_500_000
const loops = (page: Page) =>
  page.evaluate(async (turns) => {
    const took: number[] = []
    while (took.length < 20) {
      await new Promise((done) => setTimeout(done, 20))
      const began = performance.now()
      let x = 1
      for (let i = 0; i < turns; i++) x = (Math.imul(x, 1664525) + 1013904223) | 0
      took.push(performance.now() - began + (x === 0 ? 1 : 0))
    }
    return took
  }, turns)

test('on a slow machine the numbers follow the finger within a tenth of a second', async ({ page, request }) => {
  test.setTimeout(180_000)
  // A server that has just started still compiles itself on the same two cores.
  const load = { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.1 }
  for (let i = 0; i < 60; i++) await request.post('/api/plans/preview', { data: { load, minutes: 5 + (i % 20) } })
  await page.goto('/')
  await expect(page.getByTestId('minutes')).toHaveText(/\d/)
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0)
  const session = await page.context().newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  // From the event until after the frame that shows it, and what that frame shows.
  await page.evaluate(() => {
    const frames: Frame[] = []
    Object.assign(window, { frames })
    const afterPaint = (then: () => void) =>
      requestAnimationFrame(() => {
        const channel = new MessageChannel()
        channel.port1.onmessage = then
        channel.port2.postMessage(null)
      })
    const figure = document.querySelector('[data-testid=minutes]')
    const measure = (event: Event) =>
      afterPaint(() => frames.push({ ms: performance.now() - event.timeStamp, minutes: figure?.textContent }))
    addEventListener('pointermove', measure, true)
  })
  // Judged against the loops before and after it, bursts of other work with bursts; the quietest of five drags counts.
  const drags: { p95: number; loopMs: number; numbers: number }[] = []
  const follows = (drag: (typeof drags)[number]) => drag.p95 < drag.loopMs && drag.numbers > 8
  while (drags.length < 5 && !drags.some(follows)) {
    await page.keyboard.press('r') // each drag begins at the plan itself
    await page.waitForTimeout(500)
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0)
    const grip = (await page.getByTestId('hold-handle').locator('.handle-grip').boundingBox())!
    const before = await loops(page)
    const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2]
    await page.mouse.move(x, y)
    await page.mouse.down()
    for (let step = 1; step <= 40; step++) {
      await page.mouse.move(x + step * 4, y)
      await page.waitForTimeout(40)
    }
    for (let step = 40; step >= 0; step -= 10) await page.mouse.move(x + step * 4, y)
    await page.mouse.up()
    const frames = await page.evaluate(() => (window as unknown as { frames: Frame[] }).frames.splice(0))
    const p95 = at95(frames.map((f) => f.ms))
    const loopMs = 4 * at95([...before, ...(await loops(page))])
    const numbers = new Set(frames.map((f) => f.minutes)).size
    console.log(
      `interaction to next paint at 4x slow-down: p95 ${p95.toFixed(0)} ms, four loops ${loopMs.toFixed(0)} ms, ${numbers} numbers`,
    )
    drags.push({ p95, loopMs, numbers })
  }
  expect(drags.some(follows), JSON.stringify(drags)).toBe(true)
})
