/** A foreman's morning: what can run, three changes prepared and printed, one order list, last month's setting. */
import { countHands, expect, open, test } from './bench.ts'
import { inStore, put, written } from './store.ts'

/** Changes to prepare: which wire of the shelf, on which machine, with what the welder has to weld. */
const CHANGES = [
  ['Gull', 'E71T-1M 1.2'],
  ['Tern', 'E71T-11 .030'],
  ['Skua', 'ER4043 0.9'],
] as const

/** Last month, 1.2 dual shield on Dunlin. */
const LOOKED_FOR = 'dual 1.2'

test('prepared, printed, ordered, and last month looked up: at most 40 touches', async ({ page }) => {
  const hands = await countHands(page)
  await page.addInitScript(() => {
    // What would go to the printer is counted.
    window.print = () => sessionStorage.setItem('printed', `${Number(sessionStorage.getItem('printed')) + 1}`)
  })
  await open(page)
  await written(page)
  // What was signed off last month stands in the store.
  const [, dunlin] = (await inStore(page)).records.find(([key]) => key === 'machine/dunlin')!
  const past = new Date(Date.now() - 30 * 86_400_000).toISOString()
  await put(page, 'runs', 'run/past', {
    ...dunlin,
    kind: 'run',
    id: 'past',
    versions: [
      {
        ...dunlin.versions[0]!,
        content: {
          kind: 'change',
          id: 'past',
          machineId: 'dunlin',
          startedAt: past,
          signedOffAt: past,
          stage: 'sign-off',
          label: 'E71T-1M 1.2',
          job: { material: 'mild-steel', thicknessMm: 10 },
          gathered: [],
          outcome: {
            machine: 'Dunlin',
            wire: { label: 'E71T-1M 1.2' },
            before: {},
            end: {},
            findings: [],
            used: [],
            returned: [],
            scrapped: [],
            minutes: [],
            ran: { voltageV: 27.5, wireSpeedMPerMin: 9.5, weld: 'bead', arc: 'steady', bead: 'good' },
          },
        },
      },
    ],
  } as object)
  await page.reload()

  for (const [machine, wire] of CHANGES) {
    // What each machine could run on which wire stands there, in minutes or in what is missing.
    await page
      .getByRole('complementary', { name: 'On the shelf' })
      .getByRole('button', { name: wire })
      .first()
      .click()
    await page.getByRole('button', { name: new RegExp(`^Change ${machine} to`) }).click()
    await page.getByLabel('Thickness').fill('3')
    await page.getByRole('button', { name: 'Match it' }).click()
    await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
    await page.getByRole('button', { name: 'Print', exact: true }).click()
    await page.getByRole('link', { name: 'Bench' }).click()
  }
  await page.getByRole('link', { name: 'Change' }).click()
  const order = page.getByRole('region', { name: 'To buy for every planned change' })
  await expect(order.getByRole('row')).not.toHaveCount(1)
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    order.getByRole('button', { name: 'Order list as CSV' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('order-list.csv')
  // What was it set to last month on Dunlin with 1.2 dual shield? In two touches.
  await page.getByRole('link', { name: 'Log' }).click()
  await page.getByRole('searchbox', { name: 'Find in the log' }).fill(LOOKED_FOR)
  await expect(page.getByText('1 entry')).toBeVisible()
  await expect(page.getByText('27.5 V')).toBeVisible()
  const { all } = await hands()
  // What is filled at once is typed letter by letter: three thicknesses, and what is looked for.
  expect(all + CHANGES.length + LOOKED_FOR.length).toBeLessThanOrEqual(40)
  expect(await page.evaluate(() => sessionStorage.getItem('printed'))).toBe(String(CHANGES.length))
})
