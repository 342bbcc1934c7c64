import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { decide, doStep, expect, gatherAndBegin, moreWays, open, runAll, test } from './bench.ts'
import { inStore, put, written } from './store.ts'

/** Whole walks of every kind of job are walked in the long bench. */
const long = process.env.LONG === '1'

const onBench = (page: Page, machine: string) =>
  page.getByRole('article').filter({ has: page.getByRole('heading', { name: machine, exact: true }) })

test('a machine in the middle of a change stands as its steps left it; no second job begins beside it', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
  for (let said = ''; !/knurled/.test(said);) said = await doStep(page)
  await open(page)
  const tern = onBench(page, 'Tern')
  await expect(tern.getByTestId('job')).toContainText(/rolls knurl .*contact tip off/)
  await expect(tern.getByTestId('job')).toContainText(/Still to do: .*polarity/)
  await expect(tern.getByTestId('marks')).toContainText('knurl')
  await expect(tern.getByRole('button', { name: /^(?:Change|Put)/ })).toHaveCount(0)
  // Whatever else would begin one leads to the job that is under way.
  await page.getByRole('textbox', { name: 'What does the box say?' }).fill('ER70S-6 0.8')
  await page.getByRole('button', { name: 'Tern', exact: true }).click()
  await expect(page.getByTestId('head')).toContainText(/step \d+ of/)
  // A step taken back is taken back on the machine too.
  await page.keyboard.press('Backspace')
  await expect(page.getByTestId('say')).toContainText('knurled')
  await open(page)
  await expect(tern.getByTestId('job')).not.toContainText('rolls knurl')
  // What somebody sees of it meanwhile is written beside the steps, and both stay.
  await page.goto('/store/machines')
  await page.getByRole('button', { name: 'More for Tern' }).click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  const note = page.getByRole('dialog').getByLabel('Note')
  await note.fill('fan rattles')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await open(page)
  await expect(onBench(page, 'Tern')).toContainText('fan rattles')
  await expect(onBench(page, 'Tern').getByTestId('job')).toContainText('contact tip off')
})

const finishing = async ({ page }: { page: Page }) => {
  await open(page)
  await page.getByRole('button', { name: /^Put \d right on Skua/ }).click()
  await gatherAndBegin(page)
  for (let said = ''; !/Unscrew the tip|tip off/i.test(said);) said = await doStep(page)
  await open(page)
  await onBench(page, 'Skua').getByRole('link', { name: 'Stop the job on Skua safely' }).click()
  await page.getByRole('button', { name: 'Stop, and show these steps' }).click()
  await runAll(page)
  await expect(page.getByTestId('left')).toContainText('tagged')
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await open(page)
  const skua = onBench(page, 'Skua')
  await expect(skua.getByTestId('left')).toContainText(
    /switched off, cylinder shut, tagged, contact tip off, nozzle off/,
  )
  await skua.getByRole('button', { name: 'Finish what is open on Skua' }).click()
  await gatherAndBegin(page)
  const [first] = await runAll(page)
  expect(first).toContain('Take the tag off')
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await open(page)
  await expect(onBench(page, 'Skua').getByTestId('left')).toHaveCount(0)
}
if (long)
  test(
    'stopped in the middle of a put right, what is open stands on the bench, and finishing it closes all',
    finishing,
  )

