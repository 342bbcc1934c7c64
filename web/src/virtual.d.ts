/// <reference types="vite-plugin-pwa/vanillajs" />
/** Made by `words.ts` beside the Vite configuration. */
declare module 'virtual:languages' {
  const languages: Record<string, () => Promise<{ default: Record<string, unknown> }>>
  export default languages
}
declare module 'virtual:pretended-wording' {
  import type { Words } from '@pepper-knot/core/words'
  const words: Words
  export = words
}
