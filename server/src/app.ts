import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { openApi } from '@pepper-knot/core/english'
import { say } from '@pepper-knot/core/trade'
import compression from 'compression'
import express, { type ErrorRequestHandler, type Express, type RequestHandler, type Response } from 'express'
import helmet from 'helmet'
import sirv from 'sirv'
import type { Question } from './answer.ts'
import { only, onlyOwnNames, permissions, refuseWith } from './guard.ts'
import { handover } from './handover.ts'
import { answerHere, Busy, type Answerer } from './answerer.ts'

export interface ServerOptions {
  /** Folder of the built web app; left out, only the API is served. */
  webRoot?: string
  /** Whether a browser with an empty store opens the demo shop. */
  demo?: boolean
  /** Where other devices of the same network find it; none where it listens to this computer alone. */
  addresses?: readonly string[]
  /** Who answers; left out, the thread that takes requests. */
  answerer?: Answerer
}

const YEAR_S = 31_536_000
/** Largest request body, 1 MB. */
const MOST_BYTES = 1_000_000
/** Seconds after which asking again is worth while. */
const RETRY_AFTER_S = 2

/** The same core over HTTP. Every error body is JSON with `problems`; nothing a client sends causes a 500. */
export function createApp({
  webRoot,
  demo = false,
  answerer = answerHere,
  addresses = [],
}: ServerOptions = {}): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // What reads a photographed box is compiled in the browser, and nothing else is.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
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
      // Served on plain http in the shop, where a browser ignores these and says so.
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  )
  app.use(permissions)
  app.use(onlyOwnNames())
  app.use(compression())

  const asks = (question: Question): RequestHandler[] => [
    only('POST'),
    express.raw({ limit: MOST_BYTES, type: () => true }),
    async (request, response) => {
      const body = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0)
      const { status, body: text } = await answerer.ask({ question, body: new Uint8Array(body) })
      response.status(status).type('json').send(text)
    },
  ]
  const api = express.Router()
  api.all('/info', only('GET', 'HEAD'), (_request, response) => {
    response.json({ name: 'Pepper Knot', demo, addresses })
  })
  let document: string | undefined
  api.all('/openapi.json', only('GET', 'HEAD'), (_request, response) => {
    response.type('json').send((document ??= JSON.stringify(openApi())))
  })
  api.all('/decode', ...asks('decode'))
  api.all('/suggest', ...asks('suggest'))
  api.all('/trouble', ...asks('trouble'))
  api.all('/changeover', ...asks('changeover'))
  api.use('/handover', handover())
  app.use('/api/v1', api)
  app.use('/api', notFound)

  app.use(only('GET', 'HEAD'))
  if (webRoot && existsSync(join(webRoot, 'index.html'))) serveWeb(app, webRoot)
  app.use(notFound)
  app.use(onError)
  return app
}

const notFound: RequestHandler = (request, response) =>
  refuseWith(response, 404, say('request.notFound', `${request.baseUrl}${request.path}`.slice(0, 200)))

/** Files as they were squeezed when the program was built; what was not is squeezed on its way. */
function serveWeb(app: Express, root: string) {
  const squeezed = { gzip: true, brotli: true, etag: true }
  // Hashed files never change; the page itself is asked for anew each time.
  app.use('/assets', sirv(join(root, 'assets'), { ...squeezed, immutable: true, maxAge: YEAR_S }), notFound)
  const page = sirv(root, {
    ...squeezed,
    setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
  })
  app.use(page)
  app.get('/{*splat}', (request, response, next) => {
    if (!request.accepts('html')) return next()
    request.url = '/'
    // Its own reading of the address is the one asked for first.
    delete (request as { _parsedUrl?: unknown })._parsedUrl
    page(request, response, next)
  })
}

const onError: ErrorRequestHandler = (
  error: { status?: number; type?: string } & Error,
  request,
  response,
  next,
) => {
  if (response.headersSent) return next(error)
  if (error instanceof Busy)
    return refuseWith(
      response.set('Retry-After', String(RETRY_AFTER_S)) as Response,
      503,
      say('request.busy'),
    )
  const status =
    error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : undefined
  if (status === 413) return refuseWith(response, 413, say('request.tooLarge'))
  if (status !== undefined)
    return refuseWith(
      response,
      request.path.startsWith('/api/') && status === 400 ? 422 : status,
      say('request.unreadable'),
    )
  console.error(error)
  refuseWith(response, 500, say('request.ourFault'))
}
