import { say } from '../../base/codes.ts'
import { problemAt, type Problem } from '../../base/problem.ts'
import type { ChangeoverRequest } from '../../machine/request.ts'
import { USE_STATIONS } from '../../machine/stations.ts'
import { isForStation, seenAt, usedAt } from '../../match/choice.ts'
import type { MatchContext } from '../../match/finding.ts'
import { faultsOf } from '../../stations/choice.ts'
import { whyNotKept } from '../../stations/kept.ts'
import { match } from '../../stations/index.ts'

/** What a request leaves or uses that cannot be: it would hurt somebody, or not work at all. */
export function notToChoose(c: MatchContext, request: Pick<ChangeoverRequest, 'keep' | 'use'>): Problem[] {
  if (!request.keep?.length && !request.use) return []
  const problems: Problem[] = []
  for (const station of USE_STATIONS) {
    const index = request.use?.[station]
    if (index === undefined) continue
    const part = c.store?.[index]
    if (!part || part.count === 0) problems.push(problemAt(`use.${station}`, say('request.useNoPart')))
    else if (!isForStation(part, station))
      problems.push(problemAt(`use.${station}`, say('request.useOtherPart')))
  }
  if (problems.length) return problems
  const findings = match(c)
  const mm = c.wire.diameterMm
  for (const station of USE_STATIONS) {
    const { instead } = findings.find((f) => f.station === station)!
    const used = usedAt(c, station)
    if (!instead || !used) continue
    const why = whyNotKept(station, used.fitted, instead.faults, mm)
    if (why) problems.push(problemAt(`use.${station}`, say('request.cannotKeep', why)))
  }
  request.keep?.forEach((station, at) => {
    const f = findings.find((finding) => finding.station === station)!
    if (!f.kept) return
    const why = whyNotKept(station, seenAt(c, station), faultsOf(f), mm)
    if (why) problems.push(problemAt(`keep.${at}`, say('request.cannotKeep', why)))
  })
  return problems
}
