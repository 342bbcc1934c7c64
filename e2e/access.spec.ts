import type { Page } from '@playwright/test'
import {
  decide,
  doStep,
  expect,
  expectNoAxeFindings,
  gatherAndBegin,
  moreWays,
  open,
  runAll,
  test,
  unfold,
} from './bench.ts'
import { written } from './store.ts'

const PHONE = { width: 390, height: 844 }

const DESK = { width: 1280, height: 800 }
/** A screen as it stands, at a desk and on a phone: by turns, with LONG=1 at both. */
let turn = 0
async function atBothWidths(page: Page) {
  for (const size of process.env.LONG === '1' ? [PHONE, DESK] : [[PHONE, DESK][turn++ % 2]!]) {
    await page.setViewportSize(size)
    await expectNoAxeFindings(page)
  }
}

test('axe finds nothing on any screen, at either width', async ({ page }) => {
  await open(page)
  await atBothWidths(page)
  for (const path of ['/store/machines', '/store/wires', '/store/parts', '/shop', '/change', '/nowhere']) {
    await open(page, path)
    await unfold(page)
    await atBothWidths(page)
  }
  await open(page, '/store/parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await atBothWidths(page)
  await page.keyboard.press('Escape')
  await open(page)
  await page.keyboard.press('u')
  await decide(page, 'Dunlin', 'E71T-1M .045', 'mild steel', '5/16')
  await atBothWidths(page)
  await page.getByRole('button', { name: 'Decide' }).click()
  await atBothWidths(page)
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await atBothWidths(page)
  await page.getByRole('button', { name: 'Begin the run' }).click()
  await atBothWidths(page)
  await moreWays(page)
  await page.getByRole('button', { name: 'Show the whole list' }).click()
  await atBothWidths(page)
  await page.getByRole('button', { name: 'Show one step' }).click()
  while (!(await page.getByRole('button', { name: /^Ready: start/ }).isVisible())) await doStep(page)
  await atBothWidths(page)
  await page.getByRole('button', { name: /^Ready: start/ }).click()
  await atBothWidths(page)
  await page.keyboard.press('Escape')
  // The end of a walk on a phone is looked at where touches.spec.ts comes by; from here to there only with LONG=1.
  if (process.env.LONG !== '1') return
  await runAll(page)
  await atBothWidths(page)
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible()
  await atBothWidths(page)
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0)
})

test('axe finds nothing in the dark', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await open(page)
  await expectNoAxeFindings(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '4')
  await expectNoAxeFindings(page)
  await gatherAndBegin(page)
  await expectNoAxeFindings(page)
})

test('the keyboard alone gets through a whole changeover', async ({ page }) => {
  await open(page)
  const { keyboard } = page
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 120; i++) {
      const text = await page.evaluate(() => {
        const e = document.activeElement as HTMLElement | null
        return e && /^(BUTTON|A|INPUT|TEXTAREA)$/.test(e.tagName)
          ? `${e.getAttribute('aria-label') ?? ''} ${e.textContent} ${document.getElementById(e.getAttribute('aria-labelledby') ?? '')?.textContent ?? ''} ${(e as HTMLInputElement).labels?.[0]?.textContent ?? ''}`
          : ''
      })
      if (name.test(text)) return
      await keyboard.press('Tab')
    }
    throw new Error(`never reached ${name}`)
  }
  await expect(page.getByLabel('What does the box say?')).toBeVisible()
  await keyboard.press('/')
  await keyboard.type('e71t-1m 1,2 15kg')
  await tabTo(/Change Dunlin to E71T-1M/)
  await keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Which wire goes on Dunlin?' })).toBeVisible()
  await tabTo(/Metal/)
  await keyboard.press('Enter')
  await expect(page.getByRole('listbox')).toBeVisible()
  await keyboard.press('ArrowDown')
  // The list takes the key a moment later: who chooses waits until a line of it is lit.
  await expect(page.locator('[role="option"]:focus')).toHaveCount(1)
  await keyboard.press('Enter')
  await expect(page.getByRole('combobox', { name: 'Metal' })).toHaveValue(/steel/)
  await expect(page.getByRole('listbox')).toHaveCount(0)
  await tabTo(/Thickness/)
  await keyboard.type('3/8')
  await tabTo(/Match it/)
  await keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Dunlin to E71T-1M' })).toBeVisible()
  await tabTo(/rolls/)
  await keyboard.press('ArrowRight')
  await keyboard.press('k')
  await keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Drive rolls: change' })).toBeVisible()
  await tabTo(/^ ?Gather/)
  await keyboard.press('Enter')
  await tabTo(/Begin the run/)
  await keyboard.press('Enter')
  for (
    let i = 0;
    i < 60 && !(await page.getByRole('heading', { name: 'Sign off', level: 1 }).isVisible());
    i++
  ) {
    const number = /step \d+ of/.exec((await page.getByTestId('head').textContent())!)![0]
    if (await page.getByTestId('chain-go').isVisible()) {
      await tabTo(/Ready: start/)
      await keyboard.press('Enter')
      await expect(page.getByTestId('captive')).toBeVisible()
      while (await page.getByTestId('captive').count()) {
        await keyboard.press('a')
        await page.evaluate(() => new Promise(requestAnimationFrame))
      }
    } else if (await page.locator('[data-hold]').isVisible()) {
      await tabTo(/Done.*hold/)
      await keyboard.down('Enter')
      await expect(page.getByText(number)).toHaveCount(0)
      await keyboard.up('Enter')
    } else {
      await keyboard.press('Space')
      await expect(page.getByText(number)).toHaveCount(0)
    }
  }
  await tabTo(/Sign off and save/)
  await keyboard.press('Enter')
  await expect(page.getByText('knurl 1.2')).toBeVisible()
  await keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
})

