import {
  CATALOGUE,
  changeoverAnswer,
  changeoverRequestSchema,
  isSized,
  judgeWire,
  METALS,
  metalsOf,
  planChangeover,
  POSITIONS,
  readLabel,
  startSettings,
  suggestWires,
  arcGasOf,
  currentOnRow,
  rowOf,
  USUAL_MIXTURES,
  type Machine,
} from '../src/index.ts'
import type { Dice } from './otherSetups.ts'

export const THICKNESSES_MM = [0.8, 1.5, 3, 6, 12, 25, 50] as const

/** What is wrong with the suggestions of every row in every thickness and position. @param each of so many is asked */
export function wrongSuggestions(each = 1): { asked: number; wrong: string[] } {
  const wrong: string[] = []
  let asked = 0
  for (const metal of METALS)
    for (const material of metal.materials)
      for (const thicknessMm of THICKNESSES_MM)
        for (const position of [undefined, ...POSITIONS]) {
          if (asked++ % each) continue
          const job = { material, alloy: metal.grades[0]!, thicknessMm, position }
          const { joint } = metalsOf(job)
          for (const { classification, diameterMm } of suggestWires(job).wires) {
            const at = `${classification} ${diameterMm} for ${JSON.stringify(job)}`
            if (diameterMm === null) {
              if (!/^ERNi/.test(classification)) wrong.push(`not read: ${at}`)
              continue
            }
            const entry = CATALOGUE.find((e) => e.classification === classification)
            if (!entry?.diametersMm.includes(diameterMm)) wrong.push(`not sold: ${at}`)
            const read = readLabel(classification)
            if (!read.ok || judgeWire(read.value.wire, joint!)?.is === 'never') wrong.push(`never: ${at}`)
            if (position && read.ok && !read.value.wire.positions.includes(position))
              wrong.push(`position: ${at}`)
          }
        }
  return { asked, wrong }
}

/** What is wrong with the starts of every wire on every kind of metal it joins, under each of its usual gases. */
export function wrongStarts(
  machine: Pick<Machine, 'output' | 'wireSpeedMPerMin'>,
  each = 1,
): {
  asked: number
  wrong: string[]
} {
  const wrong: string[] = []
  let asked = 0
  for (const { classification, diametersMm } of CATALOGUE)
    for (const mm of diametersMm) {
      const read = readLabel(`${classification} ${mm.toFixed(1)} mm`)
      if (!read.ok || !isSized(read.value.wire)) {
        wrong.push(`unread: ${classification} ${mm}`)
        continue
      }
      const { wire } = read.value
      const gases = wire.gas.needed
        ? wire.gas.designations.flatMap((d) => (USUAL_MIXTURES[d] ?? []).map(arcGasOf))
        : [null]
      for (const material of wire.joins)
        for (const thicknessMm of THICKNESSES_MM)
          for (const position of POSITIONS)
            for (const gas of gases) {
              if (asked++ % each) continue
              const start = startSettings(wire, { material, thicknessMm, position }, gas, machine)
              const at = `${classification} ${mm} on ${thicknessMm} mm ${material} ${position} ${gas}`
              const [amps, speed] = [start.currentA?.value, start.wireSpeedMPerMin?.value]
              if (amps !== undefined && amps > machine.output!.maxA! + 1e-9) wrong.push(`amperes: ${at}`)
              if (speed !== undefined && speed > machine.wireSpeedMPerMin!.max + 1e-9)
                wrong.push(`speed: ${at}`)
              const volts = start.voltageV?.value
              if (volts !== undefined && volts > machine.output!.maxV! + 1e-9) wrong.push(`volts: ${at}`)
              // One solution: the speed melts at the current, unless no current of the machine melts it.
              const row = rowOf(start, wire, { material, thicknessMm, position }, gas)
              const melts = row && speed !== undefined ? currentOnRow(row, wire, speed) : null
              if (amps !== undefined && melts != null && Math.abs(melts / amps - 1) > 0.01 && melts < amps)
                wrong.push(`${amps.toFixed(0)} A where ${melts.toFixed(0)} A melt the wire: ${at}`)
              if (speed !== undefined && speed < machine.wireSpeedMPerMin!.min - 1e-9)
                wrong.push(`speed: ${at}`)
            }
    }
  return { asked, wrong }
}

/** Names of wires in a text: `ER5356`, `E71T-1`, `ERCuSi-A`. */
const NAMED =
  /\bER(?:Cu[A-Za-z-]*|Ni[A-Za-z0-9-]+|\d{2,4}[A-Z]*(?:-[A-Za-z0-9]+|LSi|LMo|NiMo|Nb|L|H|Si|Mo)*)/g
/** Alloys by their number alone: `309L`, `5356`; figures with a unit are none. */
const NUMBERED =
  /(?<![\d.,A-Za-z-])(?:30[789]|31[0267]|347|385|2209|2307|2594|4043|4047|4145|5183|5356|5554|5556)(?![\d.,]|\s?(?:A|mm|MPa|ksi|°|min|%|V|N|L\/|W)\b)/g
/** What is wrong with a plan of this wire on this metal: another wire named than its own or the metal’s, or none made. */
export function wrongPlan({ of: one }: Dice, machines: readonly Machine[]): string | undefined {
  const metal = one(METALS)
  const material = one(metal.materials)
  const entry = one(CATALOGUE)
  const mm = one(entry.diametersMm)
  const request = changeoverRequestSchema.parse({
    machine: one(machines),
    wire: { label: `${entry.classification} ${mm.toFixed(1)} mm` },
    job: {
      material,
      alloy: one(metal.grades),
      thicknessMm: one(THICKNESSES_MM),
      position: one(POSITIONS),
      surveillance: true,
    },
  })
  const at = JSON.stringify([request.machine.name, request.wire, request.job])
  const made = planChangeover(request)
  if (!made.ok) return `${at}: ${JSON.stringify(made.problems)}`
  const { joint } = metalsOf(request.job!)
  const answer = changeoverAnswer(made.value)
  const said = JSON.stringify([answer.notes, answer.problems, answer.steps.map((s) => [s.text, s.hazards])])
  const own = [entry.classification, ...(joint?.first ?? []), request.job!.alloy!, ...metal.grades]
  const others = [...said.matchAll(NAMED), ...said.matchAll(NUMBERED)].map(([name]) => name)
  const wrongOnes = others.filter((name) => !own.some((mine) => mine.includes(name) || name.startsWith(mine)))
  // The way out of a wire that cannot join the metal names one that can.
  const joins = made.value.context.wire.joins.includes(material)
  return wrongOnes.length && joins ? `${at}: names ${[...new Set(wrongOnes)].join(', ')}` : undefined
}
