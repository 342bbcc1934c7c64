import { strFromU8, unzipSync, zipSync, type Zippable } from 'fflate'
import { MOST_PHOTO_BYTES } from './photos.ts'

/** A shop with its pictures: the ordinary file, and beside it one JPEG an id. */
const SHOP = 'shop.pepperknot.json'
const FOLDER = 'photos/'
const ENDING = '.jpg'
const MOST_PHOTOS = 5000
const MOST_SHOP_BYTES = 300_000_000

export interface WithPhotos {
  shop: Blob
  photos: Map<string, Blob>
}

/** Pictures are not squeezed: they are already. */
export async function zipShop({ shop, photos }: WithPhotos): Promise<Blob> {
  const files: Zippable = { [SHOP]: new Uint8Array(await shop.arrayBuffer()) }
  for (const [id, photo] of photos)
    files[`${FOLDER}${encodeURIComponent(id)}${ENDING}`] = [
      new Uint8Array(await photo.arrayBuffer()),
      { level: 0 },
    ]
  return new Blob([zipSync(files) as Uint8Array<ArrayBuffer>], { type: 'application/zip' })
}

/** Whether a file begins as a zip does. */
export const isZip = async (file: Blob): Promise<boolean> =>
  strFromU8(new Uint8Array(await file.slice(0, 4).arrayBuffer()), true) === 'PK\u0003\u0004'

const idOf = (name: string): string | undefined => {
  if (!name.startsWith(FOLDER) || !name.endsWith(ENDING)) return undefined
  try {
    const id = decodeURIComponent(name.slice(FOLDER.length, -ENDING.length))
    return id && id.length <= 100 ? id : undefined
  } catch {
    return undefined
  }
}
/**
 * What a zip of `zipShop` holds; what else lies in it is not unpacked.
 * @returns nothing where it is spoiled, or holds no shop
 */
export async function unzipShop(file: Blob): Promise<WithPhotos | undefined> {
  try {
    let count = 0
    const found = unzipSync(new Uint8Array(await file.arrayBuffer()), {
      filter: ({ name, originalSize }) =>
        name === SHOP
          ? originalSize <= MOST_SHOP_BYTES
          : idOf(name) !== undefined && originalSize <= MOST_PHOTO_BYTES && ++count <= MOST_PHOTOS,
    })
    const shop = found[SHOP]
    if (!shop) return undefined
    const photos = new Map<string, Blob>()
    for (const [name, bytes] of Object.entries(found)) {
      const id = idOf(name)
      // Whatever else it says it is, it is shown as a picture or not at all.
      if (id) photos.set(id, new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'image/jpeg' }))
    }
    return { shop: new Blob([shop as Uint8Array<ArrayBuffer>], { type: 'application/json' }), photos }
  } catch {
    return undefined
  }
}
