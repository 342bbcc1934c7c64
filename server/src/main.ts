import { isIP, isIPv6 } from 'node:net'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createApp } from './app.ts'
import { servedAt } from './addresses.ts'
import { guarded } from './guard.ts'
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

const pool = startPool(process.env.WORKER ?? join(here, 'worker.js'))
/** What other devices of the network type in. */
const addresses = servedAt(host)
  .filter((name) => name !== 'localhost' && name !== '::1' && !name.startsWith('127.'))
  .map((name) => `http://${isIPv6(name) ? `[${name}]` : name}:${port}`)
const app = createApp({ webRoot, demo: process.env.DEMO === '1', answerer: pool, addresses })
let closing = false
const server = guarded((request, response) => {
  // Who is answered while the server closes does not keep the line for another question.
  if (closing) response.setHeader('Connection', 'close')
  app(request, response)
}).listen(port, host)
server.on('listening', () => {
  const address = server.address()
  const at = typeof address === 'object' && address ? address.port : port
  for (const name of servedAt(host)) console.log(`http://${isIPv6(name) ? `[${name}]` : name}:${at}`)
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
