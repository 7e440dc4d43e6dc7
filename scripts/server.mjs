// A built server of our own in a folder of its own, for the other scripts.
import { spawn } from 'node:child_process'
import { mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
const mostTries = 150
const ticksPerSecond = 100 // of /proc
export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms))

/** Seconds of a core that a process has taken. */
export function cpuSeconds(pid) {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ')
  return (Number(fields[11]) + Number(fields[12])) / ticksPerSecond
}

/** Memory of a process. */
export const megabytes = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024

/** Starts a server and calls back with it once it answers; afterwards it is gone, and so are its data. What it says goes into a log. */
export async function withServer({ folder = join(root, 'artifacts/web'), address, env, log }, use) {
  const data = mkdtempSync(join(tmpdir(), 'ikuzo-'))
  const server = spawn('dotnet', ['Ikuzo.Web.dll'], {
    cwd: folder,
    env: { ...process.env, DOTNET_EnableWriteXorExecute: 0, IKUZO_URLS: address, IKUZO_DATA: data, ...env },
    stdio: ['ignore', log === undefined ? 'ignore' : openSync(log, 'w'), 'inherit'],
  })
  try {
    await answers(address)
    return await use(server)
  } finally {
    server.kill('SIGKILL')
    rmSync(data, { recursive: true, force: true })
  }
}

/** Resolves when all cooks of a server are learned from: until then its answers move. */
export async function learned(address) {
  for (let left = 1; left > 0;) left = (await (await fetch(`${address}/api/learned`)).json()).stillToRead
}

async function answers(address) {
  for (let i = 0; i < mostTries; i++) {
    try {
      if ((await fetch(`${address}/api/health`)).ok) return
    } catch {
      // not yet
    }
    await pause(200)
  }
  throw new Error('The server did not start.')
}
