import type { Server } from 'node:http'
import { hostname } from 'node:os'
import { problemAt, problemsAnswer, problemText, say, type Said } from '@pepper-knot/core'
import type { RequestHandler, Response } from 'express'

/** Every refusal is JSON with problems. */
export const refuseWith = (response: Response, status: number, said: Said) =>
  void response.status(status).json({ problems: problemsAnswer([problemAt('', said)]) })

/** Names by which this computer knows itself; a page elsewhere that points its own name here is not answered. */
function ownName(host: string): boolean {
  const name = host.replace(/:\d{1,5}$/, '').toLowerCase()
  return (
    name === 'localhost' ||
    name === '[::1]' ||
    /^127(?:\.\d{1,3}){3}$/.test(name) ||
    name === hostname().toLowerCase()
  )
}

export const onlyOwnNames: RequestHandler = (request, response, next) => {
  if (ownName(request.headers.host ?? '')) return next()
  refuseWith(response, 421, say('request.onlyHere'))
}

/** Camera and wake lock are for this page alone; what it never uses is for nobody. */
const PERMISSIONS = [
  'camera=(self)',
  'screen-wake-lock=(self)',
  ...[
    'accelerometer',
    'display-capture',
    'geolocation',
    'gyroscope',
    'magnetometer',
    'microphone',
    'midi',
  ].map((name) => `${name}=()`),
  ...['payment', 'publickey-credentials-get', 'serial', 'usb', 'xr-spatial-tracking'].map(
    (name) => `${name}=()`,
  ),
].join(', ')

export const permissions: RequestHandler = (_request, response, next) => {
  response.set('Permissions-Policy', PERMISSIONS)
  next()
}

/** Anything else than these methods is refused, with what may be used. */
export const only =
  (...methods: string[]): RequestHandler =>
  (request, response, next) => {
    if (methods.includes(request.method)) return next()
    const allow = methods.join(', ')
    refuseWith(response.set('Allow', allow) as Response, 405, say('request.onlyMethods', allow))
  }

/** How long a request may take to arrive, ms, and how many may be open. */
const LIMITS = { headersMs: 10_000, requestMs: 20_000, idleMs: 5_000, socketMs: 60_000, connections: 512 }
const BY_CODE: Readonly<Record<string, [number, string, string]>> = {
  HPE_HEADER_OVERFLOW: [431, 'Request Header Fields Too Large', problemText(say('request.unreadable'))],
  ERR_HTTP_REQUEST_TIMEOUT: [408, 'Request Timeout', problemText(say('request.timedOut'))],
}

/** Time limits for what arrives, and an answer in JSON to what is no request at all. */
export function limit(server: Server, limits = LIMITS): Server {
  server.headersTimeout = limits.headersMs
  server.requestTimeout = limits.requestMs
  server.keepAliveTimeout = limits.idleMs
  server.timeout = limits.socketMs
  server.maxConnections = limits.connections
  server.on('clientError', (error: NodeJS.ErrnoException, socket) => {
    if (!socket.writable) return void socket.destroy()
    const [status, name, message] = BY_CODE[error.code ?? ''] ?? [
      400,
      'Bad Request',
      problemText(say('request.unreadable')),
    ]
    const body = JSON.stringify({ problems: [{ path: '', message }] })
    socket.end(
      `HTTP/1.1 ${status} ${name}\r\nConnection: close\r\nContent-Type: application/json; charset=utf-8\r\n` +
        `Content-Length: ${Buffer.byteLength(body)}\r\n\r\n${body}`,
    )
  })
  return server
}
