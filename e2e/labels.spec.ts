import { choose, expect, open, test } from './bench.ts'

test('a label is said back where it is typed, asks for the kind it leaves open, and the finder fills it', async ({
  page,
}) => {
  await open(page)
  const box = page.getByLabel('What does the box say?')
  await box.fill('ER70S-6 .030 75/25 on 3 mm')
  await expect(page.getByText('Read: ER70S-6, solid steel, 0.8 mm, gas 75/25, on 3 mm')).toBeVisible()
  await box.fill('mig wire 0.8')
  await page.getByRole('group', { name: 'Which is it?' }).getByRole('button', { name: 'stainless' }).click()
  await expect(page.getByText('Read: solid stainless, 0.8 mm')).toBeVisible()
  await box.fill('flux core .035')
  await expect(page.getByText('Gas and polarity stay open until the box is read.')).toBeVisible()

  await page.getByText('Which wire for the job?').click()
  await page.getByLabel('Thickness').fill('4')
  await page.getByText('Grade, position, wind, two metals').click()
  await page.getByLabel('Draught or wind').fill('5 m/s')
  await page
    .getByRole('button', { name: /^E71T-11/ })
    .first()
    .click()
  await expect(box).toHaveValue('E71T-11 0.9 mm')
  await expect(page.getByRole('button', { name: /^Change Gull to E71T-11/ })).toBeVisible()
})

test('a cored wire of unknown kind is planned as far as its kinds agree, and then asks the box', async ({
  page,
}) => {
  await open(page)
  await page.getByLabel('What does the box say?').fill('flux core .035')
  await page.getByRole('button', { name: /^Change Gull to/ }).click()
  await choose(page, 'Metal', 'mild steel')
  await page.getByLabel('Thickness').fill('4')
  await page.getByRole('button', { name: 'Match it' }).click()
  await expect(page.getByText(/about \d+ min, \d+ steps/)).toBeVisible()
  await page
    .getByRole('button', { name: /^polarity/i })
    .first()
    .click()
  await expect(page.getByText('Only the box tells which.')).toBeVisible()
})
