import { expect, type APIRequestContext } from '@playwright/test'
import { test } from './household'

// By accident: a finger anywhere, at any moment of a cook. The same ones each time; IKUZO_TOUCHES says how many of each cook.
const touchesEach = Number(process.env.IKUZO_TOUCHES ?? 2)
let seed = 20_261_202
const random = () => {
  seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0
  return seed / 2 ** 32
}

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
test.setTimeout(60_000 + touchesEach * 40_000)

const way = ['lid-on', 'pressure-reached', 'vented', 'pin-down', 'opened'] as const
const loads = [
  { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.2 },
  { cut: 'turkey-crown', pieces: 1, totalKg: 2.5 },
  { cut: 'duck-leg', pieces: 4, totalKg: 1 },
]
interface Cook {
  phase: string
  events: { kind: string; standing: boolean }[]
}
const cookOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/cooks/${id}`)).json()) as Cook
const kinds = (cook: Cook) => cook.events.filter((e) => e.standing).map((e) => e.kind)

for (let n = 0; n < 10; n++)
  test(`cook ${n + 1}: a touch by accident ends nothing unasked, and what it did can be undone in sight`, async ({
    page,
    request,
  }) => {
    const load = loads[n % loads.length]
    for (let touch = 0; touch < touchesEach; touch++) {
      const data = { plan: { load, minutes: 25, release: { kind: 'vent' } }, name: `Touched ${n} ${touch}` }
      const { id } = await (await request.post('/api/cooks', { data })).json()
      for (const kind of way.slice(0, Math.floor(random() * (way.length + 1))))
        await request.post(`/api/cooks/${id}/events`, { data: { clientId: kind, kind } })
      const before = await cookOf(request, id)
      await page.goto(`/pot/${id}`)
      await expect(page.getByTestId('step')).toBeVisible()
      const bottom = await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)
      await page.evaluate((y) => scrollTo(0, y), Math.floor(random() * bottom))
      const [x, y] = [random() * 389, random() * 843]
      await page.touchscreen.tap(x, y)
      await page.waitForTimeout(400)
      const after = await cookOf(request, id)
      const said = `${before.phase} at ${Math.round(x)}, ${Math.round(y)}`
      expect(kinds(after).slice(0, kinds(before).length), said).toEqual(kinds(before)) // nothing lost
      const added = kinds(after).slice(kinds(before).length)
      if (before.phase === 'holding')
        expect(
          added.filter((k) => k !== 'lengthened'),
          said,
        ).toEqual([])
      expect(['done', 'abandoned'], said).not.toContain(after.phase)
      if (added.length > 0) await expect(page.getByRole('button', { name: /^Undo/ }).first(), said).toBeInViewport()
      await request.post(`/api/cooks/${id}/events`, { data: { clientId: 'over', kind: 'abandoned' } })
    }
  })
