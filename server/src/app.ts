import { existsSync } from 'node:fs'
import { join } from 'node:path'
import compression from 'compression'
import express, { type ErrorRequestHandler, type Express, type Response } from 'express'
import helmet from 'helmet'
import { z } from 'zod'
import {
  changeoverAnswer,
  changeoverRequestSchema,
  decodeAnswer,
  planChangeover,
  PlanRefused,
  readLabel,
  requestText,
  validate,
  type Problem,
} from '@pepper-knot/core'

export interface ServerOptions {
  /** Folder of the built web app; left out, only the API is served. */
  webRoot?: string
  /** Whether a browser with an empty store opens the demo shop. */
  demo?: boolean
}

/** Largest request body, 1 MB. */
const MOST_BYTES = 1_000_000
const decodeRequestSchema = z.object({ label: z.string({ error: 'A label is needed, as text.' }).max(500) })

const refuseWith = (response: Response, status: number, problems: Problem[]) =>
  void response.status(status).json({ problems })

/** The same core over HTTP. Every error body is JSON with `problems`; nothing a client sends causes a 500. */
export function createApp(options: ServerOptions = {}): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false, // served on plain http in the shop
    }),
  )
  app.use(compression())

  const api = express.Router()
  api.use(express.json({ limit: MOST_BYTES, strict: false, type: () => true }))
  api.get(
    '/info',
    (_request, response) => void response.json({ name: 'Pepper Knot', demo: options.demo ?? false }),
  )
  api.post('/decode', (request, response) => {
    const body = validate(decodeRequestSchema, request.body)
    if (!body.ok) return refuseWith(response, 422, body.problems)
    const label = readLabel(body.value.label)
    if (!label.ok) return refuseWith(response, 422, label.problems)
    response.json(decodeAnswer(label.value.wire))
  })
  api.post('/changeover', (request, response) => {
    const body = validate(changeoverRequestSchema, request.body)
    if (!body.ok) return refuseWith(response, 422, body.problems)
    const plan = planChangeover(body.value)
    if (!plan.ok) return refuseWith(response, 422, plan.problems)
    response.json(changeoverAnswer(plan.value))
  })
  api.all('/decode', (_request, response) =>
    refuseWith(response.set('Allow', 'POST') as Response, 405, [
      { path: '', message: requestText.onlyPost() },
    ]),
  )
  api.all('/changeover', (_request, response) =>
    refuseWith(response.set('Allow', 'POST') as Response, 405, [
      { path: '', message: requestText.onlyPost() },
    ]),
  )
  api.use((request, response) =>
    refuseWith(response, 404, [{ path: '', message: requestText.notFound(request.originalUrl) }]),
  )
  app.use('/api/v1', api)
  app.use('/api', (request, response) =>
    refuseWith(response, 404, [{ path: '', message: requestText.notFound(request.originalUrl) }]),
  )

  if (options.webRoot && existsSync(join(options.webRoot, 'index.html'))) serveWeb(app, options.webRoot)
  app.use((request, response) =>
    refuseWith(response, 404, [{ path: '', message: requestText.notFound(request.originalUrl) }]),
  )
  app.use(onError)
  return app
}

function serveWeb(app: Express, root: string) {
  // Hashed files never change; the page itself is asked for anew each time.
  app.use(
    '/assets',
    express.static(join(root, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  )
  app.use(express.static(root, { index: false }))
  app.get('/{*splat}', (request, response, next) => {
    if (!request.accepts('html')) return next()
    response.set('Cache-Control', 'no-cache').sendFile('index.html', { root })
  })
}

const onError: ErrorRequestHandler = (
  error: { status?: number; type?: string } & Error,
  request,
  response,
  next,
) => {
  if (response.headersSent) return next(error)
  if (error instanceof PlanRefused)
    return refuseWith(response, 422, [{ path: '', message: requestText.notProved() }])
  const status =
    error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : undefined
  if (status === 413) return refuseWith(response, 413, [{ path: '', message: requestText.tooLarge() }])
  if (error.type === 'entity.parse.failed')
    return refuseWith(response, 422, [{ path: '', message: requestText.notJson() }])
  if (status !== undefined)
    return refuseWith(response, request.path.startsWith('/api/') && status === 400 ? 422 : status, [
      { path: '', message: requestText.unreadable() },
    ])
  console.error(error)
  refuseWith(response, 500, [{ path: '', message: requestText.ourFault() }])
}
