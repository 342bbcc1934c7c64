import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Plugin } from 'vite'

const find = createRequire(import.meta.url).resolve
/** What reads a picture’s letters in the browser, served by this server: the reader, its core and its English. */
const FILES: Readonly<Record<string, string>> = {
  'worker.min.js': 'tesseract.js/dist/worker.min.js',
  'core.wasm.js': 'tesseract.js-core/tesseract-core-simd-lstm.wasm.js',
  'eng.traineddata.gz': '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
}
/** Puts them beside the page, unchanged. */
export const ocr = (): Plugin => ({
  name: 'letters-of-a-picture',
  apply: 'build',
  generateBundle() {
    for (const [name, from] of Object.entries(FILES))
      this.emitFile({ type: 'asset', fileName: `ocr/${name}`, source: readFileSync(find(from)) })
  },
})