test('wrong input says what is wrong and loses nothing; both unit systems', async ({ page }) => {
  await open(page)
  const label = page.getByLabel('What does the box say?')
  await label.fill('ER71T-1 .045 33 lb')
  await expect(page.getByText('mixes two forms')).toBeVisible()
  await page.getByRole('button', { name: 'Use E71T-1' }).click()
  await expect(label).toHaveValue('E71T-1 .045 33 lb')
  await page.getByRole('button', { name: 'Change Gull to E71T-1' }).click()
  const thickness = page.getByLabel('Thickness')
  // The metal such a wire is made for stands there until another is chosen, and a gauge is read by it.
  await thickness.fill('22 ga')
  await expect(page.getByText('read as 0.76 mm (.030 in)')).toBeVisible()
  await page.getByRole('combobox', { name: 'Metal' }).press('Enter')
  await page.getByRole('option', { name: 'galvanised steel' }).click()
  await expect(page.getByText('read as 0.85 mm (.034 in)')).toBeVisible()
  await thickness.fill('900')
  await expect(page.getByText('Must be between 0.3 mm and 200 mm.')).toBeVisible()
  // It counts as nothing said, so it is put right before anything goes on.
  await page.getByRole('button', { name: 'Match it' }).click()
  await expect(thickness).toBeFocused()
  await thickness.fill('1/4')
  await page.getByText('Grade, position, wind, two metals').click()
  await page.getByLabel('Draught').fill('10 mph')
  await expect(page.getByText('gas-shielded work stops at 2.2 m/s').first()).toBeVisible()
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await expect(page.getByText(/stops at 4.9 mph/).first()).toBeVisible()
  await expect(thickness).toHaveValue('.25 in')
  await written(page)
  await page.reload()
  await expect(label).toHaveValue('E71T-1 .045 33 lb')
  await expect(thickness).toHaveValue('.25 in')
})

test('lists: add, edit, refuse, remove and take back', async ({ page }) => {
  await page.setViewportSize(PHONE)
  await open(page, '/store/parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByRole('alert')).toHaveText('Stamp is needed.')
  await dialog.getByLabel('Stamp').fill('banana')
  await expect(dialog.getByText('No wire size could be read')).toBeVisible()
  await dialog.getByLabel('Stamp').fill('.052')
  await dialog.getByLabel('Drawer').fill('tin')
  await dialog.getByRole('button', { name: 'Save' }).click()
  const row = page.getByRole('row', { name: /contact tip .052/ })
  await expect(row).toContainText('tin')
  await row.getByRole('button', { name: /^More for/ }).click()
  await page.getByRole('menuitem', { name: 'Remove' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row).toHaveCount(1)
})
