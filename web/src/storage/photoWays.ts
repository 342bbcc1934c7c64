import type { WorkerParams } from 'tesseract.js'
import { photographed, readLabel } from '@pepper-knot/core/wire'

type Way = Partial<WorkerParams>
const way = (mode: '3' | '11', method: '0' | '2') =>
  ({ tessedit_pageseg_mode: mode, thresholding_method: method }) as unknown as Way
/**
 * As a page, set straight; then as scattered lines; then both anew, light and dark told apart place by place (Sauvola),
 * as glare and shade want it.
 */
const WAYS = [way('3', '0'), way('11', '0'), way('3', '2'), way('11', '2')]
/** So many ways before what they say is looked at: what two say is what the box says. */
const LEAST_WAYS = 2

/** Whether what was read names a wire with its class and its size. */
export const isWhole = (text: string): boolean => {
  const read = readLabel(text)
  return read.ok && read.value.wire.classification !== null && !read.value.wire.unread.includes('diameter')
}
/** One picture read in ever more ways, until it says which wire it is. */
export async function readByWays(
  read: (way: Way) => Promise<string>,
): Promise<ReturnType<typeof photographed>> {
  const readings: string[] = []
  let said = photographed(readings)
  for (const way of WAYS) {
    readings.push(await read(way))
    said = photographed(readings)
    if (readings.length >= LEAST_WAYS && isWhole(said.text)) break
  }
  return said
}
