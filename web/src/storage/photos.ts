import localforage from 'localforage'
import { z } from 'zod'
import { drawPicture } from './picture.ts'
import { newId } from './newId.ts'

/**
 * Pictures of the log. They are kept beside the records, which stay small: a record names its pictures, the pictures
 * know nothing of it, and a device that has a record without its pictures says so.
 */
const MOST_PX = 1600
const JPEG_QUALITY = 0.8
/** What the record itself may still want: no picture takes it, bytes. */
const RESERVE_BYTES = 20_000_000
/** A picture of a file may be so large, bytes. */
export const MOST_PHOTO_BYTES = 5_000_000
/** A picture that no entry names any more is kept as long as an entry can be put back, days. */
const KEPT_DAYS = 90

const keptSchema = z.object({
  at: z.iso.datetime(),
  type: z.string().max(100),
  bytes: z.custom<ArrayBuffer>((value) => Object.prototype.toString.call(value) === '[object ArrayBuffer]'),
})
type Kept = z.infer<typeof keptSchema>

let opened: LocalForage | undefined
const box = () =>
  (opened ??= localforage.createInstance({
    name: 'pepper-knot-photos',
    storeName: 'photos',
    driver: localforage.INDEXEDDB,
  }))

/** There is no room for another picture; the record is not touched. */
export class NoRoom extends Error {}

/** @throws NoRoom before anything is written, or where the browser finds none */
export async function putPhoto(id: string, photo: Blob, at = new Date().toISOString()): Promise<void> {
  const { quota, usage } = (await navigator.storage?.estimate?.().catch(() => undefined)) ?? {}
  if (quota !== undefined && quota - (usage ?? 0) < photo.size + RESERVE_BYTES) throw new NoRoom()
  const kept: Kept = { at, type: photo.type, bytes: await photo.arrayBuffer() }
  try {
    await box().setItem(id, kept)
  } catch (error) {
    throw error instanceof Error && error.name === 'QuotaExceededError' ? new NoRoom() : error
  }
}

/**
 * Keeps a picture, made smaller and without what the camera wrote into it: place, time and device.
 * @returns its id
 * @throws NoRoom; DOMException where the file is no picture
 */
export async function keepPhoto(file: Blob): Promise<string> {
  const canvas = await drawPicture(file, MOST_PX)
  const photo = await new Promise<Blob>((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/jpeg', JPEG_QUALITY),
  )
  const id = newId()
  await putPhoto(id, photo)
  return id
}

const readKept = async (id: string): Promise<Kept | undefined> => {
  const read = keptSchema.safeParse(await box().getItem(id))
  return read.success ? read.data : undefined
}
/** @returns nothing where this device has not got it */
export async function photoOf(id: string): Promise<Blob | undefined> {
  const kept = await readKept(id)
  return kept && new Blob([kept.bytes], { type: kept.type })
}

export interface PhotoSize {
  id: string
  at: string
  bytes: number
}
/** Ids of all that is here; no picture is read for it. */
export const photoIds = (): Promise<string[]> => box().keys()
/** How large each picture is that is here. @param ids of which; all, left out */
export async function photosHere(ids?: readonly string[]): Promise<PhotoSize[]> {
  const sizes: PhotoSize[] = []
  for (const id of ids ?? (await photoIds())) {
    const kept = await readKept(id)
    if (kept) sizes.push({ id, at: kept.at, bytes: kept.bytes.byteLength })
  }
  return sizes
}
export async function dropPhotos(ids: readonly string[]): Promise<void> {
  for (const id of ids) await box().removeItem(id)
}
/** Drops what no entry names any more, once the entry can no longer be put back. */
export async function sweepPhotos(named: ReadonlySet<string>, now = Date.now()): Promise<void> {
  const loose = (await photoIds()).filter((id) => !named.has(id))
  const old = (await photosHere(loose)).filter(({ at }) => now - Date.parse(at) > KEPT_DAYS * 86_400_000)
  await dropPhotos(old.map(({ id }) => id))
}
