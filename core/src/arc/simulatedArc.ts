import { seeded } from '../feed/random.ts'

/** The bench's stand-in: a machine whose best point nobody knows, and a welder who now and then misreads it. */
export interface SimulatedArc {
  /** A test weld at these settings. */
  weld: (voltageV: number, wireSpeedMPerMin: number) => Weld
  /** Where it really runs best; for whoever marks the result, never for whoever dials in. */
  readonly best: { voltageV: number; wireSpeedMPerMin: number }
}
export interface Weld {
  /** Volts as a meter shows them, with the noise of the arc. */
  meterV: number
  currentA: number
  /** Short circuits a second. */
  shortsPerS: number
  sound: 'fry' | 'pop' | 'hiss' | 'stutter'
  bead: 'good' | 'ropey' | 'flat' | 'burnt-through' | 'none'
  /** As a welder would report it: one in ten is misread. */
  symptom: 'good' | 'stubbing' | 'long-arc' | 'burnback' | 'too-cold' | 'too-hot'
}

const MISREAD = 0.1
/** A good weld lies within so many volts of the best for its speed, and so much of the best speed. */
const GOOD_V = 0.9
const GOOD_SPEED = 0.13

/**
 * A seeded arc about a nominal point: its best lies up to 2 V and 20 % of wire speed away.
 * @param nominal where a table would put it, and the current there
 */
export function simulatedArc(
  nominal: { voltageV: number; wireSpeedMPerMin: number; currentA: number },
  seed: number,
): SimulatedArc {
  const random = seeded(seed)
  const best = {
    voltageV: nominal.voltageV + (random() * 4 - 2),
    wireSpeedMPerMin: nominal.wireSpeedMPerMin * (1 + (random() * 0.4 - 0.2)),
  }
  // How many volts more a doubled wire speed wants, on this machine.
  const coupling = 4 + 4 * random()
  const noise = () => random() + random() + random() - 1.5
  return {
    best,
    weld(voltageV, wireSpeedMPerMin) {
      const heat = wireSpeedMPerMin / best.wireSpeedMPerMin - 1
      const arc = voltageV - best.voltageV - coupling * heat
      const truth: Weld['symptom'] =
        arc < -GOOD_V
          ? 'stubbing'
          : arc > 3.5
            ? 'burnback'
            : arc > GOOD_V
              ? 'long-arc'
              : heat > GOOD_SPEED
                ? 'too-hot'
                : heat < -GOOD_SPEED
                  ? 'too-cold'
                  : 'good'
      const MISTAKEN: Record<Weld['symptom'], Weld['symptom']> = {
        good: 'too-cold',
        stubbing: 'too-cold',
        'long-arc': 'too-hot',
        burnback: 'long-arc',
        'too-cold': 'stubbing',
        'too-hot': 'long-arc',
      }
      const misread = random() < MISREAD
      return {
        meterV: voltageV + 0.3 * noise(),
        currentA:
          nominal.currentA * (wireSpeedMPerMin / nominal.wireSpeedMPerMin) ** 0.8 * (1 + 0.03 * noise()),
        shortsPerS: Math.max(0, 110 - 30 * Math.abs(arc) + 8 * noise()),
        sound:
          truth === 'stubbing'
            ? 'stutter'
            : truth === 'burnback'
              ? 'pop'
              : truth === 'long-arc'
                ? 'hiss'
                : 'fry',
        bead:
          truth === 'good'
            ? 'good'
            : truth === 'burnback'
              ? 'none'
              : truth === 'too-hot'
                ? 'burnt-through'
                : truth === 'long-arc'
                  ? 'flat'
                  : 'ropey',
        symptom: misread ? MISTAKEN[truth] : truth,
      }
    },
  }
}
