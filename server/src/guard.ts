import { createServer, type RequestListener, type Server } from 'node:http'
import { createServer as createSecure } from 'node:https'
import { hostname, networkInterfaces } from 'node:os'
import { problemsAnswer, problemText } from '@pepper-knot/core/english'
import { problemAt, say, type Said } from '@pepper-knot/core/trade'
import type { RequestHandler, Response } from 'express'

/** Every refusal is JSON with problems. */
export const refuseWith = (response: Response, status: number, said: Said) =>
  void response.status(status).json({ problems: problemsAnswer([problemAt('', said)]) })

/** The name in a `Host` header or an origin, without its port; nothing where it is none. */
function nameIn(text: string, isOrigin = false): string | undefined {
  try {
    return new URL(isOrigin ? text : `http://${text}`).hostname.toLowerCase()
  } catch {
    return undefined
  }
}

/**
 * Whether a name is one of this computer's: the loopback, an address it has, its own name with or without `.local`, or
 * one that its owner allowed. A page elsewhere that points its own name here is not answered.
 * @param allowed further names, as `ALLOWED_HOSTS` lists them
 */
export function isOwnName(name: string | undefined, allowed: readonly string[] = []): boolean {
  if (name === undefined) return false
  const bare = name.replace(/^\[|\]$/g, '')
  const own = hostname().toLowerCase()
  return (
    name === 'localhost' ||
    bare === '::1' ||
    /^127(?:\.\d{1,3}){3}$/.test(name) ||
    name === own ||
    name === `${own.replace(/\.local$/, '')}.local` ||
    allowed.includes(name) ||
    Object.values(networkInterfaces()).some((list) => list?.some(({ address }) => address === bare))
  )
}

/** `ALLOWED_HOSTS`: names with commas or spaces between. */
export const allowedHosts = (text = process.env.ALLOWED_HOSTS ?? ''): string[] =>
  text
    .split(/[\s,]+/)
    .filter(Boolean)
    .map((name) => name.toLowerCase())

/** Answers only what was asked of this computer, and by a page of this computer. */
export const onlyOwnNames =
  (allowed: readonly string[] = allowedHosts()): RequestHandler =>
  (request, response, next) => {
    const { host, origin } = request.headers
    if (!isOwnName(nameIn(host ?? ''), allowed)) return refuseWith(response, 421, say('request.onlyHere'))
    if (origin !== undefined && !isOwnName(nameIn(origin, true), allowed))
      return refuseWith(response, 403, say('request.onlyHere'))
    next()
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

/**
 * How long a request may take to arrive, ms, how often that is looked at, and how many may be open: in all, and from
 * one address, so that one that sends by halves does not shut out the others.
 */
const LIMITS = {
  headersMs: 10_000,
  requestMs: 20_000,
  idleMs: 5_000,
  socketMs: 60_000,
  lookMs: 1_000,
  connections: 512,
  perAddress: 64,
}
const BY_CODE: Readonly<Record<string, [number, string, string]>> = {
  HPE_HEADER_OVERFLOW: [431, 'Request Header Fields Too Large', problemText(say('request.unreadable'))],
  ERR_HTTP_REQUEST_TIMEOUT: [408, 'Request Timeout', problemText(say('request.timedOut'))],
}

const refusal = (status: number, name: string, message: string) => {
  const body = JSON.stringify({ problems: [{ path: '', message }] })
  return (
    `HTTP/1.1 ${status} ${name}\r\nConnection: close\r\nContent-Type: application/json; charset=utf-8\r\n` +
    `Content-Length: ${Buffer.byteLength(body)}\r\n\r\n${body}`
  )
}
/** What https is served with, PEM. */
export interface Certificate {
  cert: string
  key: string
}
/**
 * A server with limits for what arrives, and an answer in JSON to what is no request at all.
 * @param secure https with this certificate; left out, http
 * @throws Error for a certificate that cannot be read, or a key that is not its own
 */
export function guarded(
  listener: RequestListener,
  more: Partial<typeof LIMITS> = {},
  secure?: Certificate,
): Server {
  const limits = { ...LIMITS, ...more }
  const looks = { connectionsCheckingInterval: limits.lookMs }
  const server: Server = secure
    ? createSecure({ ...looks, ...secure }, listener)
    : createServer(looks, listener)
  server.headersTimeout = limits.headersMs
  server.requestTimeout = limits.requestMs
  server.keepAliveTimeout = limits.idleMs
  server.timeout = limits.socketMs
  server.maxConnections = limits.connections
  const open = new Map<string, number>()
  server.on('connection', (socket) => {
    const from = socket.remoteAddress ?? ''
    const n = (open.get(from) ?? 0) + 1
    open.set(from, n)
    socket.on('close', () => {
      const left = open.get(from)! - 1
      if (left) open.set(from, left)
      else open.delete(from)
    })
    if (n > limits.perAddress)
      socket.end(refusal(503, 'Service Unavailable', problemText(say('request.tooManyOpen'))), () =>
        socket.destroy(),
      )
  })
  server.on('clientError', (error: NodeJS.ErrnoException, socket) => {
    if (!socket.writable) return void socket.destroy()
    const [status, name, message] = BY_CODE[error.code ?? ''] ?? [
      400,
      'Bad Request',
      problemText(say('request.unreadable')),
    ]
    socket.end(refusal(status, name, message))
  })
  return server
}
