/**
 * Two devices of a workshop’s network: the server and the first of them in one network namespace, the second in another,
 * joined by a virtual cable. Where the kernel does not let this user make such, the test is skipped and counted so.
 */
import { spawn, type ChildProcess } from 'node:child_process'
import { chmodSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium, expect, test, type Page } from '@playwright/test'
import { generate } from 'selfsigned'
import { browserPath, doStep, gatherAndBegin, moreWays, open, runAll } from './bench.ts'
import { machineOf, written } from './store.ts'

const root = fileURLToPath(new URL('..', import.meta.url))
const SERVER = '10.77.0.1'
const OTHER = '10.77.0.2'
const PORT = 4443
/** Two rooms without a network, and a cable between them; each lives as long as its first process. */
const ROOMS = `
unshare -n sleep 600 & other=$!
sleep_until() { for i in $(seq 50); do "$@" && return; sleep 0.1; done; return 1; }
ip link add cable type veth peer name end || exit 1
sleep_until ip link set end netns $other || exit 1
ip addr add ${SERVER}/24 dev cable && ip link set cable up && ip link set lo up
nsenter -t $other -n sh -c 'ip addr add ${OTHER}/24 dev end && ip link set end up && ip link set lo up' || exit 1
echo "rooms $$ $other"
wait
`
function rooms(): Promise<{ here: number; there: number; process: ChildProcess } | undefined> {
  const made = spawn('unshare', ['-Urn', 'sh', '-c', ROOMS], { stdio: ['ignore', 'pipe', 'ignore'] })
  return new Promise((found) => {
    made.on('error', () => found(undefined))
    made.on('exit', () => found(undefined))
    made.stdout.on('data', (text: Buffer) => {
      const ids = /rooms (\d+) (\d+)/.exec(text.toString())
      if (ids) found({ here: Number(ids[1]), there: Number(ids[2]), process: made })
    })
  })
}
const inRoom = (id: number) => ['-t', String(id), '-U', '-n', '--preserve-credentials']
/** The six figures that a press gives. */
async function codeOf(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Get a code' }).last().click()
  const said = await page.getByTestId('code').last().textContent()
  const close = page.getByRole('dialog').getByRole('button', { name: 'Close' })
  if (await close.isVisible()) await close.click()
  return said!.replace(/\D/g, '').slice(0, 6)
}
/** @param part it is some of a shop, whose name is said */
async function takeOver(page: Page, code: string, part = true) {
  const field = page.getByLabel('Code of six figures')
  if (!(await field.isVisible())) await page.getByRole('heading', { name: 'Another phone' }).click()
  await field.fill(code)
  await page.getByRole('button', { name: 'Fetch it' }).click()
  const said = `The file holds ${part ? 'part of ' : ''}“Saltbarrow Slip”`
  await expect(page.getByText(said)).toBeVisible()
  await expect(page.getByText('one to choose')).toHaveCount(0)
  const take = page.getByRole('button', { name: 'Import it' })
  await expect(take.or(page.getByText('Nothing would change:'))).toBeVisible()
  if (await take.isVisible()) await take.click()
  await expect(page.getByText(said)).toHaveCount(0)
  await expect(page.getByText('Writing', { exact: true })).toHaveCount(0)
  await written(page)
}

