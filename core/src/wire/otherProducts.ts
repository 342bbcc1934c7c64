import { say, type Said } from '../base/codes.ts'

/** Rods and their processes, in the languages of boxes; `MIG/TIG` on a box of wire is none. */
const TIG = /\b(?:GTAW|TIG|WIG)\b(?![\s/&+-]*(?:MIG|MAG)\b)/
const ROD =
  /\b(?:FILLER|WELDING|BRAZING)?\s?RODS?\b|\bWIG-?ST(?:A|Ä)BE?\b|\bVARILLAS?\b|\bBACCHETT[AE]\b|\bBAGUETTES?\b/
/** The standards’ own titles say "electrodes and rods": a box of wire may carry the word. */
const ON_A_SPOOL =
  /\b(?:MIG|MAG|GMAW|FCAW|SPOOLS?|SPULEN?|BOBINAS?|BOBINES?|BOBINE|COILS?|DRUMS?|K ?300|S ?[123]00|ELECTRODES? AND RODS?|RODS? AND ELECTRODES?)\b/
const ALSO_MIG = /\b(?:MIG|MAG)[\s/&+-]*(?:TIG|WIG)\b/
/** published: AWS A5.17 and A5.23, ISO 14171, recalled from memory. */
const SUB_ARC =
  /(?<![A-Z0-9-])(?:F\d{1,2}[AP][0-9Z]-[A-Z0-9-]+|E[LMH]\d{1,2}K?|EA[1-4]|S[1-4](?:SI|MO|NI\d?(?:MO)?|CRMO\d?)(?![A-Z0-9]))(?![A-Z0-9])|\b(?:SUBMERGED[\s-]?ARC|SAW|UP-?DRAHT|UNTERPULVER)\b/
/** published: AWS A5.16, ISO 24034, recalled from memory. */
const TITANIUM = /(?<![A-Z0-9])(?:ERTI-?\d{1,2}[A-Z]*|S\s?TI\s?\d{4})(?![0-9])|\bTITANIUM\b|\bTITAN\b/
/** published: DIN 8555, EN 14700, recalled from memory. */
const HARDFACING =
  /(?<![A-Z0-9])(?:(?:MF|MSG|UP|MSP)\s?\d{1,2}-(?:GF|GZ|UM)-?[A-Z0-9-]*|[TS]\s?Z?\s?(?:FE|CO)\d{1,2})(?![A-Z0-9])|\bHARD-?\s?FACING\b|\bAUFTRAG\w*|\bRECARGUE\b|\bHRC\b/
/** Covered electrodes by their figures alone. published: AWS A5.1, recalled from memory. */
const STICK =
  /(?<![A-Z0-9.,/-])(?:60(?:10|11|12|13|20|27)|70(?:14|15|16|18|24|28)|80(?:10|16|18)|90(?:16|18)|110?18)(?![A-Z0-9.,/])/

/**
 * What a text names that no wire feeder runs, by what it is.
 * @param text made even: upper case
 * @param read whether a wire was read in it: a rod carries the name of a wire, the rest does not
 */
export function otherProduct(text: string, read: boolean): Said | undefined {
  const tig = ALSO_MIG.test(text) ? null : (TIG.exec(text) ?? (ON_A_SPOOL.test(text) ? null : ROD.exec(text)))
  if (tig) return say('label.rodForTig', tig[0].trim())
  const hard = HARDFACING.exec(text)
  if (hard) return say('label.hardfacing', hard[0].trim())
  if (read) return undefined
  const arc = SUB_ARC.exec(text)
  if (arc) return say('label.subArc', arc[0].trim())
  const titanium = TITANIUM.exec(text)
  if (titanium) return say('label.titanium', titanium[0].trim())
  const stick = STICK.exec(text)
  return stick ? say('label.stickElectrode', stick[0]) : undefined
}
