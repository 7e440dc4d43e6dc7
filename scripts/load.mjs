// Twenty rehearsals at sixty times speed with fifty listeners, for a minute: how much of a core and of memory the server takes. usage: ./ikuzo soak
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { cpuSeconds, megabytes, pause, root, withServer } from './server.mjs'

const { HubConnectionBuilder, LogLevel } = createRequire(join(root, 'src/client/package.json'))('@microsoft/signalr')
const address = 'http://127.0.0.1:5197'
const [cooks, listeners, seconds] = [20, 50, 60]
const mostCore = 0.5
const mostMegabytes = 300
const post = async (path, body) => {
  const answer = await fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
  return answer.json()
}

process.exitCode = await withServer(
  { address, env: { Serilog__MinimumLevel__Default: 'Warning' } },
  async ({ pid }) => {
    const plan = { load: { cut: 'chicken-thigh-bone-in', pieces: 4, totalKg: 0.8 } }
    const ids = []
    for (let i = 0; i < cooks; i++) {
      const { id } = await post('/api/cooks', { plan, name: `Cook ${i + 1}` })
      await post(`/api/cooks/${id}/simulate`, { speed: 60, seed: i })
      ids.push(id)
    }
    let heard = 0
    for (let i = 0; i < listeners; i++) {
      const hub = new HubConnectionBuilder().withUrl(`${address}/hubs/cooks`).configureLogging(LogLevel.None).build()
      hub.on('changed', () => heard++)
      hub.on('told', () => heard++)
      await hub.start()
      await hub.invoke('Watch', ids[i % cooks])
    }
    await Promise.all(ids.map((id) => post(`/api/cooks/${id}/events`, { clientId: 'lid', kind: 'lid-on' })))
    await pause(3000) // the first of everything is compiled
    const [from, began] = [cpuSeconds(pid), Date.now()]
    let most = 0
    while (Date.now() - began < seconds * 1000) {
      most = Math.max(most, megabytes(pid))
      await pause(500)
    }
    const core = (cpuSeconds(pid) - from) / ((Date.now() - began) / 1000)
    console.log(
      `${cooks} rehearsals at 60x, ${listeners} listeners, ${seconds} s: ${(core * 100).toFixed(0)} % of a core, at most ${most.toFixed(0)} MB, ${heard} messages heard`,
    )
    return core > mostCore || most > mostMegabytes || heard === 0 ? 1 : 0
  },
)
process.exit() // listeners are still waiting
