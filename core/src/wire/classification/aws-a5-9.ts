import { say } from '../../base/codes.ts'
import { designated, groups, notOurs, wrong, type Designation, type Standard } from './standard.ts'
import { FILLER_FOR_STAINLESS, likelyStainless, stainlessAlloy } from './stainless.ts'

/** Metal-cored stainless keeps to gases with little oxygen and CO2. common practice */
const CORED_GAS = ['M12', 'M13']
const FORM = /^E(?<lead>R|C|)(?<h0>-?)(?<alloy>\d{2,4}[A-Z0-9-]{0,12})$/
/** What people say, `308L`, `2209`; three figures alone may be a lot or a weight, but for these. */
const SHORT = /^(?<alloy>\d{3}(?:L|LSI|SI|H|MO|NB|LMO)|2209|2307|2594|30[89]|316|347)$/

function readStainless(token: string): Designation {
  const short = groups(SHORT, token)
  const said = short && stainlessAlloy(short.alloy!)
  if (said)
    return designated('AWS A5.9', 'solid-stainless', `ER${said}`, { alloy: said, notes: ['short-form'] })
  const m = groups(FORM, token)
  if (!m) return notOurs
  const lead = m.lead!
  const text = m.alloy!
  const alloy = stainlessAlloy(text)
  const likely = alloy ?? likelyStainless(text)
  // E308L-16 and the like end in a coating figure: a covered electrode.
  const covered = /^(\d{3}[A-Z]*)-(1[5-7]|2[56])$/.exec(text)
  if (!lead && covered && stainlessAlloy(covered[1]!)) return wrong(say('label.stickElectrode', token))
  const parent = FILLER_FOR_STAINLESS[text]
  if (parent && !alloy) return wrong(say('label.parentMetal', text), `${lead === 'C' ? 'EC' : 'ER'}${parent}`)
  if (!likely) return notOurs
  if (!lead) return wrong(say('label.rodMissingR', token), `ER${likely}`)
  if (m.h0 || !alloy) return wrong(say('label.hyphenMisplaced', token), `E${lead}${likely}`)
  return lead === 'C'
    ? designated('AWS A5.9', 'metal-cored', `EC${alloy}`, {
        joins: ['stainless-steel'],
        gas: { needed: true, designations: [...CORED_GAS] },
        notes: ['gas-by-maker'],
        alloy,
      })
    : designated('AWS A5.9', 'solid-stainless', `ER${alloy}`, { alloy })
}

/** AWS A5.9 stainless solid and metal-cored wires: ER or EC and an alloy number. */
export const AWS_A5_9: Standard = { id: 'AWS A5.9', read: readStainless }
