/** @jest-environment node */
import { chromium } from '@playwright/test'
import { existsSync } from 'node:fs'
import { dirname } from 'node:path'
import { createWorker, OEM } from 'tesseract.js'
import { readLabel } from '@pepper-knot/core/wire'
import { drawnBoxes } from '../../scripts/test/drawnBoxes.ts'
import { isWhole, readByWays } from '../src/storage/photoWays.ts'

const wireOf = (text: string) => {
  const read = readLabel(text)
  if (!read.ok) throw new Error(text)
  return read.value.wire
}
const plain = (name: string | null) => name?.replace(/[^A-Z0-9]/gi, '').toUpperCase()

// `npm run bench -- photo` reads 200 of another seed.
test('10 boxes drawn as a bad camera sees them: nine in ten are read, and none is taken for another', async () => {
  const browser = await chromium.launch({
    executablePath: [process.env.CHROMIUM, '/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(
      (path) => path && existsSync(path),
    )!,
    args: ['--no-sandbox', '--disable-gpu'],
  })
  const worker = await createWorker('eng', OEM.LSTM_ONLY, {
    langPath: dirname(require.resolve('@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz')),
    cacheMethod: 'none',
  })
  await worker.setParameters({ user_defined_dpi: '300' })
  try {
    const page = await browser.newPage({ viewport: { width: 1000, height: 760 } })
    const next = drawnBoxes(27)
    const said: [want: string, got: string, same: boolean][] = []
    for (let i = 0; i < 10; i++) {
      const { html, classification, size } = next()
      await page.setContent(html)
      const picture = await page.screenshot()
      const { text } = await readByWays(async (way) => {
        await worker.setParameters(way)
        return (await worker.recognize(picture, { rotateAuto: true })).data.text
      })
      if (!isWhole(text)) continue
      const [want, got] = [wireOf(`${classification} ${size}`), wireOf(text)]
      said.push([
        `${classification} ${size}`,
        text,
        plain(want.classification) === plain(got.classification) &&
          Math.abs(want.diameterMm! - got.diameterMm!) < 0.011,
      ])
    }
    expect(said.filter(([, , same]) => !same)).toEqual([])
    expect(said.length).toBeGreaterThanOrEqual(9)
  } finally {
    await worker.terminate()
    await browser.close()
  }
}, 180_000)
