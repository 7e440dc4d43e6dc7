// Breaks one place at a time and runs the tests that should see it: all fast ones of Core for a break of Core, those that the break names for
// one of the server or the client. What no test notices is printed.
// All breaks are built at once, each behind a switch. node scripts/mutants.mjs [core|web|client] [PART OF A NAME]...
import { spawn, spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join, resolve } from 'node:path'
import { breaks, statics } from './breaks.mjs'

const tree = 'artifacts/mutants'
const mostMs = 300_000
const sides = {
  core: { root: 'src/Ikuzo.Core', tests: 'tests/Ikuzo.Core.Tests' },
  web: { root: 'src/Ikuzo.Web', tests: 'tests/Ikuzo.Web.Tests' },
  client: { root: 'src/client/src' },
}
const args = process.argv.slice(2)
const wantedSides = Object.keys(sides).filter((side) => args.includes(side))
const parts = args.filter((arg) => !(arg in sides))
const wanted = breaks
  .map((b, i) => ({ ...b, number: i + 1 }))
  .filter((b) => wantedSides.length === 0 || wantedSides.includes(b.side))
  .filter((b) => parts.length === 0 || parts.some((p) => b.name.includes(p)))
const programOf = ({ tests }) => resolve(tree, tests, 'bin/Release/net10.0', tests.split('/').at(-1))

copy()
breaks.forEach(plant)
for (const [file, name] of statics)
  edit(join(sides.core.root, file), (s) =>
    s.replace(new RegExp(`const (double|int) ${name}\\b`), 'static readonly $1 ' + name),
  )
for (const side of Object.values(sides)) if (side.tests && wanted.some((b) => sides[b.side] === side)) build(side.tests)
process.exitCode = await campaign()

function copy() {
  rmSync(tree, { recursive: true, force: true })
  mkdirSync(tree, { recursive: true })
  const ours = (path) => !/\/(bin|obj|node_modules|dist)(\/|$)/.test(path)
  const shared = [
    'Directory.Build.props',
    'Directory.Packages.props',
    'global.json',
    'tests/Directory.Build.props',
    '.editorconfig',
    'tests/browser/journeys.ts',
    'scripts/ordinary.mjs',
  ]
  for (const path of [...shared, 'src', ...Object.values(sides).flatMap((side) => side.tests ?? [])])
    cpSync(path, join(tree, path), { recursive: true, filter: ours })
  symlinkSync(resolve('src/client/node_modules'), join(tree, 'src/client/node_modules'))
  writeFileSync(
    join(tree, sides.core.root, 'Break.cs'),
    `namespace Ikuzo.Core;
public static class Break
{
    private static readonly string? Now = Environment.GetEnvironmentVariable("IKUZO_BREAK");
    public static bool On(int n) => Now == n.ToString();
}
`,
  )
}

function edit(file, change) {
  const path = join(tree, file)
  writeFileSync(path, change(readFileSync(path, 'utf8')))
}

/** The part between « and » becomes another where the switch is on; a figure that was a constant can then no longer be one. */
function plant({ name, side, file, at, to }, index) {
  const [before, part, after] = at.split(/[«»]/)
  edit(join(sides[side].root, file), (source) => {
    const start = source.indexOf(before + part + after)
    if (start < 0 || source.indexOf(before + part + after, start + 1) >= 0)
      throw new Error(`${name}: not once in ${file}`)
    const from = start + before.length
    const rest = source.slice(from + part.length)
    const isOn = `process.env.IKUZO_BREAK === '${index + 1}'`
    if (side === 'client') return `${source.slice(0, from)}(${isOn} ? ${to} : ${part})${rest}`
    const begin = Math.max(...[';', '{', '}'].map((c) => source.lastIndexOf(c, from)))
    const head = source.slice(0, begin) + source.slice(begin, from).replace(/\bconst\b/, 'static readonly')
    const kept = /[;{}]\s*$/.test(before) ? '_ = ' : '' // a statement of its own
    return `${head}${kept}(Ikuzo.Core.Break.On(${index + 1}) ? ${to} : ${part})${rest}`
  })
}

