/** npm run demo: build, start with the demo shop, print the address. `npm start` is the same without the demo. */
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { build, install, root } from './prepare.mjs'

install()
build()
const demo = process.argv.includes('--own-shop') ? '0' : '1'
if (!process.env.HOST)
  console.log('Only this computer can open it. For a phone on the same network: HOST=0.0.0.0 npm run demo')
const server = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
  stdio: 'inherit',
  env: { ...process.env, DEMO: demo },
})
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
