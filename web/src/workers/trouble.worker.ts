import '../zod.ts'
import { expose } from 'comlink'
import { findTrouble, type Read, type Trouble, type TroubleRequest } from '@pepper-knot/core'

const trouble = {
  /** The colleague’s answer: it thinks some looks ahead, which takes a phone a moment. */
  find: (request: TroubleRequest): Read<Trouble> => findTrouble(request),
}
export type TroubleWorker = typeof trouble

expose(trouble)