test('from another network a run and a shop are taken over, finished there, and brought home', async () => {
  const both = await rooms()
  test.skip(!both, 'this kernel lets nobody make a network of his own')
  const { here, there, process: made } = both!
  const folder = mkdtempSync(join(tmpdir(), 'pepper-knot-network-'))
  const tools = mkdtempSync(join(tmpdir(), 'pepper-knot-tools-'))
  const browsers: { close: () => Promise<void> }[] = []
  let server: ChildProcess | undefined
  try {
    const keys = await generate([{ name: 'commonName', value: SERVER }], {
      extensions: [{ name: 'subjectAltName', altNames: [{ type: 7, ip: SERVER }] }],
    })
    writeFileSync(join(folder, 'cert.pem'), keys.cert)
    writeFileSync(join(folder, 'key.pem'), keys.private)
    const before = readdirSync(folder)
    server = spawn('nsenter', [...inRoom(here), process.execPath, join(root, 'server/dist/main.js')], {
      env: {
        ...process.env,
        HOST: '0.0.0.0',
        PORT: String(PORT),
        DEMO: '1',
        TMPDIR: folder,
        TLS_CERT: join(folder, 'cert.pem'),
        TLS_KEY: join(folder, 'key.pem'),
      },
      cwd: folder,
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    let logged = ''
    server.stdout!.on('data', (text: Buffer) => (logged += text.toString()))
    server.stderr!.on('data', (text: Buffer) => (logged += text.toString()))
    await expect.poll(() => logged).toContain(`https://${SERVER}:${PORT}`)

    /** A browser of one room; the pipe by which it is led goes through every wall. */
    const device = async (room: number): Promise<Page> => {
      const path = join(tools, `browser-${room}.sh`)
      writeFileSync(path, `#!/bin/sh\nexec nsenter ${inRoom(room).join(' ')} ${browserPath} "$@"\n`)
      chmodSync(path, 0o700)
      const browser = await chromium.launch({ executablePath: path, args: ['--no-sandbox', '--disable-gpu'] })
      browsers.push(browser)
      const context = await browser.newContext({ ignoreHTTPSErrors: true, serviceWorkers: 'block' })
      context.setDefaultTimeout(20_000)
      return context.newPage()
    }
    const origin = `https://${SERVER}:${PORT}`
    const first = await device(here)
    await open(first, `${origin}/shop`)
    await first.getByRole('heading', { name: 'Another phone' }).click()
    // What other phones find it by is shown as a code, too.
    await expect(first.getByRole('img', { name: origin })).toBeVisible()

    // A job begun here, with its third step done after it was handed over.
    await first.goto(origin)
    await first.getByRole('button', { name: /^Put \d right on Skua/ }).click()
    await gatherAndBegin(first)
    for (let n = 0; n < 2; n++) await doStep(first)
    await moreWays(first)
    await first.getByRole('button', { name: 'Share', exact: true }).click()
    const run = await codeOf(first)
    // The keys are on the button again that shared it.
    await first.evaluate(() => (document.activeElement as HTMLElement).blur())
    await doStep(first)
    await written(first)

    const second = await device(there)
    await open(second, `${origin}/shop`)
    await takeOver(second, run)
    await second.goto(origin)
    await second.getByRole('link', { name: /^Go on: Skua/ }).click()
    await runAll(second)
    await second.getByRole('button', { name: 'Sign off and save' }).click()
    await expect(second.getByText(/^Signed off/)).toBeVisible()
    await written(second)
    await second.goto(`${origin}/store/machines`)
    await second.getByRole('button', { name: 'More for Skua' }).click()
    await second.getByRole('menuitem', { name: 'Share' }).click()
    const done = await codeOf(second)

    // Home again: the one run, signed off, and nothing to choose.
    await first.goto(`${origin}/shop`)
    await takeOver(first, done)
    await first.goto(origin)
    await expect(first.getByRole('link', { name: /^Go on: Skua/ })).toHaveCount(0)
    await expect(first.getByText('Which is right?')).toHaveCount(0)
    const [mine, theirs] = [await machineOf(first, 'Skua'), await machineOf(second, 'Skua')]
    expect(mine.fitted).toEqual(theirs.fitted)
    expect(JSON.stringify(mine.fitted)).not.toContain('worn')

    // A whole shop goes the same way.
    await first.goto(`${origin}/shop`)
    await first.getByRole('heading', { name: 'Another phone' }).click()
    const shop = await codeOf(first)
    await second.goto(`${origin}/shop`)
    await takeOver(second, shop, false)

    // A code that was taken, and guessed ones: refused, and then slowed down.
    const guesses = [done, '000000', '000001', '000002', '000003', '000004', '000005']
    const answers = await second.evaluate(async (codes) => {
      const said: number[] = []
      for (const code of codes) said.push((await fetch(`/api/v1/handover?code=${code}`)).status)
      return said
    }, guesses)
    expect(answers).toEqual([404, 404, 404, 404, 404, 429, 429])

    // The server said where it is and nothing else, and wrote nothing down.
    expect(logged.trim().split('\n')).toEqual(expect.arrayContaining([origin]))
    expect(logged).not.toMatch(/Skua|\d{6}/)
    expect(readdirSync(folder)).toEqual(before)
  } finally {
    for (const browser of browsers) await browser.close()
    server?.kill('SIGKILL')
    made.kill('SIGKILL')
    try {
      process.kill(there, 'SIGKILL')
    } catch {
      // It went with the other.
    }
    for (const one of [folder, tools]) rmSync(one, { recursive: true, force: true })
  }
})
