// One rehearsal after another at 120 times the speed of the wall, with simulated hands, until their clocks have shown 24 hours: memory
// stays flat, and each ends measured. usage: ./ikuzo soak
import { megabytes, pause, withServer } from './server.mjs'

const address = 'http://127.0.0.1:5195'
const [speed, hours, samples] = [120, Number(process.argv[2] ?? 24), 12]
const mostGrowth = 0.1 // from the second quarter to the last
const hourMs = 3_600_000
const loads = [
  { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.1 },
  { cut: 'chicken-breast-boneless', pieces: 4, totalKg: 0.9, state: 'frozen' },
  { cut: 'duck-leg', pieces: 4, totalKg: 1.1 },
  { cut: 'turkey-drumstick', pieces: 2, totalKg: 0.9 },
]
const get = async (path) => (await fetch(address + path)).json()
const post = async (path, body) => {
  const answer = await fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  return { ok: answer.ok, said: await answer.json() }
}
let names = 0
const clientId = () => `hand-${++names}`

/** What a pair of hands does next: what is due, measured where it is to be measured. */
async function act(cook) {
  const next = cook.next[0]
  const isDue = next.dueAt === null || Date.parse(next.dueAt) <= Date.parse(cook.now)
  if (next.kind === 'reading') {
    for (const spot of cook.spots) {
      const probe = await get(`/api/cooks/${cook.id}/probe?spot=${spot.id}`)
      const reading = { clientId: clientId(), spot: spot.id, celsius: probe.celsius ?? 88 }
      const { said } = await post(`/api/cooks/${cook.id}/readings`, reading)
      if (said.method && said.method !== 'none' && said.method !== 'read-again') return
    }
    return
  }
  if (isDue || ['opened', 'step-done', 'lid-on', 'finished'].includes(next.kind)) {
    await post(`/api/cooks/${cook.id}/events`, {
      clientId: clientId(),
      kind: next.kind,
      data: next.step ? { step: next.step } : {},
    })
  }
}

process.exitCode = await withServer(
  { address, env: { IKUZO_DEMO: 'true', Serilog__MinimumLevel__Default: 'Warning' } },
  async ({ pid }) => {
    const seen = []
    let [shown, cooks, unmeasured] = [0, 0, 0] // ms on their clocks
    while (shown < hours * hourMs) {
      const { said } = await post('/api/cooks', { plan: { load: loads[cooks % loads.length] }, name: `Day ${cooks}` })
      await post(`/api/cooks/${said.id}/simulate`, { speed, seed: ++cooks })
      let cook = await get(`/api/cooks/${said.id}`)
      const began = Date.parse(cook.now)
      const giveUpAt = Date.now() + 180_000
      while (cook.phase !== 'done' && Date.now() < giveUpAt) {
        if (cook.next.length > 0) await act(cook)
        await pause(150)
        cook = await get(`/api/cooks/${said.id}`)
        seen.push(megabytes(pid))
      }
      if (cook.phase !== 'done') throw new Error(`stays at ${cook.phase}: ${JSON.stringify(cook.next[0])}`)
      if (cook.verdict !== 'done') unmeasured++
      shown += Date.parse(cook.now) - began
    }
    const part = Array.from({ length: samples }, (_, i) => {
      const some = seen.slice(Math.floor((i * seen.length) / samples), Math.floor(((i + 1) * seen.length) / samples))
      return some.reduce((a, b) => a + b, 0) / some.length
    })
    const mean = (from, to) => part.slice(from, to).reduce((a, b) => a + b, 0) / (to - from)
    const growth = mean(samples * 0.75, samples) / mean(samples * 0.25, samples * 0.5) - 1
    console.log(
      `${(shown / hourMs).toFixed(1)} h on the clock, ${cooks} cooks, ${unmeasured} unmeasured; memory ${part.map((m) => m.toFixed(0)).join(' ')} MB, ${(growth * 100).toFixed(1)} % more at the end`,
    )
    return growth > mostGrowth || unmeasured > 0 ? 1 : 0
  },
)
process.exit()
