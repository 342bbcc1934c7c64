import { baseCompile } from '@intlify/message-compiler'
import type { Plugin } from 'vite'
import { en } from './src/messages/en/index.ts'

type Words = { readonly [key: string]: string | Words }

const VIRTUAL = 'virtual:words/'

/** A tree of messages as code: each one a function, compiled here and not in the page. */
function asCode(words: Words, say: (text: string) => string): string {
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
 * The words of the interface, compiled at build time, and with the file that says them: a file that names a message of
 * a section (`t('desk.title')`) brings that section's words along, so that each screen's words come with its screen.
 * @param say turns each text into another, for a pretended language
 */
export function words(say: (text: string) => string = (text) => text): Plugin {
  const sections = Object.keys(en)
  const named = new RegExp(`['\`](${sections.join('|')})\\.[\\w$]`, 'g')
  return {
    name: 'words-with-their-screen',
    enforce: 'pre',
    resolveId: (id) => (id.startsWith(VIRTUAL) ? `\0${id}` : undefined),
    load(id) {
      if (!id.startsWith(`\0${VIRTUAL}`)) return undefined
      const section = id.slice(VIRTUAL.length + 1)
      const code = asCode({ [section]: (en as Words)[section]! }, say)
      return `import { tell } from '/src/messages/i18n.ts'\ntell(${code})\n`
    },
    transform(code, id) {
      const path = id.split('?')[0]!
      if (id !== path || !/\/web\/src\/.*\.(?:vue|ts)$/.test(path) || path.includes('/messages/'))
        return undefined
      const used = new Set([...code.matchAll(named)].map(([, section]) => section!))
      if (used.size === 0) return undefined
      const imports = [...used].map((section) => `import '${VIRTUAL}${section}'\n`).join('')
      if (path.endsWith('.ts')) return { code: imports + code, map: null }
      return { code: code.replace(/<script setup lang="ts">\n/, (tag) => tag + imports), map: null }
    },
  }
}
