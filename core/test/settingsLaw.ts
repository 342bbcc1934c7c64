import {
  ALL_ROWS,
  arcGasOf,
  rowFor,
  startNotes,
  type Mixture,
  type Position,
  type StartSettings,
} from '../src/index.ts'

/** What is wrong with a start beside its gas, transfer and position; empty when nothing is. */
export function faults(
  s: StartSettings,
  job: { thicknessMm: number; position?: Position | undefined },
  gas: Mixture | null,
): string[] {
  const bad: string[] = []
  const position = job.position ?? 'flat'
  const lying = position === 'flat' || position === 'horizontal'
  const says = startNotes(s).join(' ')
  if (!s.row) {
    if (s.currentA || s.voltageV || s.wireSpeedMPerMin || s.transfer) bad.push('figures without a row')
    if (!/maker’s sheet/.test(says)) bad.push('nowhere to turn to')
    return bad
  }
  // The widest that any row of this group and size says: no figure may lie outside.
  const rows = ALL_ROWS.filter(
    (r) => r.group === s.row!.group && (gas ? r.gases.includes(arcGasOf(gas)) : r.gases.length === 0),
  )
  const span = (of: (r: (typeof rows)[number]) => readonly [number, number] | null | undefined) => {
    const all = rows
      .filter((r) => (s.row!.between ?? [s.row!.sizeMm]).includes(r.sizeMm))
      .flatMap((r) => (of(r) ? [of(r)!] : []))
    return [Math.min(...all.map((x) => x[0])), Math.max(...all.map((x) => x[1]))] as const
  }
  const inside = (what: string, value: number | undefined, [low, high]: readonly [number, number]) => {
    if (value !== undefined && Number.isFinite(low) && (value < low - 1e-9 || value > high + 1e-9))
      bad.push(`${what} ${value} outside ${low} to ${high}`)
  }
  inside(
    'A',
    s.currentA?.value,
    span((r) => r.currentA),
  )
  inside(
    'V',
    s.voltageV?.value,
    span((r) => r.voltageV),
  )
  inside(
    'm/min',
    s.wireSpeedMPerMin?.value,
    span((r) => r.wireSpeedMPerMin),
  )
  inside(
    'mm',
    s.tipToWorkMm?.value,
    span((r) => r.tipToWorkMm),
  )
  for (const b of [s.currentA, s.voltageV, s.wireSpeedMPerMin, s.tipToWorkMm])
    if (b && !(b.low <= b.value + 1e-9 && b.value <= b.high + 1e-9)) bad.push('a band that misses its figure')
  if (s.transfer === 'spray' && gas && (gas.CO2 ?? 0) > 50) bad.push('spray under CO2')
  if (s.transfer === 'spray' && !lying && !s.row.fromFlat) bad.push('spray out of position')
  if (s.transfer === 'short-arc' && /Coarse drops, more/.test(says)) bad.push('coarse drops of a short arc')
  if (/80 % argon/.test(says) && gas && (gas.Ar ?? 0) >= 80) bad.push('told to take the argon it has')
  if (lying && /in this position/.test(says)) bad.push('held in a position it is not in')
  if (s.notes.includes('wire-range-low') && s.notes.includes('wire-range-high'))
    bad.push('too thick and too thin at once')
  if (
    rowFor({ group: s.row.group, sizeMm: s.row.sizeMm, gas: null, position, thicknessMm: job.thicknessMm }) &&
    gas
  )
    bad.push('a gasless row under gas')
  return bad
}
