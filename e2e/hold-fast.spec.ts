import { readFile } from 'node:fs/promises'
import { decide, doStep, expect, gatherAndBegin, open, test } from './bench.ts'
import { asVersion2, beforeOpening, clear, inStore, kept, put } from './store.ts'

test.use({ contextOptions: { reducedMotion: 'no-preference' } })

test('an emptied shop name leaves the last one, and the shop opens again', async ({ page }) => {
  await open(page, '/shop')
  const name = page.getByLabel('Name of the shop')
  await name.fill('Quay')
  await name.fill('')
  await expect(page.getByText('A shop has a name')).toBeVisible()
  await kept(page, '"Quay"')
  await page.clock.setSystemTime(new Date(Date.now() - 86_400_000))
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
  await expect(page.getByText('The clock of this computer stands before')).toBeVisible()
  // Whichever of the two was wrong: once something is written by this clock, it is the clock.
  await name.fill('Quayside')
  await kept(page, '"Quayside"')
  await expect(page.getByText('The clock of this computer stands before')).toHaveCount(0)
})

test('a shop with records that cannot be read opens without them, says so, and keeps them for saving', async ({
  page,
}) => {
  await open(page)
  await kept(page, 'machine/gull')
  await put(page, 'records', 'shop/shop', (r) => void (r.versions[0]!.content.name = ''))
  await put(page, 'records', 'machine/gull', (r) => void (r.versions[0]!.content.output = 'much'))
  const [part, other] = (await inStore(page)).records.filter(([key]) => key.startsWith('part/'))
  await put(page, 'records', part![0], (r) => void (r.versions[0]!.content.count = -4))
  // One that says it is another would be written over him.
  await put(page, 'records', other![0], (r) => void (r.versions[0]!.content.id = part![0].slice(5)))
  await page.reload()
  await expect(page.getByText('4 records could not be read')).toBeVisible()
  await page.getByRole('link', { name: 'Show what is laid aside' }).click()
  const aside = page.getByRole('region', { name: 'Laid aside' })
  await expect(aside.getByRole('listitem')).toHaveCount(4)
  const texts: string[] = []
  for (const button of await aside.getByRole('button', { name: 'Save as a file' }).all()) {
    const [file] = await Promise.all([page.waitForEvent('download'), button.click()])
    texts.push(await readFile((await file.path())!, 'utf8'))
  }
  expect(texts.join(' ')).toContain('"much"')
  await page.reload()
  await expect(aside).toBeVisible()
  await expect(page.getByText('could not be read.')).toHaveCount(0)
  await expect(page.getByLabel('Name of the shop')).toHaveValue('My shop')
})

test('a store of the version before opens where there is no room to move it, and is moved when there is', async ({
  page,
}) => {
  await open(page, '/shop')
  await page.getByLabel('Name of the shop').fill('Quay')
  await kept(page, '"Quay"')
  await asVersion2(page)
  await page.addInitScript(() => {
    const real = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...args) {
      if (!sessionStorage.getItem('room')) throw new DOMException('full', 'QuotaExceededError')
      return real.apply(this, args)
    }
  })
  await page.goto('/shop')
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
  await expect(page.getByText('the browser’s store is full.')).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('alert').getByRole('button', { name: 'Export the shop as a file' }).click(),
  ])
  expect(await readFile((await file.path())!, 'utf8')).toContain('machine')
  expect((await inStore(page)).records).toEqual([])
  await page.evaluate(() => sessionStorage.setItem('room', 'yes'))
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByText('the browser’s store is full.')).toHaveCount(0)
  await kept(page, '"Quay"')
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
  expect(
    await page.evaluate(async () => (await indexedDB.databases()).map((base) => base.name)),
  ).not.toContain('pepper-knot-records')
})

test('a shop of one’s own over something unreadable lays it aside', async ({ page }) => {
  await beforeOpening(page, 'not a shop at all')
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'cannot be read' })).toBeVisible()
  await page.getByRole('button', { name: 'Start my own shop' }).click()
  await page.getByRole('link', { name: 'Shop', exact: true }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('region', { name: 'Laid aside' }).getByRole('button', { name: 'Save as a file' }).click(),
  ])
  expect(await readFile((await file.path())!, 'utf8')).toBe('not a shop at all')
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('My shop')
})

