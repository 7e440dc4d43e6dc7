// Adds up the results of xUnit (.trx), Vitest and Playwright (JUnit .xml) and says them in one line.
// usage: node count-results.mjs FOLDER FAILED BROKEN, where FAILED is 1 when a step outside the tests failed,
// and BROKEN is 1 when a runner of tests did: that counts when no test says why.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const [folder, failedStep, broken] = process.argv.slice(2)
const attributes = (text, tag) =>
  Object.fromEntries(
    [...(text.match(new RegExp(`<${tag}[^>]*>`))?.[0] ?? '').matchAll(/(\w+)="([^"]*)"/g)].map((m) => [m[1], m[2]]),
  )
const number = (value) => Number(value ?? 0)
let passed = 0
let failed = 0

for (const file of readdirSync(folder)) {
  const text = readFileSync(join(folder, file), 'utf8')
  if (file.endsWith('.trx')) {
    const counters = attributes(text, 'Counters')
    passed += number(counters.passed)
    failed += number(counters.failed) + number(counters.error)
  } else if (file.endsWith('.xml')) {
    const counters = attributes(text, 'testsuites')
    const bad = number(counters.failures) + number(counters.errors)
    passed += number(counters.tests) - bad - number(counters.skipped)
    failed += bad
  }
}

if (failed === 0) failed = number(broken)
failed += number(failedStep)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed > 0 || passed === 0 ? 1 : 0)
