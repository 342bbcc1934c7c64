import { seeded } from '../base/random.ts'
import type { SizedWire } from '../wire/wire.ts'
import { currentOfSpeedA } from './burnOff.ts'
import { transferAt } from './transfer.ts'

/** What may be wrong with the machine besides its settings. */
export const ARC_FAULTS = ['no-gas', 'wrong-polarity', 'worn-tip', 'slipping-rolls'] as const
export type ArcFault = (typeof ARC_FAULTS)[number]

/** What stands at the bench. */
export interface ArcBench {
  wire: Pick<SizedWire, 'family' | 'diameterMm' | 'exactMm'>
  /** As `arcGasOf` gives it; `null` without. */
  gas: string | null
  /** Where a table would set it: volts, m/min, and the electrode extension meant, mm. */
  nominal: { voltageV: number; wireSpeedMPerMin: number; extensionMm: number }
  faults?: readonly ArcFault[]
}

/** The bench's stand-in: a machine whose best point nobody knows, and a welder who now and then misreads it. */
export interface SimulatedArc {
  /** A test weld at these settings, with the extension meant unless another is held, mm. */
  weld: (voltageV: number, wireSpeedMPerMin: number, extensionMm?: number) => SimulatedWeld
  /** Where it really runs best; for whoever marks the result, never for whoever dials in. */
  readonly best: { voltageV: number; wireSpeedMPerMin: number }
}
type Heard = 'steady' | 'stubbing' | 'long-arc' | 'burnback'
type Seen = 'good' | 'cold' | 'hot' | 'undercut' | 'spattered' | 'porous'
interface Report {
  arc: Heard
  bead: Seen | null
}
export interface SimulatedWeld {
  /** Volts as a meter shows them, with the noise of the arc. */
  meterV: number
  currentA: number
  /** Short circuits a second; next to none in spray. */
  shortsPerS: number
  sound: 'crackle' | 'hiss' | 'stutter' | 'pop' | 'soft roar'
  /** What lies on the plate; `none` after a burnback. */
  bead: Seen | 'none'
  /** As a welder would report it, ear and eye each misread one time in ten. */
  report: Report
  /** The same weld listened to and looked at once more, misread as easily. */
  again: () => Report
}

const MISREAD = 0.1
/** A good weld lies within so many volts of the best for its speed, and so much of the best speed. */
const GOOD_V = 0.9
const GOOD_SPEED = 0.13
const BURNBACK_V = 3.5
/** Volts an extra millimetre of extension takes from the arc. */
const V_PER_MM = 0.08

/** A burnback is not misread: the wire sits in the tip. */
const HEARD: readonly Heard[] = ['steady', 'stubbing', 'long-arc']
const SEEN: readonly Seen[] = ['good', 'cold', 'hot', 'undercut', 'spattered']

/**
 * A seeded arc about a nominal point: its best lies up to 2 V and 20 % of wire speed away, and how many volts more a
 * faster wire wants differs from machine to machine.
 */
export function simulatedArc(bench: ArcBench, seed: number): SimulatedArc {
  const random = seeded(seed)
  const { wire, gas, nominal } = bench
  const fault = (name: ArcFault) => bench.faults?.includes(name) ?? false
  const best = {
    voltageV: nominal.voltageV + (random() * 4 - 2),
    wireSpeedMPerMin: nominal.wireSpeedMPerMin * (1 + (random() * 0.4 - 0.2)),
  }
  const coupling = 4 + 4 * random()
  const noise = () => random() + random() + random() - 1.5
  const amps = (speed: number, extension: number) =>
    currentOfSpeedA(wire.family, wire.exactMm, speed, extension)
  const misread = <T>(truth: T, all: readonly T[], not?: T): T => {
    if (random() >= MISREAD) return truth
    const others = all.filter((word) => word !== truth && word !== not)
    return others[Math.floor(random() * others.length)]!
  }
  return {
    best,
    weld(voltageV, wireSpeedMPerMin, extensionMm = nominal.extensionMm) {
      const fed = wireSpeedMPerMin * (fault('slipping-rolls') ? 0.6 + 0.3 * random() : 1)
      // On the wrong polarity the wire melts slower in the middle and asks for more speed.
      const wanted = best.wireSpeedMPerMin * (fault('wrong-polarity') ? 1.2 : 1)
      const currentA = amps(fed, extensionMm)
      const heat = (fed / wanted) * (currentA / amps(fed, nominal.extensionMm)) - 1
      const arcV = voltageV - best.voltageV - coupling * heat - V_PER_MM * (extensionMm - nominal.extensionMm)
      const heard: Heard =
        arcV < -GOOD_V
          ? 'stubbing'
          : arcV > (fault('worn-tip') ? GOOD_V : BURNBACK_V)
            ? 'burnback'
            : arcV > GOOD_V
              ? 'long-arc'
              : 'steady'
      const half = random() < 0.5
      const lies = (): Seen => {
        if (fault('no-gas')) return 'porous'
        if (fault('wrong-polarity')) return 'spattered'
        if (heard === 'stubbing') return half ? 'cold' : 'spattered'
        if (heard === 'long-arc') return half ? 'undercut' : 'spattered'
        return heat > GOOD_SPEED ? 'hot' : heat < -GOOD_SPEED ? 'cold' : 'good'
      }
      const bead = heard === 'burnback' ? 'none' : lies()
      const report = (): Report => {
        const arc = heard === 'burnback' ? heard : misread(heard, HEARD)
        if (bead === 'none' || bead === 'porous') return { arc, bead: bead === 'none' ? null : bead }
        // Which symptom it is may be misread; that there is one is not: nothing bad is called good all over.
        return { arc, bead: misread(bead, SEEN, arc === 'steady' ? 'good' : undefined) }
      }
      const transfer = transferAt(wire.family, wire.diameterMm, gas, currentA)
      const shorting = transfer === 'short-arc' || (transfer === 'slag' && arcV < 0)
      const SOUNDS = { stubbing: 'stutter', 'long-arc': 'hiss', burnback: 'pop' } as const
      return {
        meterV: voltageV + 0.3 * noise(),
        currentA: currentA * (1 + 0.03 * noise()),
        shortsPerS: shorting ? Math.max(0, 110 - 30 * Math.abs(arcV) + 8 * noise()) : 0,
        sound: heard === 'steady' ? (shorting ? 'crackle' : 'soft roar') : SOUNDS[heard],
        bead,
        report: report(),
        again: report,
      }
    },
  }
}
