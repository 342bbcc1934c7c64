import { wrap } from 'comlink'
import type { useShop } from '../stores/shop.ts'
import type { FilePart, FileWorker } from '../workers/file.worker.ts'
import { downloadBlob, fileStem } from './download.ts'
import { photoIds, photoOf } from './photos.ts'

/**
 * Written beside the page, which is not held; where the store cannot be read, what the page knows.
 * @param part left out, all of it
 */
export async function shopFile(shop: ReturnType<typeof useShop>, part?: FilePart): Promise<Blob> {
  await shop.save()
  if (shop.saveState === 'saved') {
    const raw = new Worker(new URL('../workers/file.worker.ts', import.meta.url), { type: 'module' })
    try {
      const failed = new Promise<never>((_done, fail) => (raw.onerror = () => fail(new Error('no worker'))))
      return await Promise.race([wrap<FileWorker>(raw).save(part), failed])
    } catch {
      // What the page knows is the next best.
    } finally {
      raw.terminate()
    }
  }
  const { writeShopFile } = await import('./edge.ts')
  const text = writeShopFile(await shop.known(), new Date().toISOString(), part)
  return new Blob([text], { type: 'application/json' })
}

const LAST = 'pepper-knot/exported'
/** When this device last handed out a copy of everything; nothing where it never did. */
export function lastExport(): Date | undefined {
  const at = Date.parse(localStorage.getItem(LAST) ?? '')
  return Number.isFinite(at) ? new Date(at) : undefined
}
/** A copy older than this is said to be old, days. */
export const OLD_COPY_DAYS = 30

const dayName = (name: string) =>
  `${fileStem(name).toLowerCase() || 'shop'}-${new Date().toISOString().slice(0, 10)}`
const copyName = (shop: ReturnType<typeof useShop>) => dayName(shop.shop.name)
/** Some of a shop as a file; no copy of everything. @param name what it is of */
export async function exportPart(shop: ReturnType<typeof useShop>, part: FilePart, name: string) {
  downloadBlob(`${dayName(name)}.pepperknot.json`, await shopFile(shop, part))
}
function handOut(name: string, file: Blob) {
  downloadBlob(name, file)
  localStorage.setItem(LAST, new Date().toISOString())
}
/** One versioned file with everything; its name tells shop and day. */
export async function exportShop(shop: ReturnType<typeof useShop>) {
  handOut(`${copyName(shop)}.pepperknot.json`, await shopFile(shop))
}
/** The same with every picture that is on this device. */
export async function exportWithPhotos(shop: ReturnType<typeof useShop>) {
  const { zipShop } = await import('./photoZip.ts')
  const photos = new Map<string, Blob>()
  for (const id of await photoIds()) {
    const photo = await photoOf(id)
    if (photo) photos.set(id, photo)
  }
  handOut(`${copyName(shop)}.pepperknot.zip`, await zipShop({ shop: await shopFile(shop), photos }))
}
