import { KG } from '../units/parse.ts'

/** Words a box carries that say nothing the label reader needs. */
const FILLER_WORDS =
  /^(AWS|SFA|EN|ISO|DIN|ASME|MIG|MAG|GMAW|FCAW|WIRE|WELDING|WELD|SPOOL|REEL|COIL|ROLL|DCEP|DCEN|BASKET|DIA|DIAM|DIAMETER|SIZE|SOLID|METAL|FLUX|CORED|FLUX-CORED|METAL-CORED|GASLESS|SELF-SHIELDED|STAINLESS|ALUMINIUM|ALUMINUM|STEEL|MILD|CARBON|PLAIN|HARD|DUAL|SHIELD|SHIELDED|SHIELDING|DUAL-SHIELD|SELF|LESS|GAS-LESS|FLUXCORE|FLUX-CORE|CORE|INOX|ALU|MIG-WIRE|FCAW-G|FCAW-S|FCW|TUBULAR|SILICON|SILICON-BRONZE|BRAZING|NO|BRONZE|COPPER|COATED|NET|GROSS|WT|WEIGHT|CLASS|CLASSIFICATION|TYPE|GAS|OF|AND|X|-|–|&|\/|\||\+|:|,|\.)+$/
/** A formula beside a classification, `(AlSi5)`, only repeats it. */
const FORMULA = /^(AL|CU)(99|SI|MG|MN|SN|AL|NI|ZN|AG)[A-Z0-9.,]*$/
/** Names of standards with their years: they are found by the designation, not by their name. */
const STANDARD_NAME =
  /\b(?:AWS|ASME)?\s*(?:SFA[-\s]?|A)5\.\d+M?(?:[:\-/]\s?(?:A5\.\d+M)?(?::?\d{4})?)?|\bISO\s*14175\s*-?\s*[A-Z]\d{1,2}\b|\b(?:BS\s*)?(?:EN\s*)?ISO\s*-?\s*\d{4,5}(?:\s?-\s?[AB]\b)?(?::\d{4})?\s?[-:]?|\bEN\s?\d{5}(?:\s?-\s?[AB]\b)?(?::\d{4})?\s?[-:]?|\bEN\s?4(?:39|40)\b[-:]?|\bDIN\s?\d{4}\b[-:]?/g
