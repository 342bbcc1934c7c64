import vue from '@vitejs/plugin-vue'
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { constants } from 'node:zlib'
import { defaultClientConditions, defineConfig } from 'vite'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import vuetify from 'vite-plugin-vuetify'
import { ocr } from './ocr.ts'
import { offline } from './offline.ts'
import { ahead } from './ahead.ts'
import { words } from './words.ts'

/** A name for the core as it stands: what one core found good another reads again. */
function coreName(): string {
  const hash = createHash('sha256')
  const add = (folder: string) => {
    for (const name of readdirSync(folder).sort()) {
      const path = join(folder, name)
      if (statSync(path).isDirectory()) add(path)
      else hash.update(name).update(readFileSync(path))
    }
  }
  add(fileURLToPath(new URL('../core/src', import.meta.url)))
  return hash.digest('hex').slice(0, 16)
}

/** What several parts share is named after all of them: the first word will do. */
const short = (name: string) => name.replace(/\.[a-z0-9]+$/, '').split(/[~/]/)[0]!

export default defineConfig({
  // A line break between two words on one line is a space.
  plugins: [
    words(),
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    vuetify({ autoImport: true }),
    ahead('/storage/edge.ts', '/App.vue', '/wording/en/index.ts', '/bench/BenchBody.vue'),
    ocr(),
    offline(),
    // Squeezed once, here, and not at every visit.
    compression({
      include: /\.(?:js|css|html|svg|webmanifest)$/,
      exclude: /^sw\.js$/,
      threshold: 600,
      algorithms: [
        defineAlgorithm('gzip', { level: 9 }),
        defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
      ],
    }),
  ],
  // The log’s worker says what it looks through: its words come as the page’s do.
  worker: { format: 'es', plugins: () => [words()] },
  // Messages are compiled here: the page needs no compiler of its own.
  resolve: {
    // The sources of the core, not what is built of them.
    conditions: ['source', ...defaultClientConditions],
    alias: {
      'vue-i18n': fileURLToPath(
        new URL('../node_modules/vue-i18n/dist/vue-i18n.runtime.mjs', import.meta.url),
      ),
    },
  },
  define: {
    __BUILD__: JSON.stringify(coreName()),
    __VUE_I18N_FULL_INSTALL__: false,
    __VUE_I18N_LEGACY_API__: false,
    __INTLIFY_DROP_MESSAGE_COMPILER__: true,
    __INTLIFY_PROD_DEVTOOLS__: false,
  },
  // Nothing inlined: the content security policy allows no data: scripts or styles.
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
    rolldownOptions: {
      output: {
        // The shared parts import one another: in another order the page stays empty.
        strictExecutionOrder: true,
        chunkFileNames: ({ name }) => `assets/${short(name)}-[hash].js`,
        assetFileNames: ({ names: [name = ''] }) => `assets/${short(name)}-[hash][extname]`,
        // What several parts share is fetched together with its like: over a slow network each file costs a round trip.
        codeSplitting: {
          groups: [
            { name: 'shared', minShareCount: 2, entriesAware: true, entriesAwareMergeThreshold: 40_000 },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
})
