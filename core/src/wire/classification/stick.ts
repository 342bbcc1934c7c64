import { say } from '../../base/codes.ts'
import { groups, notOurs, wrong, type Standard } from './standard.ts'

/** Covered electrodes of steel: E7018, E6010, E10018-D2. published: AWS A5.1 and A5.5, recalled from memory. */
const FORM = /^E(?<s>[6-9]0|1[0-2]0)[1-4]\d(?:-[A-Z0-9-]+|H\d.*)?$/

/** Stick electrodes, which no wire feeder runs: named so that they are not taken for a wire. */
export const STICK: Standard = {
  id: 'AWS A5.1 and A5.5',
  read: (token) => (groups(FORM, token) ? wrong(say('label.stickElectrode', token)) : notOurs),
}
