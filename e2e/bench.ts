import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type Locator, type Page } from '@playwright/test'
import { chromiumPath } from './playwright.config.ts'
import { pressOn, wrongWithSheet } from './sheet.ts'
import { written } from './store.ts'

/** Every test fails on a console error, a page error or a blocked resource. */
export const test = base.extend<{ quiet: void }>({
  quiet: [
    async ({ page }, use) => {
      // Fetching every screen ahead costs each page a third of a second; offline.spec.ts does without this.
      const session = await page.context().newCDPSession(page)
      await session.send('Emulation.setDataSaverOverride', { dataSaverEnabled: true })
      const heard: string[] = []
      page.on('console', (message) => message.type() === 'error' && heard.push(message.text()))
      page.on('pageerror', (error) => heard.push(error.message))
      await use()
      expect(heard).toEqual([])
    },
    { auto: true },
  ],
})
export { expect }

/** The browser that the tests run in, for those that start one of their own. */
export const browserPath = chromiumPath()

export const open = async (page: Page, path = '/') => {
  await written(page)
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible()
}

/** Opens the menu beside the step: the whole list, folding, stopping, planning again. */
export async function moreWays(page: Page) {
  const menu = page.getByTestId('ways')
  if (!(await menu.evaluate((fold) => (fold as HTMLDetailsElement).open)))
    await menu.locator('summary').press('Enter')
}

/** Opens every fold of a page, and what stands folded in it. */
export async function unfold(page: Page) {
  await expect(async () => {
    const opened = await page.evaluate(() => {
      const shut = [...document.querySelectorAll<HTMLDetailsElement>('main details:not([open])')]
      for (const fold of shut) fold.open = true
      return shut.length
    })
    expect(opened).toBe(0)
  }).toPass()
}

/** Counts touches and keys from here on, over every page that is loaded; a held key counts once. */
export async function countHands(page: Page) {
  await page.addInitScript(() => {
    const hands = JSON.parse(sessionStorage.getItem('hands') ?? '{"touches":0,"keys":0}') as Record<
      'touches' | 'keys',
      number
    >
    const keep = () => sessionStorage.setItem('hands', JSON.stringify(hands))
    addEventListener('pointerdown', () => (hands.touches++, keep()), true)
    addEventListener('keydown', (event) => event.repeat || (hands.keys++, keep()), true)
  })
  return () =>
    page.evaluate(() => {
      const { touches, keys } = JSON.parse(sessionStorage.getItem('hands') ?? '{}') as Record<string, number>
      return { touches: touches!, keys: keys!, all: touches! + keys! }
    })
}

/** What a field of choice shows, with its label. */
const shown = (box: Locator) =>
  box.evaluate(
    (e) => e.closest('[role=combobox], .v-input, div')?.parentElement?.parentElement?.textContent ?? '',
  )

/** Chooses from a list, and looks that it took: on a slow machine a list that still opens may lose the first touch. */
export async function choose(page: Page, field: string, option: string) {
  const box = page.getByRole('combobox', { name: field })
  if (await box.evaluate((e) => e.matches('select'))) {
    await box.selectOption({ label: option })
    return
  }
  const row = page.getByRole('option', { name: option, exact: true })
  await expect(async () => {
    if (!(await row.isVisible())) await box.press('Enter')
    await row.click({ timeout: 5000 })
    await expect(row).toBeHidden({ timeout: 2000 })
    expect(await shown(box)).toContain(option)
  }).toPass()
}

/** From the bench to Match: this wire of the shelf on this machine, for this metal. */
export async function decide(page: Page, machine: string, wire: string, metal: string, thickness: string) {
  await page.getByRole('complementary', { name: 'On the shelf' }).getByRole('button', { name: wire }).click()
  await page.getByRole('button', { name: new RegExp(`^Change ${machine} to`) }).click()
  await choose(page, 'Metal', metal)
  await page.getByLabel('Thickness').fill(thickness)
  await page.getByRole('button', { name: 'Match it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: `${machine} to` })).toBeVisible()
}

/** Every mark of the wire line as `station: verdict`. */
export async function verdicts(page: Page): Promise<Record<string, string>> {
  const marks = await page
    .getByTestId('marks')
    .getByRole('listitem')
    .evaluateAll((list) =>
      list.map((li) => [
        li.querySelector('[data-part=name]')!.textContent!,
        li.querySelector('[data-part=word]')!.textContent!,
      ]),
    )
  return Object.fromEntries(marks)
}
export const notFitting = async (page: Page) =>
  Object.entries(await verdicts(page))
    .filter(([, v]) => v !== 'fits')
    .map(([s]) => s)

export async function gatherAndBegin(page: Page) {
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await page.getByRole('button', { name: 'Begin the run' }).click()
}

/** Does the present step, or a whole chain, by the key of the large button; returns what was said. */
export async function doStep(page: Page): Promise<string> {
  await expect(page.getByTestId('buttons').first()).toBeVisible()
  if (await page.getByTestId('chain-go').isVisible()) {
    const chain = await page.getByTestId('chain-list').getByRole('listitem').allTextContents()
    await pressOn(page)
    while (await page.getByTestId('captive').count()) await pressOn(page, 'x')
    return chain.join(' ')
  }
  const said = (await page.getByTestId('say').textContent())!
  await pressOn(page)
  return said
}

/** What is wrong with the sheet as it stands, on a screen and on a phone, and now and then its contrast in both themes. */
async function wrongAtBothWidths(page: Page, n: number): Promise<string[]> {
  const wrong: string[] = []
  for (const [width, height] of [
    [390, 844],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height })
    for (const fault of await wrongWithSheet(page)) wrong.push(`${width}: ${fault}`)
  }
  if (n % 9 === 0)
    for (const colorScheme of ['dark', 'light'] as const) {
      await page.emulateMedia({ colorScheme })
      const { violations } = await new AxeBuilder({ page })
        .include('[data-part=sheet]')
        .withRules(['color-contrast-enhanced'])
        .setLegacyMode(true)
        .analyze()
      for (const v of violations)
        wrong.push(`${colorScheme}: ${v.nodes.map((node) => node.html.slice(0, 80)).join(' | ')}`)
    }
  return wrong
}

/**
 * Runs the sheet to its end; returns every sentence in order.
 * @param measured every third step is measured at both widths; with `LONG=1` every step of every walk is
 */
export async function runAll(page: Page, measured = false): Promise<string[]> {
  const said: string[] = []
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  const wrong: string[] = []
  for (let n = 0; n < 80 && !(await end.isVisible()); n++) {
    await expect(page.getByTestId('buttons').first().or(end)).toBeVisible()
    const measure = process.env.LONG === '1' || (measured && n % 3 === 0)
    if (measure && (await page.getByTestId('sheet').isVisible()))
      wrong.push(...(await wrongAtBothWidths(page, n)))
    if (!(await end.isVisible())) said.push(await doStep(page))
  }
  await expect(end).toBeVisible()
  expect(wrong).toEqual([])
  return said
}

export async function expectNoAxeFindings(page: Page) {
  // What is still fading in has not its colours yet.
  await page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter((a) => a.effect?.getComputedTiming().iterations !== Infinity)
        .map((a) => a.finished),
    ),
  )
  // No page here has a frame: what is for frames of elsewhere costs a second page each time.
  const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).analyze()
  expect(
    violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => `${n.target} ${n.failureSummary}`)
          .slice(0, 3)
          .join(' | ')}`,
    ),
  ).toEqual([])
}
