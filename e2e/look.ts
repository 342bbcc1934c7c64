import { expect, type Page } from '@playwright/test'

/** Where a kinked liner shows, by the name of the look; everything else is as it should be. */
const SHOWS = ['Pull the wire by hand', 'Try a shorter or another gun', 'Liner out, and look']

export const press = async (page: Page, name: string | RegExp) => {
  const button = page.getByRole('button', { name }).first()
  await button.focus()
  await page.keyboard.press('Enter')
}
/** Answers look after look by its key, until a cause is named. */
export async function lookUntilFound(page: Page): Promise<string> {
  for (let n = 0; n < 40; n++) {
    const said = page.getByTestId('look').getByTestId('say')
    const named = page.getByTestId('found').getByTestId('say')
    await expect(said.or(named)).toBeVisible()
    if (await named.isVisible()) return (await named.textContent())!
    const name = (await said.textContent())!
    const answered = await page.getByTestId('answered').getByRole('listitem').count()
    await expect(async () => {
      await page.keyboard.press(SHOWS.includes(name) ? 'h' : 'n')
      await expect(page.getByTestId('answered').getByRole('listitem')).toHaveCount(answered + 1, {
        timeout: 1000,
      })
    }).toPass()
    await expect(page.getByTestId('look').getByRole('button', { name: 'Cannot' }).or(named)).toBeEnabled()
  }
  return ''
}
