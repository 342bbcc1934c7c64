import { photographed, readLabel } from '@pepper-knot/core/wire'
import { drawPicture } from './picture.ts'

/** Longer sides are made shorter: letters of a box are large, px. */
const MOST_PX = 1800
/** How long a picture may take on a slow phone, ms. */
const PHOTO_MS = 90_000

/** Whether what was read names a wire with its class and its size. */
const isWhole = (text: string): boolean => {
  const read = readLabel(text)
  return read.ok && read.value.wire.classification !== null && !read.value.wire.unread.includes('diameter')
}
/**
 * Reads what stands on a picture of a box, as it lies or turned by quarter turns where that says more.
 * @param told how far it is, 0 to 1
 * @param signal ends it
 * @throws Error when it was ended, took too long, or the reader could not be fetched
 */
export async function readPhoto(
  file: Blob,
  told: (share: number) => void,
  signal: AbortSignal,
): Promise<string> {
  const { createWorker, OEM, PSM } = await import('tesseract.js')
  let turn = 0
  const worker = await createWorker('eng', OEM.LSTM_ONLY, {
    workerPath: '/ocr/worker.min.js',
    corePath: '/ocr/core.wasm.js',
    langPath: '/ocr',
    workerBlobURL: false,
    cacheMethod: 'none',
    logger: ({ progress, status }) => status.startsWith('recogn') && told((turn + progress) / 4),
  })
  const ended = new Promise<never>((_done, fail) => {
    const timer = setTimeout(() => fail(new Error('time')), PHOTO_MS)
    signal.addEventListener('abort', () => {
      clearTimeout(timer)
      fail(new Error('ended'))
    })
  })
  // Ended after all is read it is nobody’s fault.
  ended.catch(() => undefined)
  // Without it the reader guesses it anew for every picture, and says so as a fault.
  await worker.setParameters({ user_defined_dpi: '300' })
  try {
    let best = ''
    for (; turn < 4; turn++) {
      const picture = await drawPicture(file, MOST_PX, turn)
      const readings: string[] = []
      // As a page, set straight; then as scattered lines. What both say is what the box says.
      for (const mode of [PSM.AUTO, PSM.SPARSE_TEXT]) {
        await worker.setParameters({ tessedit_pageseg_mode: mode })
        const { data } = await Promise.race([worker.recognize(picture, { rotateAuto: true }), ended])
        readings.push(data.text)
      }
      const text = photographed(readings)
      if (isWhole(text)) return text
      if (turn === 0 || (readLabel(text).ok && !readLabel(best).ok)) best = text
    }
    return best
  } finally {
    await worker.terminate()
  }
}

/** The text of a code on a picture; nothing where none is found. */
export async function readCode(file: Blob): Promise<string | undefined> {
  const canvas = await drawPicture(file, MOST_PX)
  const { data, width, height } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)
  const { default: jsQR } = await import('jsqr')
  return jsQR(data, width, height)?.data
}
