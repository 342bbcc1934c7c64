import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type Locator, type Page } from '@playwright/test'

/** Every test fails on a console error, a page error or a blocked resource. */
export const test = base.extend<{ quiet: void }>({
  quiet: [
    async ({ page }, use) => {
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

export const open = async (page: Page, path = '/') => {
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible()
}

/** What a field of choice shows, with its label. */
const shown = (box: Locator) =>
  box.evaluate(
    (e) => e.closest('[role=combobox], .v-input, div')?.parentElement?.parentElement?.textContent ?? '',
  )

/** Chooses from a list, and looks that it took: on a slow machine a list that still opens may lose the first touch. */
export async function choose(page: Page, field: string, option: string) {
  const box = page.getByRole('combobox', { name: field })
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

/** Does the present step the way a person at the bench would; returns its sentence. */
export async function doStep(page: Page): Promise<string> {
  const begin = page.getByRole('button', { name: /^Ready: start/ })
  const hold = page.locator('[data-hold]')
  const done = page.getByRole('button', { name: /^Done/ })
  await expect(begin.or(hold).or(done).first()).toBeVisible()
  if (await begin.isVisible()) {
    const chain = await page.getByTestId('chain-list').getByRole('listitem').allTextContents()
    await begin.click()
    for (const said of chain) {
      const step = page.getByTestId('captive-on')
      await expect(step).toHaveText(said.replace(/^\d+\s*/, ''))
      // The same press again until it is taken: a press right after another is not.
      await expect(async () => {
        if ((await step.count()) && (await step.textContent()) === said.replace(/^\d+\s*/, ''))
          await page.keyboard.press('x')
        expect((await step.count()) === 0 || (await step.textContent()) !== said.replace(/^\d+\s*/, '')).toBe(
          true,
        )
      }).toPass({ intervals: [100] })
    }
    return chain.join(' ')
  }
  const said = (await page.getByTestId('say').textContent())!
  const number = /step \d+ of/.exec((await page.getByTestId('head').textContent())!)![0]
  const gone = () => expect(page.getByText(number)).toHaveCount(0)
  if (await hold.isVisible()) {
    await hold.focus()
    await page.keyboard.down('Space')
    await gone()
    await page.keyboard.up('Space')
  } else {
    // By its key: a touch right after another is taken for one of a pair.
    await done.press('Enter')
    await gone()
  }
  return said
}

/** Runs the sheet to its end; returns every sentence in order. */
export async function runAll(page: Page, most = 80): Promise<string[]> {
  const said: string[] = []
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  while (said.length < most && !(await end.isVisible())) said.push(await doStep(page))
  await expect(end).toBeVisible()
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
  const { violations } = await new AxeBuilder({ page }).analyze()
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
