import type { State } from '@pepper-knot/core'
import { download } from './download.ts'

/** One versioned file with everything; its name tells shop and day. */
export async function exportShop(shop: { shop: { name: string }; state: () => Promise<State> }) {
  const { writeShopFile } = await import('./edge.ts')
  const now = new Date().toISOString()
  const name =
    shop.shop.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'shop'
  download(`${name}-${now.slice(0, 10)}.pepperknot.json`, writeShopFile(await shop.state(), now))
}
