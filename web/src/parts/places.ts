/** A place on the rail; each sign is drawn for this program. */
interface Place {
  name: string
  to: string
  path: string
  /** The pages that belong to it, by route. */
  routes: readonly string[]
  /** On a phone's bar too; what is not stands under More. */
  onBar?: true
}

// A bench with a spool, a wire with a loop, a wire that breaks off, a window under a curve, drawers, a written page, a
// shop front.
export const PLACES: readonly Place[] = [
  {
    name: 'bench',
    to: '/',
    path: 'M3 17h22M7 17v6M21 17v6M14 17V9M14 9a4 4 0 1 0-.1 0',
    routes: ['bench'],
    onBar: true,
  },
  {
    name: 'changes',
    to: '/change',
    path: 'M2 16h7c2 0 2-7 5-7s3 7 5 7h7',
    routes: ['changes', 'change'],
    onBar: true,
  },
  {
    name: 'troubles',
    to: '/trouble',
    path: 'M2 16h6c3 0 3-8 6-8M18 11l3 3M21 8l-2 2M17 20l2-2M14 20c3 0 4-2 5-4M14 8v3M14 17v3M24 16h3',
    routes: ['troubles', 'trouble'],
    onBar: true,
  },
  {
    name: 'work',
    to: '/feed',
    path: 'M4 4v20h20M7 20c3-10 6-12 9-5s5 3 7-9',
    routes: ['feed', 'desk'],
  },
  {
    name: 'store',
    to: '/store',
    path: 'M4 6h20v17H4zM4 14.500h20M12 10h4M12 18.500h4',
    routes: ['store'],
    onBar: true,
  },
  {
    name: 'log',
    to: '/log',
    path: 'M6 4h13l3 3v17H6zM10 10h8M10 14.500h8M10 19h5',
    routes: ['log', 'card'],
  },
  { name: 'shop', to: '/shop', path: 'M4 12v11h20V12M2 12l4-7h16l4 7zM11 23v-6h6v6', routes: ['shop'] },
]
export const MORE = {
  name: 'more',
  to: '/more',
  path: 'M5 9h18M5 14h18M5 19h18',
  routes: ['more', 'words', ...PLACES.filter((place) => !place.onBar).flatMap((place) => place.routes)],
}
