import '../zod.ts'
import { expose } from 'comlink'
import { PlanRefused } from '@pepper-knot/core/jobs'
import { type Part } from '@pepper-knot/core/machine'
import { type Read } from '@pepper-knot/core/trade'
import {
  findTrouble,
  type machineInRun,
  planCure,
  prepareTrouble,
  type CurePlan,
  type Trouble,
  type TroubleRequest,
} from '@pepper-knot/core/trouble'

/** What a cure may use, and where the change stands that the trouble came in the middle of. */
export interface CureFrom {
  store: Part[]
  stopped?: Parameters<typeof machineInRun>[0] | undefined
}
/** The finder’s answer, and the list that cures what it found, where there is one. */
export interface Found {
  trouble: Trouble
  cure: CurePlan | null
}

function cureOf(trouble: Trouble, request: TroubleRequest, { store, stopped }: CureFrom): CurePlan | null {
  if (!trouble.found) return null
  const c = prepareTrouble({ ...request, store })
  try {
    return c.ok ? planCure(c.value, trouble.found.cause, request.symptoms, stopped) : null
  } catch (error) {
    if (error instanceof PlanRefused || error instanceof RangeError) return null
    throw error
  }
}

const trouble = {
  /** The colleague’s answer: it thinks some looks ahead and proves its list, which takes a phone a moment. */
  find(request: TroubleRequest, from: CureFrom): Read<Found> {
    const found = findTrouble(request)
    if (!found.ok) return found
    return { ok: true, value: { trouble: found.value, cure: cureOf(found.value, request, from) } }
  },
}
export type TroubleWorker = typeof trouble

expose(trouble)
