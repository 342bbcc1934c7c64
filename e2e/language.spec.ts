import { expect, test, type Page } from '@playwright/test'
import { demoShop } from '@pepper-knot/core/demo'
import { english, pseudo } from '../scripts/pseudo.mjs'

/** The page whose words are pretended: what is still English was never said through the words. */
const pretended = '/?language=pretended'

/** The user's own text, and names that are the same in every language. */
const OWN = new Set(
  [
    JSON.stringify(demoShop()).match(/[A-Za-z]{3,}/g) ?? [],
    // Lines of quick entry as they are typed, and keys of a keyboard.
    'Saltbarrow Slip tip roll Esc Enter Tab Space Shift Ctrl'.split(' '),
  ].flat(),
)

/** Everything a person or a screen reader finds on the page, that is not theirs. */
async function left(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode())
      if (!node.parentElement?.closest('script, style, noscript')) found.push(node.textContent ?? '')
    for (const element of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]'))
      for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
        found.push(element.getAttribute(name) ?? '')
    return found
  })
  return [...new Set(texts.flatMap(english))].filter((word) => !OWN.has(word))
}

test('with its words pretended, no screen says anything in English', async ({ page }) => {
  test.setTimeout(90_000)
  page.setDefaultTimeout(10_000)
  await page.goto(pretended)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Saltbarrow Slip')
  await expect(page.getByRole('table').first()).toBeVisible()
  const said: Record<string, string[]> = {}
  const look = async (name: string) => {
    const words = await left(page)
    if (words.length) said[name] = words
  }
  await look('bench')
  for (const path of [
    '/change',
    '/feed',
    '/desk',
    '/store/machines',
    '/store/wires',
    '/store/parts',
    '/shop',
    '/nowhere',
  ]) {
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)))
    await look(path)
  }
  // A changeover, stage by stage: what is pressed is named in the same pretended words.
  const button = (name: string) => page.getByRole('button', { name: new RegExp(pseudo(name)) })
  await page.goto(pretended)
  await page
    .getByRole('complementary')
    .getByRole('button', { name: /ER5356/ })
    .click()
  await page.getByRole('button', { name: new RegExp(`${pseudo('Change')} Gull`) }).click()
  const metal = page.getByRole('combobox', { name: pseudo('Metal') })
  await expect(metal).toBeVisible()
  await look('decide')
  await metal.press('Enter')
  await page.getByRole('option', { name: pseudo('aluminium'), exact: true }).click()
  await page.getByLabel(pseudo('Thickness')).fill('4')
  await look('decide, filled')
  await button('Match it').click()
  await expect(page.getByTestId('marks')).toBeVisible()
  await look('match')
  await button('^Gather$').last().click()
  await expect(button('Begin the run')).toBeVisible()
  await look('gather')
  await button('Begin the run').click()
  await expect(page.getByTestId('say')).toBeVisible()
  await look('run sheet')
  expect(said).toEqual({})
})
