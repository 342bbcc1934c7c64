import { randomInt } from 'node:crypto'
import { say } from '@pepper-knot/core/trade'
import express, { Router, type RequestHandler, type Response } from 'express'
import { only, refuseWith } from './guard.ts'

/** Largest bundle, and all that are held together, bytes. */
const MOST_BYTES = 20_000_000
const MOST_HELD_BYTES = 200_000_000
/** How long a bundle is held, ms. */
const HELD_MS = 10 * 60_000
/** Wrong codes that one address may try in a minute. */
const MOST_WRONG = 5
const MINUTE_MS = 60_000

interface Held {
  body: Buffer
  until: number
}

/**
 * One device hands a bundle to another through this server: a code of six figures for ten minutes, in memory alone,
 * gone once the other says that it has it.
 * @param now ms, passed in for tests
 */
export function handover(now: () => number = Date.now): Router {
  const held = new Map<string, Held>()
  const wrong = new Map<string, { since: number; count: number }>()
  function sweep() {
    for (const [code, { until }] of held) if (until <= now()) held.delete(code)
    for (const [address, { since }] of wrong) if (since + MINUTE_MS <= now()) wrong.delete(address)
  }
  const freshCode = (): string => {
    const code = String(randomInt(0, 1_000_000)).padStart(6, '0')
    return held.has(code) ? freshCode() : code
  }
  /** The bundle of a code, or the refusal is sent. */
  function find(code: unknown, address: string, response: Response): [string, Held] | undefined {
    sweep()
    const tries = wrong.get(address) ?? { since: now(), count: 0 }
    if (tries.count >= MOST_WRONG) {
      const left = Math.ceil((tries.since + MINUTE_MS - now()) / 1000)
      refuseWith(response.set('Retry-After', String(left)) as Response, 429, say('handover.tooMany'))
      return undefined
    }
    const there = typeof code === 'string' ? held.get(code) : undefined
    if (there) return [code as string, there]
    wrong.set(address, { ...tries, count: tries.count + 1 })
    refuseWith(response, 404, say('handover.noCode'))
    return undefined
  }
  const put: RequestHandler = (request, response) => {
    sweep()
    const body = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0)
    // Whoever takes it reads it by its schema; here it is only held.
    if (!/^\s*\{/.test(body.subarray(0, 100).toString('utf8')))
      return refuseWith(response, 422, say('handover.notJson'))
    const all = [...held.values()].reduce((sum, one) => sum + one.body.length, body.length)
    if (all > MOST_HELD_BYTES) return refuseWith(response, 503, say('handover.full'))
    const code = freshCode()
    held.set(code, { body, until: now() + HELD_MS })
    response
      .status(201)
      .set('Cache-Control', 'no-store')
      .json({ code, until: new Date(now() + HELD_MS).toISOString() })
  }
  const router = Router()
  router.post('/', express.raw({ limit: MOST_BYTES, type: () => true }), put)
  router.get('/', (request, response) => {
    const found = find(request.query.code, request.ip ?? '', response)
    if (found) response.set('Cache-Control', 'no-store').type('json').send(found[1].body)
  })
  router.delete('/', (request, response) => {
    const found = find(request.query.code, request.ip ?? '', response)
    if (!found) return
    held.delete(found[0])
    response.status(204).end()
  })
  router.all('/', only('GET', 'POST', 'DELETE'))
  return router
}
