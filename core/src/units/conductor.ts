import { read, type Read } from '../base/problem.ts'
import type { UnitSystem } from './format.ts'
import { parseQuantity } from './parse.ts'

/** Section of an AWG conductor, mm2. published: ASTM B258, d = 0.005 in x 92^((36 - n) / 39) */
export const awgMm2 = (n: number): number => (Math.PI / 4) * (0.127 * 92 ** ((36 - n) / 39)) ** 2

/** Nearest whole gauge of a section, and how far off it is, as a share. */
function nearestAwg(mm2: number): { n: number; off: number } {
  const d = Math.sqrt((4 * mm2) / Math.PI)
  const n = Math.round(36 - (39 * Math.log(d / 0.127)) / Math.log(92))
  return { n, off: Math.abs(awgMm2(n) / mm2 - 1) }
}

/** Section of a conductor, mm2: `2.5`, `2.5 mm2`, `12 AWG`, `#10`; a bare whole number is AWG where inches are. */
export function parseConductorMm2(text: string, defaultUnit: 'mm2' | 'awg' = 'mm2'): Read<number> {
  const t = text.normalize('NFKC').trim().toLowerCase()
  const gauge =
    /^#\s*(\d{1,2})$/.exec(t) ??
    /^(\d{1,2})\s*(?:awg|ga|gauge)$/.exec(t) ??
    (defaultUnit === 'awg' ? /^(\d{1,2})$/.exec(t) : null)
  return gauge ? read(awgMm2(Number(gauge[1]))) : parseQuantity(t, { mm2: 1, sqmm: 1 }, 'mm2')
}

/** `3.3 mm²`, or `12 AWG` where the shop counts in inches and the section is one. */
export function formatConductor(mm2: number, system: UnitSystem): string {
  const { n, off } = nearestAwg(mm2)
  return system === 'inch' && n >= 0 && off < 0.03 ? `${n} AWG` : `${Number(mm2.toPrecision(2))} mm²`
}
