import { demoShop } from '@pepper-knot/core/demo'
import { defaultSettings, emptyDigest, type Run, type Shop } from '@pepper-knot/core/internal'
import { planOf } from '../src/stores/plan.ts'

/** The demo shop, and a run on it that was only begun. */
export const shop: Shop = { ...demoShop(), settings: defaultSettings(), runs: [] }
export const run = (change: Partial<Run<'change'>> = {}): Run => ({
  kind: 'change',
  id: 'r',
  machineId: 'gull',
  startedAt: '2026-11-23T08:00:00Z',
  stage: 'decide',
  label: 'ER5356 1.2 mm 7 kg',
  job: { material: 'aluminium', thicknessMm: 4 },
  gathered: [],
  done: [],
  ...change,
})
export const planned = (of: Run, on = shop) => planOf(of, on, emptyDigest())
