// Adds up the results of xUnit (.trx), Vitest and Playwright (JUnit .xml), says once more what failed and why, and counts in one line.
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
const mostOfAReason = 1500
const plain = (text) =>
  text
    .replace(/<!\[CDATA\[|\]\]>/g, '')
    .replace(/&#x([0-9a-f]+);/gi, (_, code) => String.fromCodePoint(Number.parseInt(code, 16)))
    .replace(/&(lt|gt|quot|apos);/g, (_, name) => ({ lt: '<', gt: '>', quot: '"', apos: "'" })[name])
    .replaceAll('&amp;', '&')
const tell = (text, each, name, reason) => {
  for (const [whole] of text.matchAll(each)) {
    const why = [...whole.matchAll(reason)].map((m) => plain(m[1])).join('\n')
    console.log(`FAILED ${plain(whole.match(name)?.[1] ?? '')}\n${why.slice(0, mostOfAReason)}`)
  }
}
let passed = 0
let failed = 0

for (const file of readdirSync(folder)) {
  const text = readFileSync(join(folder, file), 'utf8')
  if (file.endsWith('.trx')) {
    const counters = attributes(text, 'Counters')
    passed += number(counters.passed)
    failed += number(counters.failed) + number(counters.error)
    tell(
      text,
      /<UnitTestResult [^>]*outcome="Failed"[\s\S]*?<\/UnitTestResult>/g,
      /testName="([^"]*)"/,
      /<(?:Message|StackTrace)>([\s\S]*?)<\/(?:Message|StackTrace)>/g,
    )
  } else if (file.endsWith('.xml')) {
    const counters = attributes(text, 'testsuites')
    const bad = number(counters.failures) + number(counters.errors)
    passed += number(counters.tests) - bad - number(counters.skipped)
    failed += bad
    tell(
      text,
      /<testcase (?:[^>]*[^/])?>(?:(?!<\/testcase>)[\s\S])*?<(?:failure|error)[\s\S]*?<\/testcase>/g,
      / name="([^"]*)"/,
      /<(?:failure|error)[^>]*>([\s\S]*?)<\/(?:failure|error)>/g,
    )
  }
}

if (number(failedStep) > 0) console.log('FAILED a step outside the tests: format, lint, or committed files that are made from others')
if (failed === 0) failed = number(broken)
failed += number(failedStep)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed > 0 || passed === 0 ? 1 : 0)
