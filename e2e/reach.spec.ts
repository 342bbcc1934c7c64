import type { Page } from '@playwright/test'
import { decide, doStep, expect, gatherAndBegin, open, test } from './bench.ts'
import { atRest } from './rest.ts'

/** Phones upright and on their side, down to the smallest, and a desk. */
const SIZES = [
  [320, 568],
  [390, 844],
  [568, 320],
  [640, 360],
  [667, 375],
  [740, 360],
  [844, 390],
  [1280, 800],
] as const

/** What is wrong with the main act as it stands: out of view, covered, or too small for a glove. */
const wrongWithAct = (page: Page) =>
  page.evaluate(async () => {
    for (let i = 0; i < 3; i++) await new Promise(requestAnimationFrame)
    const act = document.querySelector<HTMLElement>('[data-part=buttons] :is(button, .wait)')
    if (!act) return ['no button']
    const r = act.getBoundingClientRect()
    const faults: string[] = []
    if (r.top < 0 || r.left < 0 || r.bottom > innerHeight + 1 || r.right > innerWidth + 1)
      faults.push(`out of view: ${Math.round(r.top)} to ${Math.round(r.bottom)} of ${innerHeight}`)
    const hit = document.elementFromPoint((r.left + r.right) / 2, (r.top + r.bottom) / 2)
    if (!hit || !act.contains(hit)) faults.push('covered')
    if (r.height < 56) faults.push(`low: ${Math.round(r.height)}`)
    const say = document.querySelector<HTMLElement>('[data-part=say], [data-part=chain-title]')
    const first = say?.getBoundingClientRect()
    if (!first || first.top > innerHeight - 20 || first.bottom < 20) faults.push('what to do is out of view')
    if (document.documentElement.scrollWidth > innerWidth) faults.push('wider than the screen')
    return faults
  })

test('the main act is in sight and in reach on every screen, whatever its height and the size of letters', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '5 mm')
  await gatherAndBegin(page)
  const wrong: string[] = []
  for (let step = 0; step < 3; step++) {
    for (const [width, height] of SIZES)
      for (const letters of [100, 200]) {
        await page.setViewportSize({ width, height })
        await page.evaluate((n) => (document.documentElement.style.fontSize = `${n}%`), letters)
        for (const fault of await wrongWithAct(page))
          wrong.push(`step ${step + 1}, ${width}x${height} at ${letters} %: ${fault}`)
      }
    await page.evaluate(() => (document.documentElement.style.fontSize = ''))
    await page.setViewportSize({ width: 1280, height: 800 })
    await doStep(page)
  }
  expect(wrong).toEqual([])
  // Off the sheet on a phone’s side every place is reached.
  await page.setViewportSize({ width: 740, height: 360 })
  await page.getByRole('link', { name: 'Exit' }).click()
  for (const place of ['Store', 'Shop', 'Trouble', 'Bench']) {
    await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: place }).first().click()
    await expect(page.locator('main h1').first()).toBeVisible()
  }
})

test('the next act of every stage is in sight and hit by its middle, at every size and with large letters', async ({
  page,
}) => {
  const wrong: string[] = []
  const look = async (stage: string) => {
    for (const [width, height] of SIZES)
      for (const letters of [100, 200]) {
        await page.setViewportSize({ width, height })
        await page.evaluate((n) => (document.documentElement.style.fontSize = `${n}%`), letters)
        const fault = await page.evaluate(async () => {
          for (let i = 0; i < 3; i++) await new Promise(requestAnimationFrame)
          const act = document.querySelector<HTMLElement>('[data-part=foot] .v-btn')
          if (!act) return 'no act'
          const r = act.getBoundingClientRect()
          const hit = document.elementFromPoint((r.left + r.right) / 2, (r.top + r.bottom) / 2)
          if (!hit || !act.contains(hit)) return `not hit, ${Math.round(r.top)} to ${Math.round(r.bottom)}`
          return document.documentElement.scrollWidth > innerWidth ? 'wider than the screen' : ''
        })
        if (fault) wrong.push(`${stage}, ${width}x${height} at ${letters} %: ${fault}`)
      }
    await page.evaluate(() => (document.documentElement.style.fontSize = ''))
    await page.setViewportSize({ width: 1280, height: 800 })
  }
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '5 mm')
  await look('match')
  await page.getByRole('button', { name: 'Decide', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Match it' })).toBeVisible()
  await look('decide')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await expect(page.getByRole('button', { name: 'Begin the run' })).toBeVisible()
  await look('gather')
  expect(wrong).toEqual([])
})

test('a press that began on one step does nothing on the next, by mouse and by touch', async ({ page }) => {
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '5 mm')
  await gatherAndBegin(page)
  const say = page.getByTestId('say')
  const first = await say.textContent()
  const done = page.locator('[data-part=buttons] button').first()
  const box = (await done.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  // Pressed with the mouse, the step is done by a key meanwhile, and then let go over the next step’s button.
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.keyboard.press('Space')
  await expect(say).not.toHaveText(first!)
  const second = await say.textContent()
  await page.mouse.up()
  await expect(say).toHaveText(second!)
  // A press of its own counts, once it is no shadow of the one before.
  await expect(async () => {
    await page.mouse.down()
    await page.mouse.up()
    await expect(say).not.toHaveText(second!, { timeout: 200 })
  }).toPass()
})

test('single-letter keys are switched off where somebody speaks to the device', async ({ page }) => {
  await open(page, '/shop')
  const units = page.getByRole('button', { name: /^Units: / })
  await expect(units).toContainText('mm')
  await page.getByLabel('Single-letter keys').uncheck()
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(units).toContainText('mm')
  await page.getByLabel('Single-letter keys').check()
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await expect(units).toContainText('in')
})

test('no main screen of the demo says more than 300 words at rest, nor more than 25 in one block', async ({
  page,
}) => {
  const said: Record<string, number> = {}
  const long: string[] = []
  const look = async (name: string) => {
    // An act of the sheet may take thirty-five.
    const seen = await atRest(page, name.startsWith('step') ? 35 : 25)
    said[name] = seen.words
    long.push(...seen.long.map((block) => `${name}, ${block}`))
  }
  await open(page)
  // The board is whole: every cell has its word.
  await expect(page.getByRole('table').getByText('…')).toHaveCount(0)
  await expect(page.getByRole('table').getByText('loaded').first()).toBeVisible()
  await look('/')
  for (const path of ['/change', '/trouble', '/feed', '/desk', '/store', '/shop', '/log', '/card']) {
    await open(page, path)
    await expect(page.locator('main h1').first()).toBeVisible()
    await expect(page.locator('main [role=status], main h2, main button').first()).toBeVisible()
    await look(path)
  }
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '5 mm')
  await look('match')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await look('gather')
  await page.getByRole('button', { name: 'Begin the run' }).click()
  for (let n = 1; n <= 6; n++) {
    await expect(page.getByTestId('sheet')).toBeVisible()
    await look(`step ${n}`)
    await doStep(page)
  }
  console.log(JSON.stringify(said))
  expect(Object.entries(said).filter(([, n]) => n > 300)).toEqual([])
  expect(long).toEqual([])
})