interface ShopFile {
  records: { kind: string; id: string; versions: { content: Record<string, unknown> | null }[] }[]
}
const exported = async (page: Page): Promise<{ file: string; kept: ShopFile }> => {
  await written(page)
  await page.goto('/shop')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the shop as a file' }).first().click(),
  ])
  const file = await download.path()
  return { file, kept: JSON.parse(readFileSync(file, 'utf8')) as ShopFile }
}
/** What a shop says, without the names and times that each device gives. */
function said({ records }: ShopFile): unknown {
  const rows = records.flatMap(({ kind, versions: [version] }) => {
    const content = version!.content
    if (!content || kind === 'settings' || kind === 'plan') return []
    if (kind !== 'run')
      return [[kind, { ...content, ...('id' in content && kind !== 'machine' && { id: '' }) }]]
    const outcome = content.outcome as { minutes?: unknown; troubles?: { cause: string }[] } | undefined
    // How long it took is each hand's own.
    const troubles = outcome?.troubles?.map(({ cause }) => cause)
    return [
      [
        kind,
        content.machineId,
        content.signedOffAt === undefined,
        outcome && { ...outcome, minutes: [], troubles },
      ],
    ]
  })
  return rows.map((row) => JSON.stringify(row, ordered)).sort()
}
const ordered = (_key: string, value: unknown) =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .filter(([key]) => !['upkeep'].includes(key))
          .map(([key, of]) => (key === 'id' ? [key, ''] : ([key, of] as [string, unknown])))
          .sort(([a], [b]) => (a < b ? -1 : 1)),
      )
    : // The last digits of a logarithm are the engine’s own.
      typeof value === 'number'
      ? Number(value.toPrecision(9))
      : value

