import { baseCompile } from '@intlify/message-compiler'
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'
import { pseudoMessage, pseudoSource } from '../scripts/pseudo.mjs'
import { en } from './src/messages/en/index.ts'

type Words = { readonly [key: string]: string | Words }

const VIRTUAL = /^\0?virtual:(words|language|languages|pretended-wording)(?:\/(\w+))?$/
const PRETENDED = '?pretended'
const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const MESSAGES = here('./src/messages')
const WORDING = here('../core/src/wording/en')

/** A tree of messages as code: each one a function, compiled here and not in the page. */
function asCode(words: Words, say = (text: string) => text): string {
  const entries = Object.entries(words).map(([key, value]) => {
    const code = typeof value === 'string' ? compiled(say(value)) : asCode(value, say)
    return `${JSON.stringify(key)}:${code}`
  })
  return `{${entries.join(',')}}`
}
function compiled(text: string): string {
  const { code } = baseCompile(text, {
    jit: false,
    mode: 'arrow',
    onError: (error) => {
      throw error
    },
  })
  return `(${code})`
}

/**
 * The words of the interface, compiled at build time. English comes with the file that says it: a file that names a
 * message of a section (`t('desk.title')`) brings that section's words along, so that each screen's words come with
 * its screen. Another language, a folder beside `en`, comes whole, before the page. One is pretended of English: every
 * word in other letters, so that one that is not said through the words shows.
 */
export function words(): Plugin {
  const sections = Object.keys(en)
  const named = new RegExp(`['\`](${sections.join('|')})\\.[\\w$]`, 'g')
  const others = readdirSync(MESSAGES, { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && entry.name !== 'en')
    .map(({ name }) => name)
  return {
    name: 'words-with-their-screen',
    enforce: 'pre',
    resolveId(id, importer) {
      if (id.startsWith('virtual:')) return VIRTUAL.test(id) ? `\0${id}` : undefined
      // Words say one another: those that pretended ones say are pretended too.
      if (!importer?.endsWith(PRETENDED) || !id.startsWith('.')) return undefined
      const path = join(dirname(importer), id)
      return path.startsWith(WORDING) ? path + PRETENDED : path
    },
    async load(id) {
      const [, kind, which = ''] = VIRTUAL.exec(id) ?? []
      if (kind === 'words')
        return `import { tell } from '/src/messages/i18n.ts'\ntell(${asCode({ [which]: (en as Words)[which]! })})\n`
      if (kind === 'language' && which === 'pretended') return `export default ${asCode(en, pseudoMessage)}`
      if (kind === 'language') {
        const told = (await import(join(MESSAGES, which, 'index.ts'))) as Record<string, Words>
        return `export default ${asCode(told[which]!)}`
      }
      if (kind === 'languages')
        return `export default {${['pretended', ...others].map((name) => `${name}: () => import('virtual:language/${name}')`).join(', ')}}`
      if (kind === 'pretended-wording') return `export * from '${join(WORDING, 'index.ts')}${PRETENDED}'`
      return id.endsWith(PRETENDED)
        ? pseudoSource(readFileSync(id.slice(0, -PRETENDED.length), 'utf8'), id)
        : undefined
    },
    transform(code, id) {
      const path = id.split('?')[0]!
      if (id !== path || !/\/web\/src\/.*\.(?:vue|ts)$/.test(path) || path.includes('/messages/'))
        return undefined
      const used = new Set([...code.matchAll(named)].map(([, section]) => section!))
      if (used.size === 0) return undefined
      const imports = [...used].map((section) => `import 'virtual:words/${section}'\n`).join('')
      if (path.endsWith('.ts')) return { code: imports + code, map: null }
      return { code: code.replace(/<script setup lang="ts">\n/, (tag) => tag + imports), map: null }
    },
  }
}
