import type { Plugin } from 'vite'

/**
 * Has the page fetch a chunk that it imports only when it runs, so that it is there when it is asked for.
 * @param modules ends of the paths of what it imports
 */
export function ahead(...modules: string[]): Plugin {
  return {
    name: 'fetch-ahead',
    transformIndexHtml: {
      order: 'post',
      handler(_html, { bundle = {} }) {
        const files = new Set<string>()
        const take = (file: string) => {
          const chunk = bundle[file]
          if (chunk?.type !== 'chunk' || chunk.isEntry || files.has(file)) return
          files.add(file)
          chunk.imports.forEach(take)
        }
        for (const chunk of Object.values(bundle))
          if (chunk.type === 'chunk' && chunk.moduleIds.some((id) => modules.some((end) => id.endsWith(end))))
            take(chunk.fileName)
        return [...files].map((file) => ({
          tag: 'link',
          attrs: { rel: 'modulepreload', crossorigin: true, href: `/${file}` },
          injectTo: 'head' as const,
        }))
      },
    },
  }
}