function build(tests) {
  const plain = [
    '-p:RunAnalyzers=false',
    '-p:EnforceCodeStyleInBuild=false',
    '-p:TreatWarningsAsErrors=false',
    '-p:NoWarn=CS1591',
  ]
  const { status } = spawnSync(
    'dotnet',
    ['build', join(tree, tests), '-c', 'Release', '-v', 'q', '--nologo', ...plain],
    {
      stdio: 'inherit',
    },
  )
  if (status !== 0) throw new Error('the breaks do not build')
}

/** What runs against a break: without a name of a test all fast ones of Core. */
function command({ side, by = [] }) {
  if (side === 'client') return ['npx', ['vitest', 'run', '--bail=1', ...by], { cwd: join(tree, 'src/client') }]
  const named = by.flatMap((test) => ['-class', `*.${test}`])
  const fast = ['-trait-', 'Campaign=rescue', '-trait-', 'Campaign=cooks', '-trait-', 'Campaign=crash']
  const env = { IKUZO_PUBLISHED: resolve(tree, 'tests/Ikuzo.Web.Tests/bin/Release/net10.0/Ikuzo.Web.dll') }
  return [programOf(sides[side]), [...(named.length > 0 ? named : fast), '-stopOnFail', '-noColor'], { env }]
}

function run(number, what) {
  return new Promise((resolve) => {
    const began = Date.now()
    const [program, args, { cwd, env }] = command(what)
    const child = spawn(program, args, { cwd, env: { ...process.env, ...env, IKUZO_BREAK: String(number) } })
    let output = ''
    child.stdout.on('data', (d) => (output += d))
    child.stderr.on('data', (d) => (output += d))
    const late = setTimeout(() => child.kill('SIGKILL'), mostMs)
    child.on('close', (code) => {
      clearTimeout(late)
      const red =
        output.match(/Ikuzo\.(?:Core|Web)\.Tests\.(\S+?)(?:\(.*)? \[FAIL\]/)?.[1] ??
        output.match(/ FAIL .*? > (.*)/)?.[1] ??
        (code === null ? 'out of time' : `exit ${code}`)
      resolve({ killed: code !== 0, red, seconds: Math.round((Date.now() - began) / 1000) })
    })
  })
}

async function campaign() {
  // Every test that is run against a break is green without one.
  for (const side of new Set(wanted.map((b) => b.side))) {
    const ofSide = wanted.filter((b) => b.side === side)
    const isAll = ofSide.some((b) => !b.by && !b.each)
    const all = isAll ? [] : [...new Set(ofSide.flatMap((b) => b.by ?? b.each))]
    const whole = await run(0, { side, by: all })
    if (whole.killed) throw new Error(`a test is red without any break: ${whole.red}`)
  }
  const queue = wanted.flatMap((b) =>
    (b.each ?? [null]).map((test) => (test ? { ...b, name: `${b.name}: ${test}`, by: [test] } : b)),
  )
  const count = queue.length
  const survivors = []
  await Promise.all(
    Array.from({ length: Math.max(1, availableParallelism()) }, async () => {
      for (let next; (next = queue.shift());) {
        const { killed, red, seconds } = await run(next.number, next)
        if (!killed) survivors.push(next)
        const end = killed ? 'killed  ' : next.why ? 'explained' : 'SURVIVED'
        console.log(`${end} ${next.name} (${seconds} s): ${killed ? red : (next.why ?? `${next.at} → ${next.to}`)}`)
      }
    }),
  )
  const unseen = survivors.filter((s) => !s.why)
  console.log(
    `${count} breaks: ${count - survivors.length} killed, ${survivors.length - unseen.length} explained, ${unseen.length} survived`,
  )
  return unseen.length > 0 ? 1 : 0
}
