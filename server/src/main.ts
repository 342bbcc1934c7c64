import { readFileSync } from 'node:fs'
import { isIP, isIPv6 } from 'node:net'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createApp } from './app.ts'
import { servedAt } from './addresses.ts'
import { guarded, type Certificate } from './guard.ts'
import { startPool } from './pool.ts'

const here = dirname(fileURLToPath(import.meta.url))
const port = Number(process.env.PORT ?? 4173)
/** This computer alone, unless its owner says otherwise. */
const host = process.env.HOST ?? '127.0.0.1'
const webRoot = process.env.WEB_ROOT ?? join(here, '../../web/dist')

if (!isIP(host) && host !== 'localhost') {
  console.error(`HOST must be an address such as 127.0.0.1 or 0.0.0.0, not “${host}”.`)
  process.exit(2)
}
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`PORT must be a number from 0 to 65535, not “${process.env.PORT}”.`)
  process.exit(2)
}

/** Both or neither: https asks for a certificate and its key. */
function certificate(): Certificate | undefined {
  const { TLS_CERT, TLS_KEY } = process.env
  if (!TLS_CERT && !TLS_KEY) return undefined
  if (!TLS_CERT || !TLS_KEY) {
    console.error('TLS_CERT and TLS_KEY go together: the file of a certificate, and that of its key.')
    process.exit(2)
  }
  try {
    return { cert: readFileSync(TLS_CERT, 'utf8'), key: readFileSync(TLS_KEY, 'utf8') }
  } catch (error) {
    console.error(`The certificate or its key cannot be read: ${(error as Error).message}`)
    process.exit(2)
  }
}
const secure = certificate()
const scheme = secure ? 'https' : 'http'

const pool = startPool(process.env.WORKER ?? join(here, 'worker.js'))
/** What other devices of the network type in. */
const addresses = servedAt(host)
  .filter((name) => name !== 'localhost' && name !== '::1' && !name.startsWith('127.'))
  .map((name) => `${scheme}://${isIPv6(name) ? `[${name}]` : name}:${port}`)
const app = createApp({ webRoot, demo: process.env.DEMO === '1', answerer: pool, addresses })
let closing = false
function listening() {
  try {
    return guarded(
      (request, response) => {
        // Who is answered while the server closes does not keep the line for another question.
        if (closing) response.setHeader('Connection', 'close')
        app(request, response)
      },
      {},
      secure,
    )
  } catch (error) {
    console.error(`https cannot be served with this certificate and key: ${(error as Error).message}`)
    process.exit(2)
  }
}
const server = listening().listen(port, host)
server.on('listening', () => {
  const address = server.address()
  const at = typeof address === 'object' && address ? address.port : port
  for (const name of servedAt(host)) console.log(`${scheme}://${isIPv6(name) ? `[${name}]` : name}:${at}`)
})
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=4180 npm run demo`
      : error.code === 'EADDRNOTAVAIL'
        ? `This computer has no address ${host}.`
        : error.message,
  )
  process.exit(1)
})

/** Lets requests finish, then goes; a second signal, or five seconds, ends it at once. */
const close = () => {
  if (closing) process.exit(1)
  closing = true
  server.close(() => process.exit(0))
  server.closeIdleConnections()
  setTimeout(() => process.exit(0), 5000).unref()
}
process.on('SIGTERM', close)
process.on('SIGINT', close)