test('a reading that fails at first is tried again; one that goes on failing wipes nothing', async ({
  page,
}) => {
  await open(page, '/shop')
  await page.getByLabel('Name of the shop').fill('Quay')
  await kept(page, '"Quay"')
  await page.addInitScript(() => {
    let left = Number(sessionStorage.getItem('fails') ?? 2)
    for (const name of ['get', 'getAll', 'getAllKeys'] as const) {
      const real = IDBObjectStore.prototype[name] as (...args: unknown[]) => IDBRequest
      IDBObjectStore.prototype[name] = function (this: IDBObjectStore, ...args: unknown[]) {
        if (left-- > 0) throw new DOMException('no reading today', 'UnknownError')
        return real.apply(this, args)
      } as never
    }
  })
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
  await page.evaluate(() => sessionStorage.setItem('fails', '100000'))
  await page.reload()
  await expect(page.getByRole('heading', { name: 'cannot be opened' })).toBeVisible()
  await page.getByRole('button', { name: 'Start my own shop' }).click()
  // What cannot be looked at is not written over.
  await expect(page.getByText('could not be laid aside')).toBeVisible()
  await expect(page.getByText('no reading today')).toHaveCount(0)
  await page.evaluate(() => sessionStorage.setItem('fails', '0'))
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
})

test('a full store is said, what was typed stays, and it is written when there is room', async ({ page }) => {
  await open(page, '/shop')
  await kept(page, 'machine/gull')
  await page.evaluate(() => {
    const real = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...args) {
      if (Reflect.get(window, 'full')) throw new DOMException('full', 'QuotaExceededError')
      return real.apply(this, args)
    }
    Object.assign(window, { full: true })
  })
  await page.getByLabel('Name of the shop').fill('Quay')
  await expect(page.getByText('the browser’s store is full.')).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('alert').getByRole('button', { name: 'Export the shop as a file' }).click(),
  ])
  expect(await readFile((await file.path())!, 'utf8')).toContain('"Quay"')
  await page.evaluate(() => Object.assign(window, { full: false }))
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByText('the browser’s store is full.')).toHaveCount(0)
  await kept(page, '"Quay"')
})

test('a store emptied behind the page is said, and written again only when somebody says so', async ({
  page,
}) => {
  await open(page, '/shop')
  await page.getByLabel('Name of the shop').fill('Quay')
  await kept(page, '"Quay"')
  await clear(page)
  await page.getByLabel('Name of the shop').fill('Quayside')
  await expect(page.getByText('was emptied while this page was open')).toBeVisible()
  expect((await inStore(page)).records).toEqual([])
  await page.getByRole('button', { name: 'Write what is on this page again' }).click()
  await expect(page.getByText('was emptied while this page was open')).toHaveCount(0)
  await kept(page, '"Quayside"')
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quayside')
  await page.goto('/store/machines')
  await expect(page.getByRole('heading', { name: 'Gull' })).toBeVisible()
})

test('what a newer version keeps is left alone', async ({ page }) => {
  await open(page, '/shop')
  await kept(page, 'machine/gull')
  await put(page, 'meta', 'head', (head) => void (head.version = 99))
  await page.reload()
  await expect(page.getByRole('heading', { name: 'A newer version' })).toBeVisible()
})

test('a store that never answers, and a write that never ends, are said', async ({ page }) => {
  await page.clock.install()
  await open(page, '/shop')
  await page.evaluate(() => void (IDBTransaction.prototype.addEventListener = () => undefined))
  await page.getByLabel('Name of the shop').fill('Quay')
  // Ten seconds from when the write began, whenever that was.
  await expect(async () => {
    await page.clock.runFor(11_000)
    await expect(page.getByText('has not answered for ten seconds')).toBeVisible({ timeout: 500 })
  }).toPass()
  await page.addInitScript(() => {
    const real = indexedDB.open.bind(indexedDB)
    indexedDB.open = (...args) => {
      const request = real(...args)
      request.addEventListener = () => undefined
      return request
    }
  })
  page.on('dialog', (dialog) => void dialog.accept())
  await page.reload()
  await page.clock.runFor(11_000)
  await expect(page.getByRole('heading', { name: 'does not answer' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible()
})

test('a held key or a double touch passes one step, on and back', async ({ page }) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
  const head = page.getByTestId('head')
  const hold = async (key: string) => {
    for (let i = 0; i < 12; i++) await page.keyboard.down(key)
    await page.keyboard.up(key)
  }
  await expect(head).toContainText('step 1 of')
  await hold(' ')
  await expect(head).toContainText('step 2 of')
  await hold('Backspace')
  await expect(head).toContainText('step 1 of')
  const done = page.getByRole('button', { name: /^Done/ })
  // Wait out the shadow of the touch that opened the sheet.
  await expect(async () => {
    await done.dblclick()
    await expect(head).toContainText('step 2 of', { timeout: 100 })
  }).toPass({ intervals: [400] })
  await done.focus()
  await hold('Enter')
  await expect(head).toContainText('step 3 of')
  await doStep(page)
  await expect(head).toContainText('step 4 of')
  await expect(async () => {
    await page
      .getByRole('button', { name: /One step back|Previous/ })
      .first()
      .dblclick()
    await expect(head).toContainText('step 3 of', { timeout: 100 })
  }).toPass({ intervals: [400] })
})
