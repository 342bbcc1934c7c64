import type { Material } from '../terms/terms.ts'
import { LIGHT } from './light.ts'
import type { Metal } from './metal.ts'
import { STAINLESS } from './stainless.ts'
import { STEELS } from './steels.ts'

/** Every parent metal a row is here for. */
export const METALS: readonly Metal[] = [...STEELS, ...STAINLESS, ...LIGHT]

/** Words that stand beside a grade and do not name one. */
const BESIDE =
  /^(?:AISI|ASTM|SAE|UNS|EN|DIN|AW|AC|ISO|JIS|BS|WNR|NR|NO|W|GRADE|GR|TYPE|TP|TYP|ALLOY|SS|INOX|PLATE|SHEET|TUBE|PIPE|BAR|STEEL|STAHL|BLECH|ACERO|CHAPA|TEMPER|ALU|ALUMINIUM|ALUMINUM|STAINLESS|CASTING|CAST|N|AR|QT|UH|M|U|\+)$/
/** Tempers, and how plate was delivered: the metal is the same. */
const TEMPER = /^(?:T\d{1,4}|H\d{1,3}|F|O|T\d[A-Z]?)$/
/** `S355J2+N` and `S690QL1+QT` are delivered so. */
const wordsOf = (text: string): string[] =>
  text
    .toUpperCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036F]/g, '')
    .replace(/(\d),(\d)/g, '$1.$2')
    .split(/[\s\-–—_+/()"']+/)
    .map((word) => word.replace(/[^A-Z0-9&%½¼]/g, '').replace(/^(?:SS|AISI|SAE|ASTM|TP)(?=\d)/, ''))
    .filter(Boolean)
const keyOf = (text: string): string => wordsOf(text).join('')

const BY_KEY = new Map<string, Metal[]>()
for (const metal of METALS)
  for (const grade of metal.grades) {
    const key = keyOf(grade)
    BY_KEY.set(key, [...new Set([...(BY_KEY.get(key) ?? []), metal])])
  }

/** Of several metals of one name, such as `cast`, the one of the job's kind; none where it is of none. */
const among = (found: readonly Metal[], material: Material | undefined): Metal | undefined =>
  found.length === 1
    ? found[0]
    : found.find(({ materials }) => material !== undefined && materials.includes(material))

/**
 * The metal that a text names, in any usual spelling: `6061-T6`, `EN AW-6082`, `duplex 2205`, `A572 Gr 50`.
 * @param material what the job already says: of two metals of one name, the one of that kind
 * @returns nothing where no row knows it, or it names two metals
 */
export function readMetal(text: string | undefined, material?: Material): Metal | undefined {
  if (text === undefined || text.length > 200) return undefined
  const whole = BY_KEY.get(keyOf(text))
  if (whole) return among(whole, material)
  // The longest run of words that names one; what stands beside it must not name another.
  const words = wordsOf(text)
  const named = (from: number, to: number) => BY_KEY.get(words.slice(from, to).join(''))
  let vague = false
  const found: { metal: Metal; numbered: boolean }[] = []
  for (let at = 0; at < words.length;) {
    let to = words.length
    while (to > at && !named(at, to)) to--
    if (to === at) {
      if (!BESIDE.test(words[at]!) && !TEMPER.test(words[at]!)) return undefined
      at++
      continue
    }
    const metal = among(named(at, to)!, material)
    const numbered = words.slice(at, to).some((word) => /\d/.test(word))
    // A word that names two metals says nothing by itself, and nothing against a grade beside it.
    if (!metal && numbered) return undefined
    if (!metal) vague = true
    else found.push({ metal, numbered })
    at = to
  }
  // Beside a grade with a number a word such as `cast` says nothing more.
  const graded = found.filter(({ numbered }) => numbered)
  if (vague && graded.length === 0) return undefined
  const [first, ...others] = [...new Set((graded.length ? graded : found).map(({ metal }) => metal))]
  return others.length ? undefined : first
}

/** What was typed as a metal: what it is, and what may be meant while it is typed. */
export interface MetalTyped {
  /** `undefined`: in no row. */
  id: string | undefined
  /** What the job’s metal may be with it, the likeliest first. */
  materials: readonly Material[]
  asksWatch: boolean
  like: readonly string[]
}
/** @param most names to complete it by, the shortest first */
export function metalTyped(typed: string, material?: Material, most = 8): MetalTyped {
  const metal = readMetal(typed, material)
  const key = keyOf(typed)
  const hits = key ? GRADES.filter((one) => one.key.includes(key)) : []
  const like = [...hits]
    .sort(
      (a, b) => Number(b.key.startsWith(key)) - Number(a.key.startsWith(key)) || a.key.length - b.key.length,
    )
    .map(({ grade }) => grade)
  return {
    id: metal?.id,
    materials: metal?.materials ?? [],
    asksWatch: metal?.fume.includes('beryllium') ?? false,
    like: [...new Set(like)].slice(0, most),
  }
}
const GRADES = METALS.flatMap(({ grades }) => grades.map((grade) => ({ grade, key: keyOf(grade) })))

/** A job without a named grade stands for the ordinary one of its kind, where there is one. */
const ORDINARY: Partial<Record<Material, string>> = {
  'mild-steel': 'carbon',
  'galvanised-steel': 'galvanised',
  'cast-iron': 'grey-iron',
}
export const ordinaryMetal = (material: Material): Metal | undefined =>
  METALS.find(({ id }) => id === ORDINARY[material])
