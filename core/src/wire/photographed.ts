import { readDiameter } from './diameters.ts'
import { readLabel } from './label.ts'

/** A label as long as a field takes, letters. */
const MOST_LETTERS = 500
/** Words that one classification may have come apart into. */
const MOST_PIECES = 6
/** What a camera makes of the sign for a diameter, before a size in millimetres. collected from drawn boxes */
const SIGN = '[@&3O0DJ29QFGØ]'
/** `mm` as a camera reads it. */
const MM = '(?:mm|rnm|mrn|rmm)'
const MM_SIZE = new RegExp(`(?<![\\d.,])(?:${SIGN}\\s?)?([0-3])[.,](\\d{1,2})\\s?${MM}`, 'gi')
const MM_FIGURE = new RegExp(`^${SIGN}?[0-3][.,]\\d{1,2}${MM}?$`, 'i')
const MM_UNIT = new RegExp(`^mms?$|${MM}$`, 'i')
const INCH_SIZE = /(?<![\d/])[.,]?\s?(0\d{2})\s?(?:in|1n|ln|")(?![a-z])|(?<![\d.,])[.,](0\d{2})(?![\d])/gi
const FRACTION = /(?<![\d/.])([1357])\/(16|32|64)(?!\d)/g
/** A capital `I` that stands apart from the figures can only be the `l` of `lb`. */
const MASS = /(?<![\d.,])(\d{1,3}(?:[.,]\d)?)(?:\s?(kg|lb)|\s([I|])b)s?(?![a-z])/gi

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

/** What stands on the box before a classification, run into it. */
const BEFORE = /^AWS[I1L|]?(?=E)/
/** A size that has run into the word before it: after a letter, since `1` and `1/16` may be `11/16`. */
const GLUED = /(?<=[A-Za-z])(?=[1357]\/(?:16|32|64)(?!\d))|(?<=[A-Za-z0-9])(?=[.,]0\d{2}(?!\d))/g
const SIGN_ALONE = new RegExp(`^${SIGN}{1,2}$`)
const SIGN_LAST = new RegExp(`${SIGN}{1,2}$`)

const known = (form: string): string | undefined => {
  if (!/^E(?=.*\d)[A-Z0-9-]{4,14}$/.test(form) && !/^ERCUSI-?A$/.test(form)) return undefined
  const read = readLabel(form)
  if (!read.ok || read.value.wire.notes.includes('letters-mended')) return undefined
  return read.value.wire.classification ?? undefined
}
/** Letters that a classification may go on with: `E71T-1` and `E71T-1M`, `ER316` and `ER316LSi`. */
const GOES_ON = /^[LSIMJC1|]/i
const goesOn = (name: string) => ['1', 'M', 'L', 'LSI'].some((more) => known(`${name}${more}`.toUpperCase()))
/** A form that goes on on most boxes: alone it may have lost its last letter. */
const MAY_GO_ON = /^E\d{2}T-1$/

/**
 * Classifications that stand in a text, also come apart, run together with what stands beside them, or with a stop for
 * a hyphen. One that reads in two ways comes as both, and so does one that may have lost a letter: then somebody is
 * asked.
 */
function classesIn(text: string): string[] {
  const words = text
    .replace(GLUED, ' ')
    .split(/\s+/)
    .map((word) => word.replace(/^[^A-Za-z0-9]+|[^A-Za-z0-9-]+$/g, '').replace(BEFORE, ''))
    .filter(Boolean)
  const at = (i: number) => words[i] ?? ''
  /** A size in millimetres begins here. */
  const mmFrom = (i: number) => MM_FIGURE.test(at(i)) && MM_UNIT.test(at(i).replace(/^.*\d/, '') || at(i + 1))
  const isSign = (i: number) => SIGN_ALONE.test(at(i).toUpperCase()) && mmFrom(i + 1)
  const isMass = (i: number) => /^\d+(?:[.,]\d)?$/.test(at(i)) && /^(?:kg|lbs?|ib|1b)$/i.test(at(i + 1))
  const found: string[] = []
  for (let i = 0; i < words.length; i++) {
    let name: string | undefined
    let next = i
    for (let n = 1; n <= MOST_PIECES && !(n > 1 && (isSign(i + n - 1) || isMass(i + n - 1))); n++) {
      const form = words
        .slice(i, i + n)
        .join('')
        .replace(/[._~—–]/g, '-')
        .toUpperCase()
      // Of what came apart the longest is what stands there: what follows in short pieces belongs to it.
      const whole = known(form)
      if (whole && (name === undefined || at(i + n - 1).length <= 3)) {
        // One letter after a whole name may as well be a word of its own.
        if (n === 2 && name !== undefined && at(i + 1).length === 1) found.push(name)
        name = whole
        next = i + n
      }
      // A sign that has run into it.
      if (!mmFrom(i + n) || !SIGN_LAST.test(form)) continue
      for (const less of [1, 2]) {
        const last = form.slice(-less)
        const short = SIGN_ALONE.test(last) ? known(form.slice(0, -less)) : undefined
        if (!short) continue
        if (whole && whole !== short) found.push(short)
        else if (!whole) {
          name = short
          next = i + n
        }
      }
    }
    if (name === undefined) continue
    found.push(name)
    const after = at(next)
    const fragment =
      after.length <= 2 && GOES_ON.test(after) && !isSign(next) && !isMass(next) && goesOn(name)
    if (fragment || MAY_GO_ON.test(name)) found.push(`${name}?`)
  }
  return distinct(found)
}

/** What looks like a mass and is not surely one: `101b` is 10 lb or 101 of something. */
const MISREAD =
  /(?<![\d.,A-Za-z/-])\d{1,4}(?:[.,]\d)?\s?(?:[1Il|]b|ib|lh|k[g9qo]|K[QoG0]|[1Il]D)s?(?![A-Za-z\d])/g

/**
 * What a photographed box says, from one or more readings of it. Where they name one classification and one size, those
 * and the mass; where they differ, or one is missing, the first reading as it is: then somebody is asked.
 * @param readings what the letters of the picture were taken for, each at most as long as a box
 */
export function photographed(readings: readonly string[]): {
  text: string
  /** Words that may be the mass, where none was read: for whoever holds the box. */
  misread: string[]
} {
  const texts = readings.map((text) => text.replace(/\s+/g, ' ').trim().slice(0, MOST_LETTERS))
  const classes = distinct(texts.flatMap(classesIn))
  const sizes = texts.flatMap(sizesIn)
  const masses = distinct(
    texts.flatMap((text) => matches(text, MASS, ([, n, unit = 'lb']) => `${n} ${unit.toLowerCase()}`)),
  )
  const misread =
    masses.length === 1
      ? []
      : distinct([...masses, ...texts.flatMap((text) => matches(text, MISREAD, ([all]) => all!))])
  const said = (text: string) => ({ text, misread })
  const [size] = sizes
  if (classes.length === 1 && size && sizes.every(({ mm }) => Math.abs(mm - size.mm) < SAME_MM))
    return said([classes[0], size.said, ...(masses.length === 1 ? masses : [])].join(' '))
  // A size that stands in no usual form may be half of one: it is asked for, like two that differ.
  return said(classes.length === 1 && sizes.length === 0 ? classes[0]! : (texts[0] ?? ''))
}
