/** The page beside the API: files, the page for every path of its own, and refusals that are JSON. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import request from 'supertest'
import { createApp } from '../src/app.ts'

const webRoot = mkdtempSync(join(tmpdir(), 'pepper-knot-web-'))
beforeAll(() => {
  mkdirSync(join(webRoot, 'assets'))
  writeFileSync(join(webRoot, 'index.html'), '<!doctype html><title>Page</title>')
  writeFileSync(join(webRoot, 'assets/app-1.js'), 'export {}')
})
afterAll(() => rmSync(webRoot, { recursive: true, force: true }))
const ask = (path: string) => request(createApp({ webRoot })).get(path).set('Host', 'localhost')

test.each(['/', '/change/abc', '/store/parts', '/nowhere/at/all'])(
  '%s is the page, asked for anew each time',
  async (path) => {
    const { text, headers } = await ask(path).set('Accept', 'text/html').expect(200)
    expect(text).toContain('<title>Page</title>')
    expect(headers['cache-control']).toBe('no-cache')
  },
)
test('a file of the page never changes under its name; one that is gone is not the page', async () => {
  const { headers } = await ask('/assets/app-1.js').expect(200)
  expect(headers['cache-control']).toContain('immutable')
  await ask('/assets/app-2.js').set('Accept', 'text/html').expect(404)
})
test.each(['/api/v1/nothing', '/api', '/assets/../../package.json'])(
  '%s is refused in JSON, not answered with the page',
  async (path) => {
    const { body, status } = await ask(path).set('Accept', 'text/html')
    expect([403, 404]).toContain(status)
    expect(body.problems).toHaveLength(1)
  },
)
test('what asks for no page gets none, and another method is told which', async () => {
  await ask('/change/abc').set('Accept', 'application/json').expect(404)
  const { headers } = await request(createApp({ webRoot })).delete('/').set('Host', 'localhost').expect(405)
  expect(headers.allow).toBe('GET, HEAD')
})
test('without a built page the API answers all the same', async () => {
  const app = createApp({ webRoot: join(webRoot, 'not-there') })
  await request(app).get('/').set('Host', 'localhost').expect(404)
  await request(app)
    .get('/api/v1/info')
    .set('Host', 'localhost')
    .expect(200, { name: 'Pepper Knot', demo: false, addresses: [] })
})
test('a name that is not this computer’s is not answered', () =>
  request(createApp({ webRoot })).get('/').set('Host', 'rebound.example').expect(421))
