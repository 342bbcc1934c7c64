import type { Part } from '@pepper-knot/core/machine'

/** Kinds as the form offers them: pieces of a gun stand on their own. */
export const partKinds = [
  'contactTip',
  'driveRolls',
  'liner',
  'nozzle',
  'inletGuide',
  'outletGuide',
  'gun',
  'gunRolls',
  'gunInnerLiner',
  'gunORing',
  'adapter',
  'regulator',
  'cylinder',
  'workClamp',
  'solenoid',
  'hose',
  'clip',
  'oRing',
  'sleeve',
  'hubHardware',
] as const
export type FormKind = (typeof partKinds)[number] | 'wire'

/** A part in the form: perhaps not yet whole. */
export type EditedPart = Partial<Record<string, unknown>> & {
  id?: string | undefined
  count: number
  kind: Part['kind']
  fresh?: boolean
}

const PIECES: Record<string, string> = { gunRolls: 'rolls', gunInnerLiner: 'innerLiner', gunORing: 'oRing' }
/** Kinds as the record names them: pieces of a gun count as the gun’s. */
export const recordKinds = partKinds.flatMap((kind) => (kind in PIECES ? [] : [kind as Part['kind']]))

export const formKind = (part: EditedPart): FormKind => {
  if (part.kind !== 'gun') return part.kind as FormKind
  return (
    (Object.entries(PIECES).find(([, piece]) => piece === part.part)?.[0] as FormKind | undefined) ?? 'gun'
  )
}
/** The words of the contract for a form kind. */
export const kindWords = (kind: FormKind): { kind: Part['kind']; part?: string } =>
  PIECES[kind]
    ? { kind: 'gun', part: PIECES[kind] }
    : kind === 'gun'
      ? { kind: 'gun', part: 'whole' }
      : { kind: kind as Part['kind'] }
