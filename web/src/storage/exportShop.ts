import { writeShopFile, type Shop } from '@pepper-knot/core'
import { download } from './download.ts'

/** One versioned file with everything; its name tells shop and day. */
export function exportShop(shop: Shop) {
  const now = new Date().toISOString()
  const name =
    shop.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'shop'
  download(`${name}-${now.slice(0, 10)}.pepperknot.json`, writeShopFile(shop, now))
}
