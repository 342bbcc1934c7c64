import type { Strength } from '../wire.ts'

const KSI_PER_MPA = 1 / 6.894757
const ksi = (mpa: number) => Math.round(mpa * KSI_PER_MPA)

const row = (
  tensileMPa: number,
  tensileMaxMPa: number | null,
  yieldMPa: number | null,
  tensileKsi?: number,
  yieldKsi?: number,
): Strength => ({
  tensileMPa: { min: tensileMPa, ...(tensileMaxMPa !== null && { max: tensileMaxMPa }) },
  tensileKsi: {
    min: tensileKsi ?? ksi(tensileMPa),
    ...(tensileMaxMPa !== null && { max: ksi(tensileMaxMPa) }),
  },
  yieldMPa,
  yieldKsi: yieldKsi ?? (yieldMPa === null ? null : ksi(yieldMPa)),
})

/**
 * Solid and metal-cored wire, as welded, by the figure in ksi.
 * published: AWS A5.18 (70) and A5.28 (others) mechanical tables, recalled from memory.
 */
export const SOLID_STRENGTH: Readonly<Record<string, Strength>> = {
  '70': row(480, null, 400, 70, 58),
  '80': row(550, null, 470, 80, 68),
  '90': row(620, null, 540, 90, 78),
  '100': row(690, null, 610, 100, 88),
  '110': row(760, null, 660, 110, 95),
  '120': row(830, null, 730, 120, 105),
}
/** The same figures as the metric twins print them. published: A5.18M, A5.28M, recalled from memory. */
export const SOLID_METRIC: Readonly<Record<string, string>> = {
  '48': '70',
  '49': '70',
  '55': '80',
  '62': '90',
  '69': '100',
  '76': '110',
  '83': '120',
}

/** Cored wire by the figure in 10 ksi. published: AWS A5.20, A5.29 and A5.36 tensile tables, recalled from memory. */
export const CORED_STRENGTH: Readonly<Record<string, Strength>> = {
  '6': row(430, 600, 330, 60, 48),
  '7': row(490, 670, 390, 70, 58),
  '8': row(550, 690, 470, 80, 68),
  '9': row(620, 760, 540, 90, 78),
  '10': row(690, 830, 610, 100, 88),
  '11': row(760, 900, 680, 110, 98),
  '12': row(830, 970, 750, 120, 108),
}
/** published: A5.20M, A5.29M, recalled from memory. */
export const CORED_METRIC: Readonly<Record<string, string>> = {
  '43': '6',
  '49': '7',
  '55': '8',
  '62': '9',
  '69': '10',
  '76': '11',
  '83': '12',
}

/** System A of ISO 14341 and ISO 17632: yield, then tensile. published: ISO 14341, ISO 17632, recalled from memory. */
export const ISO_A_STRENGTH: Readonly<Record<string, Strength>> = {
  '35': row(440, 570, 355),
  '38': row(470, 600, 380),
  '42': row(500, 640, 420),
  '46': row(530, 680, 460),
  '50': row(560, 720, 500),
}
/**
 * Higher strengths by their figure, yield before tensile. published: ISO 16834-A and ISO 18276-A Table 1A, recalled
 * from memory.
 */
export const ISO_HIGH_STRENGTH: Readonly<Record<string, Strength>> = {
  '55': row(640, 820, 550),
  '62': row(700, 890, 620),
  '69': row(770, 940, 690),
  '79': row(880, 1080, 790),
  '89': row(940, 1180, 890),
}
/** System B. published: ISO 14341, ISO 17632, recalled from memory. */
export const ISO_B_STRENGTH: Readonly<Record<string, Strength>> = {
  '43': row(430, 600, 330),
  '49': row(490, 670, 390),
  '55': row(550, 740, 460),
  '57': row(570, 770, 490),
}

/** Least tensile strength of copper-base deposits. published: AWS A5.7 annex, recalled from memory. */
export const COPPER_STRENGTH: Readonly<Record<string, Strength>> = {
  ERCu: row(170, null, null, 25),
  'ERCuSi-A': row(345, null, null, 50),
  'ERCuSn-A': row(240, null, null, 35),
  'ERCuAl-A1': row(380, null, null, 55),
  'ERCuAl-A2': row(414, null, null, 60),
  'ERCuAl-A3': row(450, null, null, 65),
  ERCuNi: row(345, null, null, 50),
}
