import { connect, type AddressInfo, type Socket } from 'node:net'
import { createApp } from '../src/app.ts'
import { guarded } from '../src/guard.ts'

const LIMITS = { lookMs: 50, headersMs: 700, requestMs: 700, perAddress: 8, connections: 40 }
let port = 0
const server = guarded(createApp(), LIMITS)
beforeAll(async () => {
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  port = (server.address() as AddressInfo).port
})
afterAll(() => new Promise((done) => server.close(done)))

/** One connection from an address of this computer; what was answered, when it is closed. */
function open(from: string, text: string): { socket: Socket; answer: Promise<string> } {
  const socket = connect({ port, host: '127.0.0.1', localAddress: from })
  let said = ''
  socket.on('data', (piece: Buffer) => (said += String(piece)))
  const answer = new Promise<string>((done) => {
    socket.on('close', () => done(said))
    socket.on('error', () => undefined)
  })
  socket.write(text)
  return { socket, answer }
}
const INFO = 'GET /api/v1/info HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n'
const HALF = 'POST /api/v1/decode HTTP/1.1\r\nHost: localhost\r\nContent-Length: 900\r\n\r\n{"label"'
const statusOf = (said: string) => Number(/^HTTP\/1\.1 (\d+)/.exec(said)?.[1] ?? 0)
const problemsOf = (said: string) =>
  (JSON.parse(said.slice(said.indexOf('\r\n\r\n') + 4)) as { problems: object[] }).problems.length

test('bodies sent by halves shut nobody else out, and are let go when their time is up', async () => {
  const from = performance.now()
  const halves = Array.from({ length: LIMITS.perAddress }, () => open('127.0.0.2', HALF))
  await Promise.all(halves.map(({ socket }) => new Promise((done) => socket.on('connect', done))))
  // One more of that address is told so; another address is answered at once.
  const refused = await open('127.0.0.2', INFO).answer
  expect([statusOf(refused), problemsOf(refused)]).toEqual([503, 1])
  expect(statusOf(await open('127.0.0.3', INFO).answer)).toBe(200)
  expect(performance.now() - from).toBeLessThan(LIMITS.requestMs)
  for (const said of await Promise.all(halves.map(({ answer }) => answer)))
    expect([statusOf(said), problemsOf(said)]).toEqual([408, 1])
  // This side hears of the end before the server has counted it.
  let status = 0
  for (let i = 0; i < 200 && status !== 200; i++) status = statusOf(await open('127.0.0.2', INFO).answer)
  expect(status).toBe(200)
})
test.each(['/api/v1/nothing', '/api/nothing', '/api/v1/decode/more', '/nothing'])(
  'what is not at %s is said by its whole path',
  async (path) => {
    const said = await open('127.0.0.1', INFO.replace('/api/v1/info', path)).answer
    expect(statusOf(said)).toBe(404)
    expect(said).toContain(`There is nothing at ${path}.`)
  },
)
