/**
 * Sheet gauges in inches, one scale a material: 16 gauge steel is .0598, 16 gauge aluminium .0508.
 * published: Manufacturers' Standard Gage (steel), Brown & Sharpe (aluminium), the galvanised sheet gauge
 * (zinc included) and the US standard stainless gauge; recalled from memory of handbook tables.
 */
export const GAUGES = [
  7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28, 29, 30,
]

export type GaugeScale = 'steel' | 'aluminium' | 'galvanised' | 'stainless'

const none = NaN
const IN: Record<GaugeScale, readonly number[]> = {
  steel: [
    0.1793, 0.1644, 0.1495, 0.1345, 0.1196, 0.1046, 0.0897, 0.0747, 0.0673, 0.0598, 0.0538, 0.0478, 0.0418,
    0.0359, 0.0329, 0.0299, 0.0269, 0.0239, 0.0209, 0.0179, 0.0164, 0.0149, 0.0135, 0.012,
  ],
  aluminium: [
    0.1443, 0.1285, 0.1144, 0.1019, 0.0907, 0.0808, 0.072, 0.0641, 0.0571, 0.0508, 0.0453, 0.0403, 0.0359,
    0.032, 0.0285, 0.0253, 0.0226, 0.0201, 0.0179, 0.0159, 0.0142, 0.0126, 0.0113, 0.01,
  ],
  galvanised: [
    none,
    0.1681,
    0.1532,
    0.1382,
    0.1233,
    0.1084,
    0.0934,
    0.0785,
    0.071,
    0.0635,
    0.0575,
    0.0516,
    0.0456,
    0.0396,
    0.0366,
    0.0336,
    0.0306,
    0.0276,
    0.0247,
    0.0217,
    0.0202,
    0.0187,
    0.0172,
    0.0157,
  ],
  stainless: [
    0.1875, 0.1719, 0.1563, 0.1406, 0.125, 0.1094, 0.0938, 0.0781, 0.0703, 0.0625, 0.0563, 0.05, 0.0438,
    0.0375, 0.0344, 0.0313, 0.0281, 0.025, 0.0219, 0.0188, 0.0172, 0.0156, 0.0141, 0.0125,
  ],
}

/**
 * Thickness of a sheet gauge, in millimetres; `undefined` where the scale has no such gauge (7 to 30; galvanised
 * from 8).
 */
export function gaugeMm(gauge: number, scale: GaugeScale): number | undefined {
  const at = GAUGES.indexOf(gauge)
  const inches = at < 0 ? NaN : IN[scale][at]!
  return Number.isNaN(inches) ? undefined : inches * 25.4
}

/** The gauge scale that sheet of a metal is sold by; copper has none here. */
export const gaugeScaleOf = (material: string | undefined): GaugeScale | undefined =>
  material === undefined ? undefined : BY_METAL[material]
const BY_METAL: Readonly<Record<string, GaugeScale>> = {
  'mild-steel': 'steel',
  'low-alloy-steel': 'steel',
  'galvanised-steel': 'galvanised',
  'stainless-steel': 'stainless',
  aluminium: 'aluminium',
}
