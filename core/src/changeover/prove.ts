import { match } from '../stations/index.ts'
import { proofBy } from './proof/proof.ts'

/** The proof, with the end of a list judged as every machine is. */
export const { prove, proveCrew } = proofBy(match)
