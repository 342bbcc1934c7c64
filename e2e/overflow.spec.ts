/** Nothing runs out of the page: one long word, a link, two hundred letters, at three widths and at twice the letters. */
import { expect, open, test, unfold } from './bench.ts'
import { kept, put } from './store.ts'

const WORD = 'Wolkenkuckucksheimschweissmaschine'.repeat(6)
const LINK = `https://example.org/${'a1b2c3d4/'.repeat(20)}`
const PAGES = [
  '/',
  '/change',
  '/store/machines',
  '/store/parts',
  '/feed',
  '/desk',
  '/shop',
  '/words',
  '/more',
]

test('long words, links and names stay inside the page at 320, 390 and 1280, and at twice the letters', async ({
  page,
}) => {
  await open(page)
  await kept(page, 'gull')
  const content =
    (change: (c: Record<string, unknown>) => void) =>
    (value: { versions: { content: Record<string, unknown> }[] }) =>
      change(value.versions[0]!.content)
  await put(
    page,
    'records',
    'machine/gull',
    content((c) => Object.assign(c, { name: WORD.slice(0, 100), note: LINK.slice(0, 200) })),
  )
  await put(
    page,
    'records',
    'machine/tern',
    content((c) =>
      Object.assign(c, { name: 'long name '.repeat(10).slice(0, 100), note: WORD.slice(0, 200) }),
    ),
  )
  await page.reload()
  await expect(page.getByRole('heading', { name: WORD.slice(0, 100) })).toBeVisible()
  await page
    .getByRole('button', { name: /^Change / })
    .first()
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.getByLabel('What does the box say?').fill(`ER70S-6 0.9 ${LINK}`.slice(0, 200))
  const run = new URL(page.url()).pathname
  const ways = [
    [320, 700, 100],
    [390, 844, 100],
    [1280, 800, 100],
    [390, 844, 200],
    [1280, 800, 200],
  ] as const
  // The narrowest and the largest letters, the pages with the longest texts; all with LONG=1.
  const long = process.env.LONG === '1'
  for (const [width, height, letters] of long ? ways : [ways[0], ways[3]]) {
    await page.setViewportSize({ width, height })
    for (const path of long ? [...PAGES, run] : ['/', '/store/parts', '/desk', '/shop', run]) {
      await page.goto(path)
      await page.evaluate((percent) => (document.documentElement.style.fontSize = `${percent}%`), letters)
      await expect(page.locator('main h1').first()).toBeVisible()
      await unfold(page)
      const out = await page.evaluate(() => {
        const scrolls = (e: Element | null): boolean =>
          e !== null &&
          e !== document.body &&
          (['auto', 'scroll', 'hidden', 'clip'].includes(getComputedStyle(e).overflowX) ||
            scrolls(e.parentElement))
        return [...document.querySelectorAll('body *')]
          .filter(
            (e) => e.getBoundingClientRect().right > innerWidth + 1 && e.getBoundingClientRect().width > 0,
          )
          .filter((e) => !scrolls(e.parentElement) && getComputedStyle(e).position !== 'fixed')
          .slice(-3)
          .map((e) => `${e.tagName}.${e.className} ${(e.textContent ?? '').trim().slice(0, 40)}`)
          .concat(document.documentElement.scrollWidth > innerWidth ? ['the page itself'] : [])
      })
      expect(out, `${path} at ${width}, ${letters} %`).toEqual([])
    }
  }
})
