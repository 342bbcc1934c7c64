import { VitePWA } from 'vite-plugin-pwa'

const NAME = 'Pepper Knot'
/** Parts that few ask for and that weigh much: kept from their first use on. */
const HEAVY = ['**/pdfmake*.js', '**/vfs_fonts*.js', '**/cardPdf*.js', 'ocr/**']

/** Everything is kept on the device at the first visit; a newer version waits until somebody takes it. */
export const offline = () =>
  VitePWA({
    injectRegister: false,
    registerType: 'prompt',
    manifest: {
      name: NAME,
      short_name: NAME,
      description:
        'Change a wire welder over to another wire: what fits, what must change, in a safe proven order.',
      start_url: '/',
      scope: '/',
      display: 'standalone',
      background_color: '#f4efe4',
      theme_color: '#221e1b',
      icons: [
        { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
        { src: '/icons/maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
      shortcuts: [
        { name: 'Trouble', url: '/trouble' },
        { name: 'Open changes', url: '/change' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{html,js,css,svg,woff2}', 'icons/192.png'],
      globIgnores: HEAVY,
      maximumFileSizeToCacheInBytes: 4_000_000,
      navigateFallback: '/index.html',
      navigateFallbackDenylist: [/^\/api\//],
      cleanupOutdatedCaches: true,
      runtimeCaching: [
        {
          urlPattern: ({ url }) => /^\/(?:assets|ocr)\//.test(url.pathname),
          handler: 'CacheFirst',
          options: { cacheName: 'heavy-parts', expiration: { maxEntries: 40 } },
        },
      ],
    },
  })
