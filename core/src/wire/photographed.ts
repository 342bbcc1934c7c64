import { readDiameter } from './diameters.ts'
import { readLabel } from './label.ts'

/** A label as long as a field takes, letters. */
const MOST_LETTERS = 500
/** Words that one classification may have come apart into. */
const MOST_PIECES = 4
/** What a camera makes of the sign for a diameter, before a size in millimetres. collected from drawn boxes */
const SIGN = '[@&3O0DJ29QFØ]'
const MM_SIZE = new RegExp(`(?<![\\d.,])(?:${SIGN}\\s?)?([0-3])[.,](\\d{1,2})\\s?(?:mm|rnm|mrn|rmm)`, 'gi')
const INCH_SIZE = /(?<![\d/])[.,]?\s?(0\d{2})\s?(?:in|1n|ln|")(?![a-z])|(?<![\d.,])[.,](0\d{2})(?![\d])/gi
const FRACTION = /(?<![\d/.])([1357])\/(16|32|64)(?!\d)/g
const MASS = /(?<![\d.,])(\d{1,3}(?:[.,]\d)?)\s?(kg|lb)s?(?![a-z])/gi

const distinct = <T>(list: readonly T[]): T[] => [...new Set(list)]
const matches = (text: string, form: RegExp, say: (match: string[]) => string) =>
  [...text.matchAll(form)].map((match) => say(match as unknown as string[]))

/** Two sizes nearer than this are one, mm. */
const SAME_MM = 0.005

/** Sizes of wire that stand in a text, each as it is typed. */
function sizesIn(text: string): { said: string; mm: number }[] {
  const found = [
    ...matches(text, MM_SIZE, ([, whole, part]) => `${whole}.${part} mm`),
    ...matches(text, INCH_SIZE, ([, a, b]) => `.${a ?? b}`),
    ...matches(text, FRACTION, ([, over, under]) => `${over}/${under}`),
  ]
  return found.flatMap((said) => {
    const read = readDiameter(said)
    return read.ok ? [{ said, mm: read.value.diameterMm }] : []
  })
}

/** A form that goes on on most boxes: `E71T-1M`, `E71T-11`. Alone it may have lost its last letter. */
const MAY_GO_ON = /^E\d{2}T-1$/

/**
 * Classifications that stand in a text, also come apart or with a stop for a hyphen. One that reads with and without the
 * word after it comes as both, and so does one that may have lost a letter: then somebody is asked.
 */
function classesIn(text: string): string[] {
  const words = text.split(/\s+/).map((word) => word.replace(/^[^A-Za-z0-9]+|[^A-Za-z0-9]+$/g, ''))
  const found: string[] = []
  for (let i = 0; i < words.length; i++)
    for (let n = 1; n <= MOST_PIECES; n++) {
      const joined = words.slice(i, i + n).join('')
      const form = joined.replace(/[._~—–]/g, '-').toUpperCase()
      if (!/^E(?=.*\d)[A-Z0-9-]{4,14}$/.test(form) && !/^ERCUSI-?A$/.test(form)) continue
      const read = readLabel(form)
      const name = read.ok ? read.value.wire.classification : null
      if (!read.ok || name === null || read.value.wire.notes.includes('letters-mended')) continue
      found.push(name, ...(MAY_GO_ON.test(name) ? [`${name}?`] : []))
    }
  return distinct(found)
}

/**
 * What a photographed box says, from one or more readings of it. Where they name one classification and one size, those
 * and the mass; where they differ, or one is missing, the first reading as it is: then somebody is asked.
 * @param readings what the letters of the picture were taken for, each at most as long as a box
 */
export function photographed(readings: readonly string[]): string {
  const texts = readings.map((text) => text.replace(/\s+/g, ' ').trim().slice(0, MOST_LETTERS))
  const classes = distinct(texts.flatMap(classesIn))
  const sizes = texts.flatMap(sizesIn)
  const masses = distinct(
    texts.flatMap((text) => matches(text, MASS, ([, n, unit]) => `${n} ${unit!.toLowerCase()}`)),
  )
  const [size] = sizes
  if (classes.length === 1 && size && sizes.every(({ mm }) => Math.abs(mm - size.mm) < SAME_MM))
    return [classes[0], size.said, ...(masses.length === 1 ? masses : [])].join(' ')
  // A size that stands in no usual form may be half of one: it is asked for, like two that differ.
  return classes.length === 1 && sizes.length === 0 ? classes[0]! : (texts[0] ?? '')
}
