import { spawn } from 'node:child_process'
import { get, request } from 'node:http'
import { join } from 'node:path'
import { buildSync } from 'esbuild'
import { hostile, HARDEST, type Hostile } from '../../scripts/test/hostile.ts'

jest.setTimeout(180_000)

/** The bundled server as it is run, on a port of its own. */
const dist = join(__dirname, '../dist/test')
beforeAll(() =>
  buildSync({
    entryPoints: ['main', 'worker'].map((name) => join(__dirname, `../src/${name}.ts`)),
    bundle: true,
    platform: 'node',
    format: 'esm',
    outdir: dist,
    external: ['express', 'helmet', 'compression', 'zod', 'tinypool'],
    logLevel: 'error',
  }),
)

async function start() {
  const server = spawn(process.execPath, [join(dist, 'main.js')], {
    env: { ...process.env, PORT: '0', WORKER: join(dist, 'worker.js') },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const port = await new Promise<number>((resolve) =>
    server.stdout.on('data', (text: Buffer) => resolve(Number(/:(\d+)\s*$/.exec(String(text).trim())![1]))),
  )
  return { server, port, gone: new Promise<number | null>((resolve) => server.on('exit', resolve)) }
}
const send = (port: number, { method, path, headers, body }: Hostile) =>
  new Promise<{ status: number; retry: string | undefined; body: { problems?: object[] } }>(
    (resolve, reject) => {
      const one = request({ host: '127.0.0.1', port, method, path, headers }, (answer) => {
        let text = ''
        answer.on('data', (piece: Buffer) => (text += String(piece)))
        answer.on('end', () =>
          resolve({
            status: answer.statusCode!,
            retry: answer.headers['retry-after'],
            body: JSON.parse(text) as object,
          }),
        )
      })
      one.on('error', reject)
      one.end(body)
    },
  )

test('hostile requests are answered or refused in JSON, beyond the queue with when to come again, and the server goes when told to', async () => {
  const { server, port, gone } = await start()
  for (let seed = 1; seed <= 60; seed++) {
    const { status, body } = await send(port, hostile(seed))
    expect(status).toBeLessThan(500)
    if (status >= 400) expect(body.problems!.length).toBeGreaterThan(0)
  }
  // More heavy plans at once than can wait.
  const flood = Array.from({ length: 60 }, (_, i) => send(port, HARDEST[0]!.make(i + 1)))
  const light = await send(port, hostile(4))
  expect(light.status).toBeLessThan(500)
  const replies = await Promise.all(flood)
  const refused = replies.filter((r) => r.status === 503)
  expect(refused.length).toBeGreaterThan(0)
  expect(replies.some((r) => r.status === 200)).toBe(true)
  for (const r of refused) expect([Number(r.retry) > 0, r.body.problems!.length]).toEqual([true, 1])
  // Told to go with heavy work under way, it goes.
  const last = Array.from({ length: 4 }, (_, i) => send(port, HARDEST[0]!.make(i + 1)).catch(() => undefined))
  await new Promise((resolve) => get({ host: '127.0.0.1', port, path: '/api/v1/info' }, resolve))
  server.kill('SIGTERM')
  expect(await gone).toBe(0)
  await Promise.all(last)
})
