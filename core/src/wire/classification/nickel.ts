import { say } from '../../base/codes.ts'
import { notOurs, wrong, type Standard } from './standard.ts'

/** Nickel-base wire, ERNiCr-3 or S Ni 6082. published: AWS A5.14 and ISO 18274, recalled from memory. */
const FORM = /^(?:ERNI[A-Z0-9-]*|S-?NI-?\d{4}[A-Z0-9.,]*)$/

/** Nickel-base wires, which no sheet here is about: refused by name, so that none is read as another. */
export const NICKEL: Standard = {
  id: 'AWS A5.14 and ISO 18274',
  read: (token) =>
    FORM.test(token)
      ? wrong(say('label.otherStandard', token, token.startsWith('S') ? 'ISO 18274' : 'AWS A5.14'))
      : notOurs,
  spaced: true,
}
