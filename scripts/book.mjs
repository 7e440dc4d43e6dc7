// Twenty thousand cooks in the book: how fast it is searched, listed and opened, and how much memory the server takes. usage: ./ikuzo soak
import { megabytes, pause, withServer } from './server.mjs'

const address = 'http://127.0.0.1:5198'
const [cooks, perFile, asked] = [20_000, 2000, 60]
const limits = { search: 50, list: 30, open: 300, megabytes: 300 }
const get = async (path) => (await fetch(address + path)).json()
const words = [
  'thighs',
  'sunday',
  'duck quince',
  'march',
  'never',
  'brown',
  'tuesday breasts',
  'fewer minutes',
  'x',
  'turkey 2025',
]

async function timed(paths) {
  const took = []
  for (const path of paths) {
    const began = performance.now()
    await get(path)
    took.push(performance.now() - began)
  }
  return took.sort((a, b) => a - b)[Math.floor(took.length * 0.95)]
}

process.exitCode = await withServer(
  { address, env: { IKUZO_DEMO: 'true', Serilog__MinimumLevel__Default: 'Warning' } },
  async ({ pid }) => {
    const book = await get('/api/book/export')
    const year = 365 * 86_400_000
    const shifted = (at, i) => new Date(Date.parse(at) - Math.floor(i / book.cooks.length) * 0.11 * year).toISOString()
    for (let from = 0; from < cooks; from += perFile) {
      const some = Array.from({ length: Math.min(perFile, cooks - from) }, (_, k) => {
        const i = from + k
        const cook = book.cooks[i % book.cooks.length]
        const journal = cook.journal.map((e) => ({ ...e, at: shifted(e.at, i), clientId: `${e.clientId}-${i}` }))
        return { ...cook, id: `many${i}`, createdAt: shifted(cook.createdAt, i), journal }
      })
      const answer = await fetch(`${address}/api/book/import`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ ...book, cooks: some }),
      })
      const taken = await answer.json()
      if (taken.taken !== some.length) throw new Error(JSON.stringify(taken).slice(0, 400))
    }
    const { total } = await get('/api/book')
    await pause(2000)
    const repeat = (make) => Array.from({ length: asked }, (_, i) => make(i))
    await timed(repeat(() => '/api/book')) // the first of everything is compiled
    const search = await timed(repeat((i) => `/api/book?query=${encodeURIComponent(words[i % words.length])}`))
    const list = await timed(repeat((i) => `/api/book?page=${1 + i * 3}`))
    const open = await timed(repeat((i) => `/api/book/many${i * 7}`))
    const memory = megabytes(pid)
    console.log(
      `${total} cooks, while lessons are read: search ${search.toFixed(0)} ms, list ${list.toFixed(0)} ms, a page ${open.toFixed(0)} ms at the 95th percentile; ${memory.toFixed(0)} MB`,
    )
    return search > limits.search || list > limits.list || open > limits.open || memory > limits.megabytes ? 1 : 0
  },
)
