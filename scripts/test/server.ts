/**
 * The server under hostile requests (REQUESTS=10000, SEED=1): no 500, none over 2 s, a light request beside the
 * heaviest, memory, and the ending signal. Everything stays on this computer.
 */
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { request, Agent } from 'node:http'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { HARDEST, hostile, type Hostile } from './hostile.ts'

const most = Number(process.env.REQUESTS ?? 10_000)
const seed = Number(process.env.SEED ?? 1)
const root = join(fileURLToPath(import.meta.url), '../../..')
const server = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
  env: { ...process.env, PORT: '0', DEMO: '0' },
  stdio: ['ignore', 'pipe', 'pipe'],
})
const said: string[] = []
server.stderr.on('data', (text: Buffer) => said.push(String(text)))
const port = await new Promise<number>((resolve) =>
  server.stdout.on('data', (text: Buffer) => {
    const found = /:(\d+)\s*$/.exec(String(text).trim())
    if (found) resolve(Number(found[1]))
  }),
)
const agent = new Agent({ keepAlive: true, maxSockets: 64 })
const mb = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))![1]) / 1024

interface Reply {
  status: number
  ms: number
  json: boolean
  problems: boolean
  retryAfter: boolean
  allow: boolean
}
const send = (r: Hostile): Promise<Reply> =>
  new Promise((resolve, reject) => {
    const from = performance.now()
    const one = request(
      { host: '127.0.0.1', port, agent, method: r.method, path: r.path, headers: r.headers },
      (answer) => {
        let text = ''
        answer.on('data', (piece: Buffer) => (text += piece))
        answer.on('end', () => {
          let body: { problems?: unknown } | undefined
          try {
            body = JSON.parse(text) as { problems?: unknown }
          } catch {
            body = undefined
          }
          resolve({
            status: answer.statusCode!,
            ms: performance.now() - from,
            json: body !== undefined,
            problems: Array.isArray(body?.problems),
            retryAfter: answer.headers['retry-after'] !== undefined,
            allow: answer.headers.allow !== undefined,
          })
        })
      },
    )
    one.on('error', reject)
    if (r.body) one.write(r.body)
    one.end()
  })
const percentile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]!

const light: Hostile = {
  what: 'light',
  method: 'POST',
  path: '/api/v1/changeover',
  headers: { 'content-type': 'application/json' },
  body: new TextEncoder().encode(
    JSON.stringify({
      machine: {
        id: 'gull',
        name: 'Gull',
        polarityChange: 'plugs',
        fitted: { wire: { label: 'ER70S-6 0.9' }, polarity: 'DCEP' },
      },
      wire: { label: 'ER5356 1.2' },
      job: { material: 'aluminium', thicknessMm: 4 },
    }),
  ),
}

// Warm: what is compiled late is not what is measured.
for (let i = 0; i < 150; i++) await send(light)
for (const { make } of HARDEST) await send(make(1))

let failed = 0
const bad = (what: string) => {
  failed++
  if (failed < 20) console.log(`  wrong: ${what}`)
}
const byStatus = new Map<number, number>()
const memory: number[] = []
let slowest = { ms: 0, what: '' }
let next = 0
async function worker() {
  while (next < most) {
    const n = next++
    const r = n % 50 === 49 ? HARDEST[((n / 50) | 0) % HARDEST.length]!.make(n) : hostile(seed * 100_000 + n)
    let reply = await send(r).catch((error: NodeJS.ErrnoException) => bad(`${r.what}: ${error.code}`))
    while (reply && reply.status === 503) {
      byStatus.set(503, (byStatus.get(503) ?? 0) + 1)
      if (!reply.retryAfter || !reply.problems) bad('503 without Retry-After or problems')
      await new Promise((resolve) => setTimeout(resolve, 200))
      reply = await send(r).catch(() => undefined)
    }
    if (!reply) continue
    byStatus.set(reply.status, (byStatus.get(reply.status) ?? 0) + 1)
    if (reply.status >= 500) bad(`${r.what}: ${reply.status}`)
    if (reply.status >= 400 && !reply.problems) bad(`${r.what}: ${reply.status} without problems`)
    if (reply.status === 405 && !reply.allow) bad(`${r.what}: 405 without Allow`)
    if (reply.ms > slowest.ms) slowest = { ms: reply.ms, what: `${r.what} (${n})` }
    if (reply.ms > 2000) bad(`${r.what} (${n}): ${Math.round(reply.ms)} ms`)
    if (n % Math.ceil(most / 10) === 0) memory.push(mb())
  }
}
const t0 = performance.now()
await Promise.all(Array.from({ length: 4 }, worker))
console.log(
  `hostile       ${most} in ${((performance.now() - t0) / 1000).toFixed(0)} s, seed ${seed}, 4 at once`,
)
console.log(
  `statuses      ${[...byStatus]
    .sort(([a], [b]) => a - b)
    .map(([s, n]) => `${s}: ${n}`)
    .join(', ')}`,
)
console.log(`slowest       ${Math.round(slowest.ms)} ms, ${slowest.what}`)
for (const { what, make } of HARDEST) {
  const times: number[] = []
  for (let i = 0; i < 9; i++) times.push((await send(make(i + 1))).ms)
  console.log(
    `hardest       ${what}: median ${percentile(times, 0.5).toFixed(0)} ms, most ${Math.max(...times).toFixed(0)} ms`,
  )
}

// A light request by itself and beside a stream of the heaviest, in turn.
const stream = { on: false, sent: 0 }
const pour = async () => {
  let n = 0
  while (stream.on) {
    const { make } = HARDEST[n++ % 4]!
    await send(make(n)).catch(() => undefined)
    stream.sent++
  }
}
const alone: number[] = []
const beside: number[] = []
for (let round = 0; round < 5; round++) {
  for (let i = 0; i < 200; i++) alone.push((await send(light)).ms)
  stream.on = true
  const pouring = [pour(), pour(), pour()]
  for (let i = 0; i < 200; i++) beside.push((await send(light)).ms)
  stream.on = false
  await Promise.all(pouring)
}
const ratio = percentile(beside, 0.99) / percentile(alone, 0.99)
console.log(
  `light         99th percentile alone ${percentile(alone, 0.99).toFixed(1)} ms, beside ${stream.sent} of the heaviest ${percentile(beside, 0.99).toFixed(1)} ms: ${ratio.toFixed(1)} times (aim 10)`,
)
const half = memory.slice(Math.floor(memory.length / 2))
console.log(
  `memory        ${memory.map((m) => m.toFixed(0)).join(', ')} MB; second half most over least ${(Math.max(...half) / Math.min(...half)).toFixed(2)}`,
)

// The ending signal, in the middle of the heaviest.
stream.on = true
for (let i = 0; i < 3; i++) void pour()
await new Promise((resolve) => setTimeout(resolve, 300))
const from = performance.now()
const gone = new Promise<number | null>((resolve) => server.on('exit', resolve))
server.kill('SIGTERM')
const code = await gone
stream.on = false
console.log(`ending signal obeyed after ${Math.round(performance.now() - from)} ms, code ${code}`)
if (said.length) console.log(`server said:\n${said.slice(0, 5).join('')}`)
if (failed || ratio > 10 || code !== 0) process.exitCode = 1
agent.destroy()
