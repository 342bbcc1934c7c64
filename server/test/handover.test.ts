import express from 'express'
import request from 'supertest'
import { handover } from '../src/handover.ts'

const MINUTE = 60_000
function app() {
  const clock = { at: 0 }
  const server = express().use(
    '/h',
    handover(() => clock.at),
  )
  const put = (body: string) => request(server).post('/h').set('Content-Type', 'application/json').send(body)
  const take = (code: string) => request(server).get('/h').query({ code })
  return { clock, server, put, take }
}

test('what is handed over comes as it went, as often as it is asked for, until it is acknowledged', async () => {
  const { server, put, take } = app()
  const body = JSON.stringify({ name: 'Gull', note: 'ü\u200b' })
  const { code } = (await put(body).expect(201)).body as { code: string }
  expect(code).toMatch(/^\d{6}$/)
  for (let i = 0; i < 2; i++) expect((await take(code).expect(200)).text).toBe(body)
  await request(server).delete('/h').query({ code }).expect(204)
  await take(code).expect(404)
})
test('after ten minutes it is gone', async () => {
  const { clock, put, take } = app()
  const { code } = (await put('{}').expect(201)).body as { code: string }
  clock.at = 10 * MINUTE - 1
  await take(code).expect(200)
  clock.at = 10 * MINUTE
  await take(code).expect(404)
})
test('five wrong codes in a minute, then even the right one waits', async () => {
  const { clock, put, take } = app()
  const { code } = (await put('{}').expect(201)).body as { code: string }
  const wrong = code === '000000' ? '000001' : '000000'
  for (let i = 0; i < 5; i++) await take(wrong).expect(404)
  const refused = await take(code).expect(429)
  expect(Number(refused.headers['retry-after'])).toBeLessThanOrEqual(60)
  clock.at = MINUTE
  await take(code).expect(200)
})
test.each(['', '[1]', 'hello', '"x"'])('“%s” is no bundle', async (body) => {
  const refused = await app().put(body)
  expect(refused.status).toBe(422)
  expect(refused.body).toMatchObject({ problems: [{ path: '' }] })
})
test('other methods are told which may be used; codes that are no text are wrong', async () => {
  const { server } = app()
  expect((await request(server).put('/h').expect(405)).headers.allow).toBe('GET, POST, DELETE')
  await request(server).get('/h?code[]=1&code[]=2').expect(404)
  await request(server).get('/h').expect(404)
})
