/** The two ways a shop counts. `metric`: mm, m/min, L/min, kg. `inch`: in, ipm, cfh, lb. */
export type UnitSystem = 'metric' | 'inch'

const trim = (value: number, digits: number) => {
  const text = value.toFixed(digits)
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text
}
/** Inches as the trade writes them: `.035`, no leading nought, three places. */
const thou = (mm: number) => (mm / 25.4).toFixed(3).replace(/^0/, '')

/** Inches as a rule has them: `5/64`, `1 1/2`. */
function ruleInches(mm: number, parts: number): string {
  const n = Math.max(1, Math.round((mm / 25.4) * parts))
  const [whole, rest] = [Math.floor(n / parts), n % parts]
  const by = [...Array(Math.log2(parts) + 1).keys()].map((i) => 2 ** i).findLast((d) => rest % d === 0)!
  return [whole > 0 ? String(whole) : '', rest > 0 ? `${rest / by}/${parts / by}` : '']
    .filter(Boolean)
    .join(' ')
}
/** A length that is exactly so many sixteenths, to what a thickness is rolled to, mm. */
const isRuled = (mm: number) => Math.abs(mm - (Math.round((mm / 25.4) * 16) / 16) * 25.4) < 0.01 && mm > 1

/**
 * A small length such as a thickness or a gap, in mm: what is measured, to the digits that are known. Inches are
 * sixteenths where it is just that many, else thousandths below an inch.
 */
export const formatLength = (mm: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${trim(mm, mm < 1 ? 2 : 1)} mm`
    : isRuled(mm)
      ? `${ruleInches(mm, 16)} in`
      : mm >= 25.4
        ? `${trim(mm / 25.4, 2)} in`
        : `${thou(mm)} in`

/**
 * A length held or set by eye, in mm, as a welder says it: whole or half millimetres, or what a rule shows in inches,
 * 64ths below 4 mm, sixteenths below 10 mm, eighths above.
 */
export const formatAbout = (mm: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${mm < 4 ? trim(Math.round(mm * 2) / 2, 1) : Math.round(mm)} mm`
    : `${ruleInches(mm, mm < 4 ? 64 : mm < 10 ? 16 : 8)} in`

/** A length to cut to, as a rule shows it: half millimetres, hundredths of an inch. */
export const formatCut = (mm: number, system: UnitSystem): string =>
  system === 'metric' ? `${Math.round(mm * 2) / 2} mm` : `${trim(mm / 25.4, 2)} in`

/** A lead or liner, in metres. */
export const formatLead = (m: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(m, 1)} m` : `${trim(m / 0.3048, 0)} ft`

export const formatSpeed = (mPerMin: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(mPerMin, 1)} m/min` : `${trim(mPerMin / 0.0254, 0)} ipm`

/** Volts as a meter on a machine shows them. */
export const formatVolts = (v: number): string => `${trim(v, 1)} V`

export const formatDraught = (mPerS: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(mPerS, 1)} m/s` : `${trim(mPerS / 0.44704, 1)} mph`

/** Fahrenheit to the nearest five, as preheats are written. */
export const formatTemperature = (c: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(c, 0)} °C` : `${Math.round((c * 1.8 + 32) / 5) * 5} °F`

export const formatFlow = (lPerMin: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${trim(lPerMin, lPerMin < 10 ? 1 : 0)} L/min`
    : `${trim((lPerMin * 60) / 28.316846592, 0)} cfh`

export const formatMass = (kg: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(kg, kg < 10 ? 1 : 0)} kg` : `${trim(kg / 0.45359237, kg < 4.5 ? 1 : 0)} lb`

/** Minutes of work, to half a minute below ten. */
export const formatMinutes = (minutes: number): string =>
  minutes < 10 ? `${trim(Math.round(minutes * 2) / 2, 1)} min` : `${Math.round(minutes)} min`

/** Two figures are all that a model of friction knows. */
const twoFigures = (value: number): string => String(Number(value.toPrecision(2)))

const N_PER_LBF = 4.4482216152605
/** A force, N; pounds-force where the shop counts in inches. published: 1 lbf = 4.4482216152605 N, exact */
export const formatForce = (n: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(n)} N` : `${twoFigures(n / N_PER_LBF)} lbf`

/** A torque, Nm; pound-force inches where the shop counts in inches. */
export const formatTorque = (nm: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(nm)} Nm` : `${twoFigures(nm / N_PER_LBF / 0.0254)} lbf·in`

/** A gauge pressure, bar. published: 1 psi = 0.0689476 bar */
export const formatPressure = (bar: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(bar, bar < 10 ? 1 : 0)} bar` : `${trim(bar / 0.0689475729, 0)} psi`

/** A volume of gas, m3. published: 1 m3 = 35.3147 cu ft */
export const formatGas = (m3: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(m3)} m³` : `${twoFigures(m3 * 35.3147)} cu ft`

/** Travel of the gun, to what a hand can hold: tens of mm/min, whole ipm. */
export const formatTravel = (mmPerMin: number, system: UnitSystem): string =>
  system === 'metric' ? `${Math.round(mmPerMin / 10) * 10} mm/min` : `${Math.round(mmPerMin / 25.4)} ipm`

/** Metal laid down, kg/h. published: 1 lb = 0.45359237 kg, exact */
export const formatDeposition = (kgPerH: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(kgPerH)} kg/h` : `${twoFigures(kgPerH / 0.45359237)} lb/h`

/** Mass to a length of weld, kg/m; pounds a foot where the shop counts in inches. */
export const formatKgPerM = (kgPerM: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(kgPerM)} kg/m` : `${twoFigures((kgPerM / 0.45359237) * 0.3048)} lb/ft`

/** Heat input, kJ/mm; kJ/in where the shop counts in inches. */
export const formatHeat = (kJPerMm: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(kJPerMm)} kJ/mm` : `${twoFigures(kJPerMm * 25.4)} kJ/in`

/** A leak, L/min, or cubic feet an hour. */
export const formatLeak = (lPerMin: number, system: UnitSystem): string =>
  system === 'metric' ? `${twoFigures(lPerMin)} L/min` : `${twoFigures((lPerMin * 60) / 28.316846592)} cfh`

export const formatAmps = (a: number): string => `${trim(a, a < 10 ? 1 : 0)} A`
export const formatSeconds = (s: number): string => `${trim(s, 0)} s`
/** Water volume of a cylinder, L. published: 1 cu in = 0.016387064 L, exact */
export const formatLitres = (l: number, system: UnitSystem): string =>
  system === 'metric' ? `${trim(l, 1)} L` : `${trim(l / 0.016387064, 0)} cu in`
