/** Clumsy hands on the run sheet: no step lost, none passed that nobody pressed, and the page stays usable. */
import type { Page } from '@playwright/test'
import { dice } from '../core/test/otherSetups.ts'
import { decide, expect, gatherAndBegin, open, test } from './bench.ts'
import { endWait } from './sheet.ts'
import { written } from './store.ts'

test.use({ contextOptions: { reducedMotion: 'no-preference' } })

const LONG = process.env.LONG === '1'

/** The number of the step in view; after the last, one more. */
async function at(page: Page): Promise<number> {
  const end = page.getByRole('heading', { level: 1, name: 'Sign off' })
  await expect(page.getByTestId('head').or(end).first()).toBeVisible({ timeout: 2000 })
  if (await end.isVisible()) return Infinity
  return Number(/step (\d+) of/.exec((await page.getByTestId('head').textContent())!)![1])
}

/** A key that lands on a button does what the button says: the hand closes the box, or goes back to the sheet. */
async function backToSheet(page: Page) {
  const boxes = page.getByRole('dialog')
  if (await boxes.count()) {
    await page.keyboard.press('Escape')
    await expect(boxes).toHaveCount(0)
  }
  if (!page.url().includes('/change/')) await page.goBack()
  const sheet = page.getByRole('button', { name: 'Run sheet' })
  if (!/\/(?:swap|sign-off)$/.test(page.url()) && (await sheet.isEnabled())) await sheet.click()
  const oneStep = page.getByRole('button', { name: 'Show one step' })
  if (await oneStep.isVisible()) await oneStep.click()
}
/** Where the sheet stands, wherever the last key led. */
async function standing(page: Page): Promise<number> {
  let found = 0
  await expect(async () => {
    await backToSheet(page)
    found = await at(page)
  }).toPass()
  return found
}

for (const seed of LONG ? [1, 2, 3, 4, 5, 6, 7, 8, 9, 10] : [1])
  test(`clumsy hands on the sheet, seed ${seed}`, async ({ page, context }) => {
    const d = dice(seed)
    await open(page)
    await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
    await gatherAndBegin(page)
    const other = await context.newPage()
    const hold = page.locator('[data-hold]')
    const done = page.getByTestId('done')
    /** What a hand may do, and by how many steps it may move the sheet. */
    const acts: [string, () => Promise<void>, number, number][] = [
      [
        'holds the key far too long',
        async () => {
          await page.keyboard.down('Space')
          for (let i = 0; i < 15; i++)
            await page
              .evaluate(() => new Promise((done) => setTimeout(done, 100)))
              .then(() => page.keyboard.down('Space'))
          await page.keyboard.up('Space')
        },
        // On a button that the key was tabbed to, Back among them, it does once what that says.
        -1,
        1,
      ],
      ['touches twice', () => done.dblclick({ timeout: 2000 }).catch(() => undefined), 0, 1],
      ['taps the hold point', () => hold.click({ timeout: 500 }).catch(() => undefined), 0, 0],
      ['loads the page anew', async () => void (await page.reload()), 0, 0],
      [
        'goes back and forward',
        async () => {
          await page.goBack()
          await page.goForward()
        },
        0,
        0,
      ],
      [
        'turns the phone',
        async () => {
          await page.setViewportSize({ width: 844, height: 390 })
          await page.setViewportSize({ width: 390, height: 844 })
        },
        0,
        0,
      ],
      ['takes a step back', () => page.keyboard.press('Backspace'), -1, 0],
      [
        'hits keys that mean nothing here',
        async () => {
          for (const key of ['Tab', 'F9', 'PageUp', 'Shift']) await page.keyboard.press(key)
        },
        0,
        0,
      ],
      [
        'goes on in another window',
        async () => {
          await other.goto(page.url())
          await standing(other)
          if (await other.getByTestId('done').isVisible()) await other.keyboard.press('Space')
          await written(other)
          const there = await standing(other)
          // What was done there is seen here before the next hand comes.
          await expect.poll(() => standing(page)).toBeGreaterThanOrEqual(there)
        },
        0,
        1,
      ],
    ]
    for (let i = 0; i < (LONG ? 60 : 12); i++) {
      const before = await standing(page)
      if (before === Infinity) break
      if (await page.getByTestId('wait').isVisible()) await endWait(page)
      const [what, act, least, most] = acts[d.below(acts.length)]!
      const captive = (await page.getByTestId('captive').count()) > 0
      await act()
      await written(page)
      // Only keys and touches on the sheet move it, and by one.
      await expect
        .poll(async () => (await standing(page)) - before, { message: `${what} at step ${before}` })
        .toBeGreaterThanOrEqual(least)
      const moved = (await standing(page)) - before
      if (moved !== Infinity)
        expect(moved, `${what} at step ${before}${captive ? ', wire in hand' : ''}`).toBeLessThanOrEqual(most)
      if (await page.getByTestId('captive').count()) {
        await page.keyboard.press('Escape')
        await expect(page.getByTestId('captive')).toHaveCount(0)
      }
    }
    // Still a sheet that goes on.
    const left = await standing(page)
    if (left !== Infinity) await expect(page.getByTestId('buttons').first()).toBeInViewport()
  })
