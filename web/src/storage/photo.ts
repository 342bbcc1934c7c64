import type { RecognizeResult } from 'tesseract.js'
import { drawPicture } from './picture.ts'
import { isWhole, readByWays } from './photoWays.ts'

/** Longer sides are made shorter: letters of a box are large, px. */
const MOST_PX = 1800
/** How long a picture may take on a slow phone, ms. */
const PHOTO_MS = 90_000

/** A word of the picture and where it stands, in hundredths of the picture’s width and height. */
export interface PictureWord {
  text: string
  x: number
  y: number
  width: number
  height: number
}
export interface PhotoRead {
  text: string
  /** Words that may be the mass, where none was read. */
  misread: readonly string[]
  /** The picture as it was read: upright and set straight. */
  picture: string | undefined
  words: readonly PictureWord[]
}

type Page = RecognizeResult['data']
function wordsOf({ blocks }: Page, width: number, height: number): PictureWord[] {
  const lines = (blocks ?? []).flatMap((b) => b.paragraphs.flatMap((p) => p.lines))
  return lines
    .flatMap((line) => line.words)
    .map(({ text, bbox: { x0, y0, x1, y1 } }) => ({
      text,
      x: (100 * x0) / width,
      y: (100 * y0) / height,
      width: (100 * (x1 - x0)) / width,
      height: (100 * (y1 - y0)) / height,
    }))
}
/** A picture that is set straight is wider and higher than it was. */
async function sizeOf(picture: string): Promise<{ width: number; height: number }> {
  const image = new Image()
  image.src = picture
  await image.decode()
  return { width: image.naturalWidth, height: image.naturalHeight }
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
): Promise<PhotoRead> {
  const { createWorker, OEM } = await import('tesseract.js')
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
    let best: PhotoRead | undefined
    for (; turn < 4; turn++) {
      const picture = await drawPicture(file, MOST_PX, turn)
      let seen: Page | undefined
      const said = await readByWays(async (way) => {
        await worker.setParameters(way)
        const { data } = await Promise.race([
          worker.recognize(
            picture,
            { rotateAuto: true },
            { text: true, blocks: seen === undefined, imageColor: seen === undefined },
          ),
          ended,
        ])
        seen ??= data
        return data.text
      })
      const straight = seen?.imageColor ?? undefined
      const { width, height } = straight ? await sizeOf(straight) : picture
      const read = { ...said, picture: straight, words: seen ? wordsOf(seen, width, height) : [] }
      if (isWhole(read.text)) return read
      if (!best || read.text.length > best.text.length) best = read
    }
    return best!
  } finally {
    await worker.terminate()
  }
}

/** The text of a code in a picture; nothing where none is found. */
export async function readCode(file: Blob): Promise<string | undefined> {
  return codeOn(await drawPicture(file, MOST_PX))
}
/** The text of a code on a canvas: by the browser’s own reader where it has one, else by one that comes with the app. */
export async function codeOn(canvas: HTMLCanvasElement): Promise<string | undefined> {
  const found = await ownReader()
    ?.detect(canvas)
    .catch(() => [])
  if (found?.[0]) return found[0].rawValue
  const { data, width, height } = canvas
    .getContext('2d', { willReadFrequently: true })!
    .getImageData(0, 0, canvas.width, canvas.height)
  const { default: jsQR } = await import('jsqr')
  return jsQR(data, width, height)?.data
}
interface Detector {
  detect: (from: HTMLCanvasElement) => Promise<{ rawValue: string }[]>
}
function ownReader(): Detector | undefined {
  const { BarcodeDetector } = window as {
    BarcodeDetector?: new (options: { formats: string[] }) => Detector
  }
  try {
    return BarcodeDetector && new BarcodeDetector({ formats: ['qr_code'] })
  } catch {
    // It is there by name and reads no such codes.
    return undefined
  }
}
