/** One picture of each main view from the demo data, into docs/screenshots. Needs a built app: npm run build first. */
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { chromium, selectors, type Page } from '@playwright/test'
import config from './playwright.config.ts'

selectors.setTestIdAttribute('data-part')
const port = 4777
const folder = new URL('../docs/screenshots/', import.meta.url).pathname
const server = spawn(process.execPath, [new URL('../server/dist/main.js', import.meta.url).pathname], {
  env: { ...process.env, PORT: String(port), DEMO: '1' },
})
await once(server.stdout, 'data')
const browser = await chromium.launch(config.use!.launchOptions)

async function at(
  width: number,
  height: number,
  dark: boolean,
  work: (page: Page, shot: (name: string) => Promise<void>) => Promise<void>,
) {
  const page = await browser.newPage({
    viewport: { width, height },
    colorScheme: dark ? 'dark' : 'light',
    baseURL: `http://127.0.0.1:${port}`,
    reducedMotion: 'reduce',
  })
  await work(page, async (name) => {
    await page.evaluate(() => document.fonts.ready)
    await page.screenshot({ path: `${folder}${name}.png`, animations: 'disabled' })
  })
  await page.close()
}

async function decide(page: Page, machine: string, wire: string, metal: string, thickness: string) {
  await page.goto('/')
  await page.getByRole('complementary', { name: 'On the shelf' }).getByRole('button', { name: wire }).click()
  await page.getByRole('button', { name: new RegExp(`^Change ${machine} to`) }).click()
  await page.getByRole('combobox', { name: 'Metal' }).press('Enter')
  await page.getByRole('option', { name: metal, exact: true }).click()
  await page.getByLabel('Thickness').fill(thickness)
  await page.getByText('read as').first().waitFor()
}
async function step(page: Page) {
  const number = /step \d+ of/.exec((await page.getByTestId('head').textContent())!)![0]
  const hold = page.locator('[data-hold]')
  if (await hold.isVisible()) {
    await hold.focus()
    await page.keyboard.down('Enter')
    await page.getByText(number).waitFor({ state: 'detached' })
    await page.keyboard.up('Enter')
  } else await page.keyboard.press('Space')
  await page.getByText(number).waitFor({ state: 'detached' })
}
const chain = (page: Page) => page.getByRole('button', { name: /^Ready: start/ })
async function through(page: Page) {
  await chain(page).click()
  while (await page.getByTestId('captive').count()) {
    await page.keyboard.press('x')
    await page.waitForTimeout(100)
  }
}

await at(1280, 800, false, async (page, shot) => {
  await page.goto('/')
  await page.getByRole('table').getByText('loaded').first().waitFor()
  await page.waitForFunction(() => !document.querySelector('table')?.textContent?.includes('…'))
  await shot('bench')
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '4 mm')
  await shot('decide')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByTestId('marks').getByRole('button', { name: /rolls/i }).click()
  await page.evaluate(() => window.scrollTo(0, 0))
  await shot('match')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await page.getByRole('checkbox').nth(1).check()
  await shot('gather')
  await page.getByRole('button', { name: 'Begin the run' }).click()
  while (!(await chain(page).isVisible())) await step(page)
  await chain(page).click()
  await page.waitForTimeout(500)
  await page.keyboard.press('x')
  await page.waitForTimeout(200)
  await shot('hands-free')
  await page.keyboard.press('Escape')
  await through(page)
  while (!(await page.getByRole('heading', { name: /smooth U rolls/ }).isVisible())) await step(page)
  await shot('run-sheet')
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  while (!(await end.isVisible())) await ((await chain(page).isVisible()) ? through(page) : step(page))
  await page.getByRole('button', { name: 'Dial in', exact: true }).first().click()
  await page.getByRole('heading', { name: 'Dial in', level: 1 }).waitFor()
  const showed = async (bead: RegExp, arc?: RegExp) => {
    await page.getByRole('button', { name: bead }).click()
    if (arc) await page.getByRole('radio', { name: arc }).click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await page.waitForTimeout(200)
  }
  await showed(/^Cold/, /^Stubs/)
  await showed(/^Hot/, /^Steady/)
  await showed(/^Good/)
  await page.evaluate(() => window.scrollTo(0, 0))
  await page.waitForTimeout(300)
  await shot('dial-in')
  await showed(/^Good/)
  await page.getByRole('button', { name: 'Sign off', exact: true }).last().click()
  await page.getByLabel('Roll pressure mark').fill('1.5')
  await page.waitForTimeout(300)
  await shot('sign-off')
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await page.getByRole('link', { name: 'Setup card' }).click()
  await page.getByTestId('card').waitFor()
  await shot('card')
  await page.goto('/feed')
  await page.getByLabel('What does the box say?').fill('ER4043 1.2')
  await page.getByRole('button', { name: 'One loop more' }).click()
  await page.getByText('How sure is it?').waitFor()
  await page.evaluate(() => window.scrollTo(0, 0))
  await shot('feed')
  await page.goto('/desk')
  await page.getByText('How long will the cylinder last?').waitFor()
  await page.waitForTimeout(300)
  await shot('desk')
  await page.goto('/store/parts')
  await page
    .getByRole('textbox', { name: /^Parts, a line each/ })
    .fill('1.0/1.2 U\n.035 tip x5\nPTFE 1.0-1.2 4 m')
  await shot('store')
  await page.goto('/store/machines')
  await page.getByRole('button', { name: 'Add a machine' }).click()
  for (const answer of ['cabinet', 'empty', 'plugs on the front', 'yes'])
    await page.getByRole('radio', { name: answer, exact: true }).click()
  await shot('add-machine')
  await page.keyboard.press('Escape')
  await page.goto('/trouble')
  await page.getByRole('button', { name: 'Gull', exact: true }).click()
  await page.getByRole('button', { name: /^Wire bends at a guide/ }).click()
  await page.getByRole('button', { name: /^Birdnest/ }).click()
  await page.getByRole('button', { name: 'Look for it' }).click()
  for (let i = 0; i < 2; i++) {
    await page.getByTestId('look').waitFor()
    await page.keyboard.press('n')
    await page.waitForTimeout(800)
  }
  await shot('trouble')
  await decide(page, 'Tern', 'E71T-11 .035 10 lb', 'mild steel', '3 mm')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByText('This change', { exact: true }).click()
  await page.getByRole('radio', { name: 'two: gun and feeder' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await page.getByRole('button', { name: 'Begin the run' }).click()
  for (let i = 0; i < 3; i++) {
    await page.getByTestId('lanes').getByRole('button', { name: /^Done/ }).first().click()
    await page.waitForTimeout(400)
  }
  await shot('two-people')
  await page.goto('/shop')
  await page.getByRole('heading', { name: 'Your data' }).waitFor()
  await shot('shop')
})
await at(390, 844, false, async (page, shot) => {
  await page.goto('/')
  await page.getByRole('heading', { name: 'Gull' }).waitFor()
  await shot('bench-phone')
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '4 mm')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await page.getByRole('button', { name: 'Begin the run' }).click()
  while (
    !/Take the rolls off/.test(
      (await page
        .getByTestId('say')
        .textContent({ timeout: 300 })
        .catch(() => '')) ?? '',
    )
  )
    await ((await chain(page).isVisible()) ? through(page) : step(page))
  await shot('run-sheet-phone')
})
await at(390, 844, true, async (page, shot) => {
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('heading', { level: 1, name: 'Tern to' }).waitFor()
  await shot('match-phone-dark')
})
await browser.close()
server.kill()
