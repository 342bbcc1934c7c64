import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { decide, doStep, expect, gatherAndBegin, open, test } from './bench.ts'

/** Asks the browser's store: the text that holds, or one put in its place as a crash may leave it. */
const stored = (page: Page, put?: { text: string; everywhere?: boolean }) =>
  page.evaluate(async (put) => {
    const db = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open('pepper-knot')
      opening.onsuccess = () => resolve(opening.result)
    })
    const ask = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve) => (request.onsuccess = () => resolve(request.result)))
    const store = () => db.transaction('shop', 'readwrite').objectStore('shop')
    const at = (await ask<string>(store().get('shop-at'))) ?? 'shop'
    for (const place of put ? (put.everywhere ? ['shop', 'shop-b'] : [at]) : [])
      await ask(store().put(put!.text, place))
    const text = await ask<string>(store().get(at))
    db.close()
    return text
  }, put)
async function spoil(page: Page, change: (text: string) => string, everywhere = false) {
  // A shop that was just opened is shown before it is kept.
  await kept(page, '"format"')
  await stored(page, { text: change(await stored(page)), everywhere })
  await page.reload()
}
const kept = (page: Page, text: string) => expect.poll(async () => (await stored(page)) ?? '').toContain(text)

test('an emptied shop name leaves the last one, and the shop opens again', async ({ page }) => {
  await open(page, '/shop')
  const name = page.getByLabel('Name of the shop')
  await name.fill('Quay')
  await name.fill('')
  await expect(page.getByText('A shop has a name')).toBeVisible()
  await kept(page, '"Quay"')
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
})

test('a shop with records that cannot be read opens without them, says so, and keeps them for saving', async ({
  page,
}) => {
  await open(page)
  await spoil(page, (text) => {
    const shop = JSON.parse(text)
    shop.store[0].count = -4
    shop.machines[1].output = 'much'
    shop.name = ''
    return JSON.stringify(shop)
  })
  await expect(page.getByText('3 records could not be read')).toBeVisible()
  await page.getByRole('link', { name: 'Show what is laid aside' }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('region', { name: 'Laid aside' }).getByRole('button', { name: 'Save as a file' }).click(),
  ])
  expect(await readFile((await file.path())!, 'utf8')).toContain('"much"')
  await kept(page, 'My shop')
  await page.reload()
  await expect(page.getByRole('region', { name: 'Laid aside' })).toBeVisible()
  await expect(page.getByText('could not be read.')).toHaveCount(0)
})

test('a half-written shop opens as it was one touch before', async ({ page }) => {
  await open(page, '/shop')
  await page.getByLabel('Name of the shop').fill('Quay')
  await kept(page, '"Quay"')
  await page.getByLabel('Name of the shop').fill('Quayside')
  await kept(page, '"Quayside"')
  await spoil(page, (text) => text.slice(0, 900))
  await expect(page.getByText('One record could not be read')).toBeVisible()
  await expect(page.getByLabel('Name of the shop')).toHaveValue(/Quay/)
})

test('a shop of one’s own over something unreadable lays it aside', async ({ page }) => {
  await open(page)
  await spoil(page, () => 'not a shop at all', true)
  await expect(page.getByRole('heading', { name: 'cannot be read' })).toBeVisible()
  await page.getByRole('button', { name: 'Start my own shop' }).click()
  await page.getByRole('link', { name: 'Shop', exact: true }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('region', { name: 'Laid aside' }).getByRole('button', { name: 'Save as a file' }).click(),
  ])
  expect(await readFile((await file.path())!, 'utf8')).toBe('not a shop at all')
})

test('a reading that fails at first is tried again; one that goes on failing wipes nothing', async ({
  page,
}) => {
  await open(page, '/shop')
  await page.getByLabel('Name of the shop').fill('Quay')
  await kept(page, '"Quay"')
  await page.addInitScript(() => {
    const real = IDBObjectStore.prototype.get
    let left = Number(sessionStorage.getItem('fails') ?? 2)
    IDBObjectStore.prototype.get = function (...args) {
      if (left-- > 0) throw new DOMException('no reading today', 'UnknownError')
      return real.apply(this, args)
    }
  })
  await page.reload()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Quay')
  await page.evaluate(() => sessionStorage.setItem('fails', '1000'))
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

test('a store that never answers, and a write that never ends, are said', async ({ page }) => {
  await page.clock.install()
  await open(page, '/shop')
  await page.evaluate(() => {
    const real = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...args) {
      const request = real.apply(this, args)
      Object.defineProperty(request, 'onsuccess', { set: () => undefined })
      Object.defineProperty(this.transaction, 'oncomplete', { set: () => undefined })
      return request
    }
  })
  await page.getByLabel('Name of the shop').fill('Quay')
  await page.clock.runFor(11_000)
  await expect(page.getByText('has not answered for ten seconds')).toBeVisible()
  await page.addInitScript(() => {
    const real = indexedDB.open.bind(indexedDB)
    indexedDB.open = (...args) => {
      const request = real(...args)
      Object.defineProperty(request, 'onsuccess', { set: () => undefined })
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
      .getByRole('button', { name: /One step back|Back/ })
      .first()
      .dblclick()
    await expect(head).toContainText('step 3 of', { timeout: 100 })
  }).toPass({ intervals: [400] })
})
