// Fifty pages that preview big birds as fast as they can, one that never reads what it hears: how long health, entries of a cook and the
// hub take meanwhile; thirty of whom six arrange dishes: how long a preview takes, and how soon it is refused; how two pages share, the dearest request of each kind, and how long it takes to stop. usage: ./ikuzo soak storm [SECONDS]
import { randomBytes } from 'node:crypto'
import { createRequire } from 'node:module'
import { connect } from 'node:net'
import { join } from 'node:path'
import { Worker, isMainThread, parentPort, workerData } from 'node:worker_threads'
import { cpuSeconds, pause, root, withServer } from './server.mjs'

const address = 'http://127.0.0.1:5197'
const birds = ['chicken-whole', 'turkey-crown', 'duck-whole'].map((cut, i) => ({
  load: { cut, pieces: 1, totalKg: [1.7, 2, 1.8][i] },
  pot: { capacityLitres: 8 },
  confirmed: ['giblets'],
}))
const json = { 'Content-Type': 'application/json' }
const ask = (path, body, headers = {}) =>
  fetch(address + path, { method: 'POST', headers: { ...json, ...headers }, body: JSON.stringify(body) })

if (!isMainThread) {
  const { pages, seconds, names, dish } = workerData
  const answered = names.map(() => 0)
  const took = { answered: [], refused: [] }
  let unsaid = 0 // refused without saying when to come again
  const until = Date.now() + seconds * 1000
  await Promise.all(
    Array.from({ length: pages }, async (_, i) => {
      while (Date.now() < until) {
        if (dish && i % 5 === 0) {
          await ask('/api/dishes/solve', dish, { 'Ikuzo-Client': names[i] }).then((a) => a.arrayBuffer())
          continue
        }
        const bird = birds[i % birds.length]
        const began = performance.now()
        const load = { ...bird.load, totalKg: Number((bird.load.totalKg + Math.random() / 4).toFixed(3)) }
        const answer = await ask('/api/plans/preview', { ...bird, load }, { 'Ikuzo-Client': names[i % names.length] })
        if (answer.ok) answered[i % names.length]++
        await answer.arrayBuffer()
        took[answer.ok ? 'answered' : 'refused'].push(performance.now() - began)
        const after = Number(answer.headers.get('Retry-After'))
        if (!answer.ok && !(answer.status === 429 && after >= 1)) unsaid++
        if (!answer.ok) await new Promise((resolve) => setTimeout(resolve, after * 1000))
      }
    }),
  )
  parentPort.postMessage({ answered, took, unsaid })
} else {
  const seconds = Number(process.argv[2] ?? 20)
  const most = { answerMs: 100, previewMs: 5000, requestCpuSeconds: 5, stopMs: 2000 }
  const { HubConnectionBuilder, LogLevel } = createRequire(join(root, 'src/client/package.json'))('@microsoft/signalr')
  const at = (values, share) => values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]
  const storm = (pages, seconds, names, dish) => {
    const worker = new Worker(new URL(import.meta.url), { workerData: { pages, seconds, names, dish } })
    return new Promise((resolve, reject) => worker.once('message', resolve).once('error', reject))
  }
  const timed = async (work) => {
    const began = performance.now()
    await work()
    return performance.now() - began
  }
  // Listens by hand, and reads nothing after the greeting.
  const listenDeaf = async (id) => {
    const socket = connect(new URL(address).port, '127.0.0.1')
    const frame = (text) => {
      const bytes = Buffer.from(`${text}\u001e`)
      return Buffer.concat([Buffer.from([0x81, 0x80 | bytes.length, 0, 0, 0, 0]), bytes])
    }
    const host = new URL(address).host
    const key = randomBytes(16).toString('base64')
    socket.write(
      `GET /hubs/cooks HTTP/1.1\r\nHost: ${host}\r\nUpgrade: websocket\r\nConnection: Upgrade\r\nSec-WebSocket-Version: 13\r\nSec-WebSocket-Key: ${key}\r\n\r\n`,
    )
    await new Promise((resolve) => socket.once('data', resolve))
    socket.pause()
    socket.write(frame(JSON.stringify({ protocol: 'json', version: 1 })))
    socket.write(frame(JSON.stringify({ type: 1, target: 'Watch', arguments: [id] })))
    return socket
  }
  let failed = 0
  const judge = (text, isWell) => {
    console.log(`${isWell ? 'ok ' : 'BAD'} ${text}`)
    failed += isWell ? 0 : 1
  }

  process.exitCode = await withServer(
    { address, env: { IKUZO_DEMO: 'true', Serilog__MinimumLevel__Default: 'Warning' } },
    async (server) => {
      const { pid } = server
      const begin = async (name) =>
        (await (await ask('/api/cooks', { plan: { load: { cut: 'chicken-cutlet', pieces: 3, totalKg: 0.4 } }, name })).json()).id
      const id = await begin('Storm')
      let heard = null
      const hub = new HubConnectionBuilder().withUrl(`${address}/hubs/cooks`).configureLogging(LogLevel.None).build()
      hub.on('changed', () => heard?.())
      await hub.start()
      await hub.invoke('Watch', id)
      const deaf = await listenDeaf(id)
      await ask('/api/plans/preview', birds[0])

      const took = { health: [], entry: [], hub: [] }
      const running = storm(50, seconds, Array.from({ length: 50 }, (_, i) => `page-${i}`))
      let isOver = false
      void running.then(() => (isOver = true))
      await pause(500)
      for (let i = 0; !isOver; i++) {
        took.health.push(await timed(() => fetch(`${address}/api/health`).then((a) => a.arrayBuffer())))
        const said = new Promise((resolve) => (heard = resolve))
        const began = performance.now()
        const entry = { clientId: `n${i}`, kind: 'note', data: { text: `Note ${i}` } }
        took.entry.push(await timed(() => ask(`/api/cooks/${id}/events`, entry).then((a) => a.arrayBuffer())))
        await said
        took.hub.push(performance.now() - began)
        await pause(20)
      }
      const previews = (await running).answered.reduce((a, b) => a + b, 0)
      console.log(`${previews} big birds in ${seconds} s for 50 pages`)
      for (const [what, ms] of Object.entries(took))
        judge(
          `${what}: ${ms.length} times, median ${at(ms, 0.5).toFixed(1)} ms, p99 ${at(ms, 0.99).toFixed(1)} ms, most ${Math.max(...ms).toFixed(1)} ms`,
          at(ms, 0.99) < most.answerMs,
        )
      const [few, many] = await storm(12, seconds / 2, ['few', ...Array.from({ length: 11 }, () => 'many')])
        .then(({ answered }) => [answered[0], answered.slice(1).reduce((a, b) => a + b, 0)])
      judge(`one page that asks once at a time got ${few} answers, one that asks 11 at a time ${many}`, few > many / 4)

      const { companions } = await (await fetch(`${address}/api/catalogue`)).json()
      const beside = companions
        .filter((_, i) => i % Math.floor(companions.length / 6) === 0)
        .slice(0, 6)
        .map(({ id }, i) => ({ key: `b${i}`, kind: 'companion', id, grams: 150 }))
      const meat = (key, cut, kg) => ({ key, kind: 'meat', load: { cut, pieces: 4, totalKg: kg } })
      const dish = {
        format: 'ikuzo-dish',
        version: 1,
        name: 'Everything',
        servings: 6,
        items: [meat('a', 'chicken-thigh-bone-in', 0.9), meat('b', 'turkey-wing', 1.2), ...beside],
      }
      const thirty = await storm(30, seconds, Array.from({ length: 30 }, (_, i) => `one-${i}`), { items: dish.items, servings: 6 })
      const { answered: waited, refused } = thirty.took
      judge(
        `thirty pages, six of them with dishes: ${waited.length} previews, median ${at(waited, 0.5).toFixed(0)} ms, most ${Math.max(...waited).toFixed(0)} ms; ${refused.length} refused, after ${Math.max(0, ...refused).toFixed(0)} ms at most, ${thirty.unsaid} without saying when to come again`,
        Math.max(...waited) < most.previewMs && thirty.unsaid === 0,
      )
      const { id: kept } = await (await ask('/api/dishes', dish)).json()
      const lines = Array.from({ length: 20_000 }, (_, i) => `${i} of what 2 x nobody 3/4 lb knows or 5`)
      const recipe = { '@type': 'Recipe', name: 'Long', recipeIngredient: ['6 chicken thighs', ...lines] }
      const kinds = {
        preview: () => ask('/api/plans/preview', birds[0]),
        late: () => ask('/api/plans/late', birds[1]),
        width: () => ask('/api/engine/width', birds[0]),
        dish: () => ask('/api/dishes/solve', { items: dish.items, servings: 6 }),
        scale: () => ask(`/api/dishes/${kept}/scale?servings=40`, {}),
        recipe: () => fetch(`${address}/api/dishes/${kept}/recipe`),
        'a recipe of 900 kB': () => ask('/api/dishes/import', recipe),
        learned: () => fetch(`${address}/api/learned`),
        'the whole book': () => fetch(`${address}/api/book/export`),
        'a start': () => ask('/api/cooks', { plan: birds[0], name: 'Bird', confirmed: ['giblets'] }),
      }
      for (const [kind, request] of Object.entries(kinds)) {
        const before = cpuSeconds(pid)
        let size = 0
        let status = 0
        let said = ''
        const ms = await timed(async () => {
          const answer = await request()
          said = await answer.text()
          ;[status, size] = [answer.status, said.length]
        })
        const cpu = cpuSeconds(pid) - before
        if (status >= 400) console.log(said)
        judge(`${kind}: ${status}, ${ms.toFixed(0)} ms, ${cpu.toFixed(2)} CPU s, ${(size / 1024).toFixed(0)} kB`, cpu < most.requestCpuSeconds && status < 500)
      }
      await hub.stop()
      deaf.destroy()
      const asked = Array.from({ length: 400 }, (_, i) => ask('/api/plans/preview', birds[0], { 'Ikuzo-Client': `stop ${i}` }))
      await Promise.any(asked)
      const end = new Promise((resolve) => server.once('exit', resolve))
      const ms = await timed(() => {
        server.kill('SIGTERM')
        return end
      })
      judge(`stopped in ${ms.toFixed(0)} ms while it computes`, ms < most.stopMs)
      await Promise.allSettled(asked)
      return failed === 0 ? 0 : 1
    },
  )
  process.exit()
}
