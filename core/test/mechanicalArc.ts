/**
 * A second arc to dial in on, worked out from what current does to a wire: melting by the arc and by resistance, the
 * volts lost in cable and wire, and the length of arc that is left. It imports nothing and knows no rule of dialling in.
 *
 * Melting rate a·I + b·L·I²: J. F. Lesnewich, "Control of melting rate and metal transfer in gas-shielded metal-arc
 * welding", Welding Journal 37 (1958); the coefficients are recalled from memory, for 0.9 mm steel. All else: common
 * practice, no source.
 */
export interface MechanicalArc {
  weld: (voltageV: number, wireSpeedMPerMin: number) => { arc: Heard; bead: Seen | null; good: boolean }
  /** The same weld listened to and looked at once more. */
  again: () => { arc: Heard; bead: Seen | null }
}
type Heard = 'steady' | 'stubbing' | 'long-arc' | 'burnback'
type Seen = 'good' | 'cold' | 'hot' | 'undercut' | 'spattered' | 'burnt-through' | 'not-fused'

/** mm/s a A, and mm/s a A² and mm of wire. */
const BY_ARC = 0.533
const BY_WIRE = 1.58e-4
/** Ohm: cables and contacts as usual; a mm of hot wire; what an arc takes more for each ampere. */
const CABLE = 0.01
const WIRE = 0.00157
const ARC = 0.022
/** V a mm of arc. */
const COLUMN = 0.7
/** mm of arc either side of the best in which it runs quietly; so much longer it burns back. */
const QUIET_MM = 1.25
const BURNS_MM = 5
/** Heat a mm against what the plate wants, either side of it. */
const HEAT = 0.14
const THROUGH = 1.4
const UNFUSED = 0.7

/** A at which so much wire melts, mm/s, with so much of it sticking out, mm. */
const ampsOf = (mmPerS: number, stickOut: number): number => {
  const b = BY_WIRE * stickOut
  return (-BY_ARC + Math.sqrt(BY_ARC * BY_ARC + 4 * b * mmPerS)) / (2 * b)
}
const rise = (x: number) => 1 / (1 + Math.exp(-x))

/**
 * A machine of its own: its dials off by a little, its cables longer or shorter, held nearer or farther and led faster
 * or slower than a table has it; ear and eye misread one time in ten.
 * @param table volts, m/min and mm tip to work where a table would begin
 * @param random 0 to 1, seeded
 */
export function mechanicalArc(
  table: { voltageV: number; wireSpeedMPerMin: number; tipToWorkMm: number },
  random: () => number,
): MechanicalArc {
  const about = (by: number) => (random() * 2 - 1) * by
  const off = { volts: about(1.2), feed: 1 + about(0.08), cable: CABLE + about(0.004) }
  const hand = { mm: about(2.5), travel: 1 + about(0.08) }
  const plate = 1 + about(0.07)
  const bestArc = 2.5
  const lost = (amps: number, stickOut: number, cable: number) => amps * (cable + WIRE * stickOut + ARC)
  // The volts of an arc at rest are those that make the table right on a machine that is right.
  const tableOut = table.tipToWorkMm - bestArc
  const tableA = ampsOf((table.wireSpeedMPerMin * 1000) / 60, tableOut)
  const rest = table.voltageV - lost(tableA, tableOut, CABLE) - COLUMN * bestArc
  const tableHeat = tableA * (rest + COLUMN * bestArc + ARC * tableA)

  function state(voltageV: number, wireSpeedMPerMin: number) {
    const out = table.tipToWorkMm + hand.mm
    const wire = (wireSpeedMPerMin * off.feed * 1000) / 60
    // Arc and stick-out share the distance: a few rounds settle how.
    let arcMm = bestArc
    let amps = tableA
    for (let i = 0; i < 40; i++) {
      const stickOut = Math.max(3, out - Math.min(arcMm, out - 3))
      amps = ampsOf(wire, stickOut)
      const next = (voltageV + off.volts - lost(amps, stickOut, off.cable) - rest) / COLUMN
      arcMm += 0.4 * (next - arcMm)
    }
    const arcV = rest + COLUMN * Math.max(0, arcMm) + ARC * amps
    return { over: arcMm - bestArc, heat: (amps * arcV) / hand.travel / plate / tableHeat }
  }
  let now = { arc: 'steady' as Heard, bead: 'good' as Seen | null }
  const misread = <T>(truth: T, all: readonly T[]): T => {
    if (random() >= 0.1) return truth
    const others = all.filter((x) => x !== truth)
    return others[Math.floor(random() * others.length)]!
  }
  const again = () =>
    now.arc === 'burnback'
      ? { arc: now.arc, bead: null }
      : {
          arc: misread(now.arc, ['steady', 'stubbing', 'long-arc'] as const),
          bead: misread(now.bead!, ['good', 'cold', 'hot', 'undercut', 'spattered'] as const),
        }
  function weld(voltageV: number, wireSpeedMPerMin: number) {
    const { over, heat } = state(voltageV, wireSpeedMPerMin)
    const soft = 0.3
    const chance = random()
    const arc: Heard =
      rise((over - BURNS_MM) / soft) > chance
        ? 'burnback'
        : rise((over - QUIET_MM) / soft) > chance
          ? 'long-arc'
          : rise((-over - QUIET_MM) / soft) > 1 - chance
            ? 'stubbing'
            : 'steady'
    const pick = (a: Seen, b: Seen, share: number) => (random() < share ? a : b)
    const byHeat = (): Seen =>
      heat > 1 + HEAT
        ? heat > THROUGH
          ? 'burnt-through'
          : 'hot'
        : heat < 1 - HEAT
          ? heat < UNFUSED
            ? 'not-fused'
            : 'cold'
          : 'good'
    const bead =
      arc === 'burnback'
        ? null
        : arc === 'stubbing'
          ? pick('spattered', heat < UNFUSED ? 'not-fused' : 'cold', 0.5)
          : arc === 'long-arc'
            ? pick('undercut', pick('spattered', heat > 1 ? 'hot' : 'undercut', 0.6), 0.4)
            : byHeat()
    now = { arc, bead }
    return { ...again(), good: arc === 'steady' && bead === 'good' }
  }
  return { weld, again }
}

/**
 * Whether a turn goes against what was just reported: more volts or less wire for a long arc, fewer volts or more wire
 * where it stubs, more of either where the bead is hot, less of either where it is cold.
 */
export function against(
  report: { arc: Heard; bead: Seen | null },
  from: { voltageV: number; wireSpeedMPerMin: number },
  to: { voltageV: number; wireSpeedMPerMin: number },
): boolean {
  const volts = Math.sign(Math.round((to.voltageV - from.voltageV) * 100))
  const wire = Math.sign(Math.round((to.wireSpeedMPerMin / from.wireSpeedMPerMin - 1) * 100))
  if (report.arc === 'long-arc' || report.arc === 'burnback') return volts > 0 || wire < 0
  if (report.arc === 'stubbing') return volts < 0 || wire > 0
  if (report.bead === 'hot' || report.bead === 'burnt-through') return volts > 0 || wire > 0
  if (report.bead === 'cold' || report.bead === 'not-fused') return volts < 0 || wire < 0
  return report.bead === 'undercut' && volts > 0
}
