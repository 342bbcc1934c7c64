/** @jest-environment node */
import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { strToU8, zipSync } from 'fflate'
import { dropPhotos, NoRoom, photoOf, photosHere, putPhoto, sweepPhotos } from '../src/storage/photos.ts'
import { isZip, unzipShop, zipShop } from '../src/storage/photoZip.ts'

let free = 1e9
Object.defineProperty(globalThis, 'navigator', {
  configurable: true,
  value: { storage: { estimate: async () => ({ quota: 2e9, usage: 2e9 - free }) } },
})
const jpeg = (...bytes: number[]) => new Blob([Uint8Array.from(bytes)], { type: 'image/jpeg' })
const bytesOf = async (blob: Blob | undefined) => blob && [...new Uint8Array(await blob.arrayBuffer())]
afterEach(async () => dropPhotos((await photosHere()).map(({ id }) => id)))

test('a picture is kept as it is, counted and dropped; what is not here is not made up', async () => {
  await putPhoto('a', jpeg(1, 2, 3))
  expect(await bytesOf(await photoOf('a'))).toEqual([1, 2, 3])
  expect((await photosHere()).map(({ id, bytes }) => [id, bytes])).toEqual([['a', 3]])
  expect(await photoOf('b')).toBeUndefined()
  await dropPhotos(['a'])
  expect(await photosHere()).toEqual([])
})

test('no picture takes the room that the record may still want, and it is said before anything is written', async () => {
  free = 20_000_002
  await expect(putPhoto('a', jpeg(1, 2, 3))).rejects.toBeInstanceOf(NoRoom)
  expect(await photosHere()).toEqual([])
  free = 20_000_003
  await putPhoto('a', jpeg(1, 2, 3))
  free = 1e9
})

test('what no entry names goes once its entry can no longer be put back, and nothing that one names ever', async () => {
  const day = 86_400_000
  const now = Date.parse('2026-12-02T08:00:00.000Z')
  const at = (days: number) => new Date(now - days * day).toISOString()
  await putPhoto('named', jpeg(1), at(400))
  await putPhoto('loose', jpeg(1), at(91))
  await putPhoto('young', jpeg(1), at(89))
  await sweepPhotos(new Set(['named']), now)
  expect((await photosHere()).map(({ id }) => id).sort()).toEqual(['named', 'young'])
})

test('a shop and its pictures come out of a zip as they went in, whatever their ids', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.string({ unit: 'binary', maxLength: 300 }),
      fc.dictionary(
        fc.string({ minLength: 1, maxLength: 12 }),
        fc.array(fc.integer({ min: 0, max: 255 }), { maxLength: 50 }),
        { maxKeys: 6 },
      ),
      async (text, photos) => {
        const given = new Map(Object.entries(photos).map(([id, bytes]) => [id, jpeg(...bytes)]))
        const zip = await zipShop({ shop: new Blob([text]), photos: given })
        expect(await isZip(zip)).toBe(true)
        const read = await unzipShop(zip)
        expect(await bytesOf(read?.shop)).toEqual(await bytesOf(new Blob([text])))
        expect([...read!.photos.keys()].sort()).toEqual([...given.keys()].sort())
        for (const [id, photo] of given)
          expect(await bytesOf(read!.photos.get(id))).toEqual(await bytesOf(photo))
      },
    ),
    { numRuns: 100, seed: 1 },
  )
})

test('a spoiled zip is refused, and only pictures of a reasonable size are unpacked', async () => {
  const good = new Uint8Array(
    await (await zipShop({ shop: new Blob(['{}']), photos: new Map([['a', jpeg(1)]]) })).arrayBuffer(),
  )
  for (let cut = 4; cut < good.length; cut += 7) {
    const read = await unzipShop(new Blob([good.slice(0, cut)]))
    expect(read).toBeUndefined()
  }
  expect(await unzipShop(new Blob([zipSync({ 'other.json': strToU8('{}') })]))).toBeUndefined()
  const odd = await unzipShop(
    new Blob([
      zipSync({
        'shop.pepperknot.json': strToU8('{}'),
        'photos/../../x.jpg': strToU8('a'),
        'photos/%E0%A4%A.jpg': strToU8('a'),
        'photos/large.jpg': new Uint8Array(5_000_001),
        'readme.txt': strToU8('a'),
      }),
    ]),
  )
  expect([...odd!.photos.keys()]).toEqual(['../../x'])
  expect(await isZip(new Blob(['{"app":"x"}']))).toBe(false)
})
