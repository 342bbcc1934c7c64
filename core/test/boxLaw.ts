import { problemText, readLabel } from '../src/index.ts'
import type { Box } from './boxes.ts'

/** What is wrong with the reading of a box; nothing where it reads back, or names what is missing. */
export function misread({ text, classification, family, mm, massKg, scanned }: Box): string | undefined {
  const read = readLabel(text)
  if (!read.ok) return `refused: ${problemText(read.problems[0]!)}`
  const { wire } = read.value
  // A slip on a photograph may cost a part: then it is named, and nothing else is read instead.
  if (scanned && wire.diameterMm === null && wire.unread.includes('diameter')) return undefined
  if (wire.family !== family) return `read as ${wire.family}`
  const short = scanned && wire.unread.length > 0 && classification.startsWith(wire.classification ?? '?')
  if (wire.classification !== classification && !short) return `read as ${wire.classification}`
  if (wire.diameterMm !== mm) return `size ${wire.diameterMm} for ${mm}`
  if (mm === null && !wire.unread.includes('diameter')) return 'a missing size is not named'
  if (massKg !== null && (wire.massKg === null || Math.abs(wire.massKg - massKg) > 0.01))
    return `mass ${wire.massKg} for ${massKg}`
  return undefined
}