/** Each kind of job: what is typed, and the way by hand up to the sheet. */
interface Kind {
  start: string[]
  begin: (page: Page) => Promise<void>
  stopAfter?: number
  /** What the shop has before, besides the demo. */
  besides?: { kind: string; id: string; content: Record<string, unknown> }
  /** How it ends by hand, where that is no sign-off. */
  end?: string
}
const JOBS: Record<string, Kind> = {
  'put right': {
    start: ['start', 'Skua'],
    begin: async (page) => {
      await page.getByRole('button', { name: /^Put \d right on Skua/ }).click()
      await gatherAndBegin(page)
    },
  },
  ...(long && {
    'the cure of a trouble': {
      start: ['start', 'Skua', '--cause', 'tip-worn', '--symptom', 'erratic-arc'],
      begin: async (page) => {
        await page.goto('/trouble')
        await page.getByRole('button', { name: 'Skua', exact: true }).first().click()
        await page.getByLabel('Search, in any word for it').fill('erratic')
        await page
          .getByRole('button', { name: /^Arc unsteady/ })
          .first()
          .click()
        await page.getByRole('button', { name: 'Look for it' }).click()
        const found = page.getByTestId('found').getByTestId('say')
        const look = page.getByTestId('look').getByTestId('say')
        for (let n = 0; n < 30; n++) {
          await expect(look.or(found)).toBeVisible()
          if (await found.isVisible()) break
          const bore = /bore/.test((await look.textContent())!)
          const answered = await page.getByTestId('answered').getByRole('listitem').count()
          await expect(async () => {
            await page.keyboard.press(bore ? 'h' : 'n')
            await expect(page.getByTestId('answered').getByRole('listitem')).toHaveCount(answered + 1, {
              timeout: 1000,
            })
          }).toPass()
        }
        await expect(found).toContainText('Tip worn')
        await page.getByRole('button', { name: 'Begin the cure' }).click()
      },
      end: 'Gone',
    },
    'first set-up': {
      start: ['start', 'Heron', 'ER70S-6 0.9 mm 15 kg', '--metal', 'mild-steel', '--thickness', '3'],
      besides: { kind: 'machine', id: 'heron', content: { id: 'heron', name: 'Heron', fitted: {} } },
      begin: async (page) => {
        await decide(page, 'Heron', 'ER70S-6 0.9 mm 15 kg', 'mild steel', '3')
        await gatherAndBegin(page)
      },
    },
    'work on the machine': {
      start: ['start', 'Tern', '--conversion', 'to-gasless'],
      begin: async (page) => {
        await page.goto('/store/machines')
        await page.getByRole('button', { name: 'What is fitted on Tern' }).click()
        await page.getByRole('button', { name: 'Take the gas gear out' }).first().click()
        await page.getByRole('button', { name: 'Begin taking it out' }).click()
        await page.getByRole('button', { name: 'Begin the run' }).click()
      },
    },
    change: {
      start: ['start', 'Dunlin', 'E71T-1M 1.2 mm 15 kg', '--metal', 'mild-steel', '--thickness', '6'],
      begin: async (page) => {
        await decide(page, 'Dunlin', 'E71T-1M 1.2 mm 15 kg', 'mild steel', '6')
        await gatherAndBegin(page)
      },
    },
    'a change that is stopped': {
      start: ['start', 'Tern', 'E71T-11 .030 10 lb', '--metal', 'mild-steel', '--thickness', '3'],
      begin: async (page) => {
        await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '3')
        await gatherAndBegin(page)
      },
      stopAfter: 12,
    },
  }),
}
for (const [kind, { start, begin, stopAfter, besides, end: ends = 'Sign off and save' }] of Object.entries(
  JOBS,
))
  test(`${kind}: by the command line and by hand the shop is the same, and each opens the other’s file`, async ({
    page,
  }) => {
    test.setTimeout(200_000)
    await open(page)
    const { file } = await exported(page)
    const shop = join(mkdtempSync(join(tmpdir(), 'pepper-knot-')), 'shop.pepperknot.json')
    execFileSync('cp', [file, shop])
    if (besides) {
      const whole = JSON.parse(readFileSync(file, 'utf8')) as ShopFile
      const { content, ...record } = besides
      const versions = [{ clock: { besides: 1 }, at: '2026-11-30T08:00:00.000Z', content }]
      writeFileSync(
        shop,
        JSON.stringify({ ...whole, records: [...whole.records, { ...record, since: 1, versions }] }),
      )
      await page.locator('input[type=file]').setInputFiles(shop)
      await page.getByRole('button', { name: 'Import it' }).click()
      await written(page)
    }
    const machine = start[1]!
    const cli = (...words: string[]) =>
      execFileSync(process.execPath, [
        join(import.meta.dirname, '../cli/bin/pepper-knot.mjs'),
        ...words,
        '--shop',
        shop,
      ])
    cli(...start)
    if (stopAfter) {
      cli('do', machine, String(stopAfter))
      cli('stop', machine)
    }
    cli('do', machine, 'all')
    cli('sign-off', machine)

    await open(page)
    await begin(page)
    if (stopAfter) {
      const step = async () =>
        Number(/step (\d+) of/.exec((await page.getByTestId('head').textContent())!)![1])
      while ((await step()) <= stopAfter) await doStep(page)
      await moreWays(page)
      await page.getByRole('button', { name: 'Stop here' }).click()
      await page.getByRole('button', { name: 'Stop, and show these steps' }).click()
    }
    const end = page.getByRole('button', { name: ends, exact: true })
    for (let n = 0; n < 80 && !(await end.isVisible()); n++) {
      await expect(page.getByTestId('buttons').first().or(end)).toBeVisible()
      if (!(await end.isVisible())) await doStep(page)
    }
    await end.click()
    await expect(end).toHaveCount(0)
    const byHand = await exported(page)
    expect(said(byHand.kept)).toEqual(said(JSON.parse(readFileSync(shop, 'utf8')) as ShopFile))
    // Each opens the other's.
    await page.locator('input[type=file]').setInputFiles(shop)
    await expect(page.getByRole('button', { name: 'Import it' })).toBeVisible()
    execFileSync('cp', [byHand.file, shop])
    expect(
      cli('plan', machine, 'ER70S-6 0.9', '--metal', 'mild-steel', '--thickness', '3').toString(),
    ).not.toBe('')
  })

test('a list planned by an earlier version is shown in its own words, and planned again from where the machine stands', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
  for (let said = ''; !/knurled/.test(said);) said = await doStep(page)
  const address = page.url()
  await written(page)
  const plan = (await inStore(page)).runs.find(([key]) => key.startsWith('plan/'))![0]
  await put(page, 'runs', plan, (value) => {
    const { findings } = value.versions[0]!.content as { findings: { rule: string }[] }
    findings[3]!.rule = 'rolls-of-yesterday'
  })
  await page.goto(address)
  const stale = page.getByTestId('stale')
  await expect(stale).toContainText('knurled V rolls')
  await expect(stale).toContainText('. done')
  await stale.getByRole('button', { name: 'Plan again from here' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Tern to' })).toBeVisible()
  // The rolls are on: they are asked for no more.
  await expect(page.getByTestId('marks')).toContainText('knurl')
  await gatherAndBegin(page)
  await expect(page.getByTestId('head')).toContainText(/step 1 of/)
})