/** Numbers a box carries for other ends: they are set aside whole, so that none is taken for a size. */
const SET_ASIDE =
  /\b(LOT|HEAT|BATCH|CAST|SERIAL|ITEM|PART|CAT|ORDER|CHARGE|MELT|BARCODE|EAN|UPC|DATE|MFG|EXP)\b\.?[\s:#]*(?:(?:NO|NUMBER|NR|CODE|NUM)\b\.?)?[\s:#]*([A-Z0-9/.-]*\d[A-Z0-9/.-]*)|\b(COIL)\b[\s:#]*(?:NO|NUMBER|NR|#|:)[\s.:#]*([A-Z0-9/.-]*\d[A-Z0-9/.-]*)/g
/** A mass in grams has three figures or more: `.035 G 42 4 M21 3Si1` is a size and a designation. */
const MASS =
  /(^|[\s,;(/])((?:NET|GROSS)?(?:\s*(?:WT|WEIGHT))?\.?:?\s*)(\d+(?:[.,]\d+)?(?=\s*-?\s*(?:KG|LB|P|OZ|#))|[1-9]\d{2,3}(?=\s*G))\s*-?\s*(KGS?|LBS?|POUNDS?|OZ|G|#)(?=$|[\s,;)./])/g

/** What a box says, made even: upper case, plain hyphens and quotes, spaces single. */
export const evenText = (text: string): string =>
  text
    .normalize('NFKC')
    .replace(/[“”″]/g, '"')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/⁄/g, '/')
    .replace(/[øØ⌀φΦϕ∅]/g, ' ')
    .replace(/\s+/g, ' ')
    .toUpperCase()
    .trim()
    // A unit with a stop or a dash, and a size multiplied by a weight: `.035 IN.`, `.035-IN`, `1/16"X 33 LB`.
    .replace(/(?<=\d)\s?-?\s?(MM|IN(?:CH(?:ES)?)?)\.?(?=[\s,;)X]|$)/g, '$1')
    .replace(/(?<=\d(?:MM|IN|"))\s?X(?=[\s\d,;]|$)/g, ' ')

/** What other languages print on a box, in the words of ours; the more particular first. collected from memory */
const ABROAD: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:OHNE\s(?:SCHUTZ)?GAS|GASLOS(?:ER|E)?|SIN\sGAS|SENZA\sGAS|SANS\sGAZ|SEM\sG[AÁ]S|ZONDER\sGAS|GASLOZE?)(?![A-Z])/g,
    'GASLESS',
  ],
  [/\b(?:MIT\s(?:SCHUTZ)?GAS|CON\sGAS|AVEC\sGAZ|COM\sG[AÁ]S)(?![A-Z])/g, 'GAS-SHIELDED'],
  [
    /(?<![A-Z])(?:F(?:Ü|UE)LLDRAHT(?:ELEKTRODE)?|(?:ALAMBRE|HILO|ARAME)\sTUBULAR|FILO\sANIMATO|FIL\sFOURR[EÉ]|GEVULDE\sDRAAD)(?![A-Z])/g,
    'FLUX CORED',
  ],
  [
    /(?<![A-Z])(?:EDELSTAHL|ROSTFREI(?:ER)?(?:\sSTAHL)?|ACERO\sINOXIDABLE|INOXIDABLE|ACIER\sINOX(?:YDABLE)?|ACCIAIO\sINOX|A[CÇ]O\sINOX|RVS)(?![A-Z])/g,
    'STAINLESS',
  ],
  [/(?<![A-Z])(?:ALUMINIO|ALLUMINIO|ALUM[IÍ]NIO|ALUMINIUMDRAHT)(?![A-Z])/g, 'ALUMINIUM'],
  [/(?<![A-Z])(?:BAUSTAHL|STAHL|ACERO(?:\sAL\sCARBONO)?|ACIER|ACCIAIO|STAAL)(?![A-Z])/g, 'STEEL'],
  [/(?<![A-Z])(?:MASSIVDRAHT|HILO\sMACIZO|FIL\sPLEIN|FILO\sPIENO)(?![A-Z])/g, 'SOLID'],
  [
    /(?<![A-Z])(?:(?:SCHWEI(?:SS|ẞ)|SCHUTZGAS)DRAHT|(?:HILO|ALAMBRE|FIL|FILO|ARAME)\s(?:DE\s)?(?:SOLDAR|SOLDADURA|SOUDURE|SALDATURA|SOLDA)|DRAHT|ALAMBRE|HILO|FILO|FIL|ARAME|DRAAD|LASDRAAD)(?![A-Z])/g,
    'WIRE',
  ],
  [/(?<![A-Z])(?:ROLLE|SPULE|BOBINA|CARRETE|BOBINE|HASPEL)(?![A-Z])/g, 'SPOOL'],
  [/(?<![A-Z])(?:NETTO|NETO|POIDS\sNET|PESO\sNETO)(?![A-Z])/g, 'NET'],
]
/** @param text made even: upper case */
export const inOurWords = (text: string): string =>
  ABROAD.reduce((said, [form, ours]) => said.replace(form, ours), text)

/** Letters that a camera reads for figures, in a number that a unit or a point shows to be one: `O.9 MM`, `l5 KG`. */
export const mendNumbers = (text: string): string =>
  LETTERS_FOR_FIGURES.reduce(
    (mended, form) => mended.replace(form, (number) => number.replace(/O/g, '0').replace(/[IL|]/g, '1')),
    text,
  )
const LETTERS_FOR_FIGURES: readonly RegExp[] = [
  // Before a unit, or about a point.
  /(?<![A-Z0-9.,|])(?=[OIL|\d]{0,6}[.,\d])[OIL|\d]{0,6}[.,]?[OIL|\d]{1,6}(?=\s?(?:MM|KGS?|LBS?|IN|INCH|"|THOU)\b|\s?")|(?<![A-Z0-9])[OIL|\d]?[.,][OIL|\d]{1,3}(?![A-Z0-9]|[.,]\d)/g,
  // All letters, before a mass: `l kg`, `IO lb`.
  /(?<![A-Z0-9.,|])[IL|][OIL|]{0,2}(?=\s(?:KGS?|LBS?)\b)/g,
  // Fractions of an inch, and thousandths with their nought: `I/16`, `O35`.
  /(?<![A-Z0-9.,/|])[IL|](?=\/(?:8|16|32|64)\b)/g,
  /(?<![A-Z0-9.,/-])[O0][2-9][O0-9](?![A-Z0-9.,/-])/g,
  // Numbers and years of standards.
  /(?<=\bISO\s?)[OIL|\d]{4,5}(?=[\s:-])|(?<=\bISO\s?[OIL|\d]{4,5}(?:-[AB])?:)2[OIL|\d]{3}\b/g,
]

/** A composition that only repeats the alloy: `(AlMg5Cr(A))`, `(CuSi3Mn1)`, `(NiCr20Mn3Nb)`. */
const IN_BRACKETS = /\((?:AL|CU|NI)[A-Z0-9., ]*(?:\([A-Z]\)[A-Z0-9., ]*)*\)/g
export const withoutFormulas = (text: string): string => text.replace(IN_BRACKETS, ' ')

/** A dash between the name and the size is a dash: `ER70S-6 - .035`, `ER70S-6-0.9 mm`. */
export const withoutDashes = (text: string): string =>
  text.replace(
    /(?<=[A-Z0-9)])\s?-\s?(?=(?:[.,]\d{2,3}|[0-3][.,]\d{1,3}|0\d\d)(?:\s?(?:MM|IN|"))?(?![A-Z0-9.,-]))/g,
    ' ',
  )

/** Takes out what is not the wire: names of standards, lot and heat numbers. */
export function setAside(text: string): { rest: string; aside: string[] } {
  const aside: string[] = []
  const rest = text.replace(STANDARD_NAME, ' ').replace(SET_ASIDE, (whole: string) => {
    aside.push(whole.replace(/[\s:#]+/g, ' ').trim())
    return ' '
  })
  return { rest, aside }
}

/** The mass of wire: the net one where it says so, the first otherwise; a second that differs is left to be shown. */
export function takeMass(text: string): { kg: number | null; rest: string; odd: string[] } {
  const found = [...text.matchAll(MASS)].map((m) => ({
    whole: m[0],
    lead: m[1]!,
    net: m[2]!.includes('NET'),
    gross: m[2]!.includes('GROSS'),
    said: `${m[3]} ${m[4]}`,
    kg:
      Math.round(Number(m[3]!.replace(',', '.')) * KG[m[4]!.toLowerCase().replace('kgs', 'kg')]! * 1000) /
      1000,
  }))
  const chosen = found.find((m) => m.net) ?? found.find((m) => !m.gross) ?? found[0]
  const odd = found
    .filter((m) => chosen && !m.gross && Math.abs(m.kg / chosen.kg - 1) > 0.05)
    .map((m) => m.said)
  const rest = found.reduce((left, m) => left.replace(m.whole, `${m.lead} `), text)
  return { kg: chosen && chosen.kg > 0 ? chosen.kg : null, rest, odd }
}

/** Whether a word left over carries nothing that the user should be told of. */
export const isFiller = (word: string): boolean => FILLER_WORDS.test(word) || FORMULA.test(word)

/**
 * What a word may have been before a camera read it: `O` for `0`, `l` or `I` for `1`, in every combination.
 * At most six such letters are turned; more is no longer a slip.
 */
export function asScanned(word: string): string[] {
  const slips = [...word.matchAll(/[OIL|]/g)].map((m) => m.index)
  if (slips.length === 0 || slips.length > 6) return []
  return Array.from({ length: 2 ** slips.length - 1 }, (_, at) =>
    [...word]
      .map((letter, i) => {
        const slip = slips.indexOf(i)
        return slip >= 0 && (at + 1) & (1 << slip) ? (letter === 'O' ? '0' : '1') : letter
      })
      .join(''),
  )
}
