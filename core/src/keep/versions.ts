import { saysSame, textOf, type Content } from './fields.ts'
import { nameFor } from './hash.ts'
import { compareVectors, covers, joinVectors, tick, type Vector } from './vector.ts'

/** One state of a record, and what it has seen. */
export interface Version {
  clock: Vector
  /** When it was written, ISO time of the device that wrote it: shown, and never trusted for the order. */
  at: string
  /** `null`: removed. */
  content: Content | null
  /** What was removed, for as long as it is kept. */
  was?: Content
  /** It repeats what another wrote, whom its writer put over his own: what that one had seen. */
  made?: Vector
}

/**
 * A record as it is kept: one version, or several that none of them has seen the others of. Then a person picks. The
 * mark of a removed one stays for ever, so that an old file does not bring it back.
 */
export interface Kept {
  /** Its place in lists: ms since 1970 when it was made, with a fraction for those made at once. */
  since: number
  versions: readonly Version[]
}

/** Days for which removed content can be put back. */
export const KEPT_DAYS = 90

/**
 * Who wrote what nobody wrote: the example that comes with the program. It says when it is, so two of it differ, and
 * neither is anybody’s change.
 */
export const READY_MADE = 'ready-made'
const isReadyMade = ({ clock }: Version) => Object.keys(clock).every((device) => device === READY_MADE)

const keyOf = (version: Version) => `${textOf(version.clock)} ${textOf(version.content)}`

/** Two of the same state: what either still knows of it is known. */
const one = (a: Version, b: Version): Version => {
  const was = [a.was, b.was]
    .filter((w) => w !== undefined)
    .sort((x, y) => (textOf(x) < textOf(y) ? 1 : -1))[0]
  return {
    clock: a.clock,
    at: a.at < b.at ? a.at : b.at,
    content: a.content,
    ...(was !== undefined && { was }),
    ...((a.made ?? b.made) && { made: a.made ?? b.made }),
  }
}

/** Those that no other of them follows, in an order that is the same everywhere. */
function standing(versions: readonly Version[]): Version[] {
  const by = new Map<string, Version>()
  for (const version of versions) {
    const key = keyOf(version)
    const same = by.get(key)
    by.set(key, same ? one(same, version) : version)
  }
  const all = [...by]
  const [newest] = all
    .flatMap(([key, version]) => (isReadyMade(version) ? [`${version.at} ${key}`] : []))
    .sort()
    .reverse()
  return all
    .filter(([, a]) => !all.some(([, b]) => compareVectors(a.clock, b.clock) === 'before'))
    .filter(([key, a]) => !isReadyMade(a) || `${a.at} ${key}` === newest)
    .sort(([x], [y]) => (x < y ? -1 : 1))
    .map(([, version]) => version)
}

/** Two states of one record made one: in any order, in any grouping, and as often as one likes. */
export const mergeKept = (a: Kept, b: Kept): Kept => ({
  since: Math.min(a.since, b.since),
  versions: standing([...a.versions, ...b.versions]),
})

/**
 * Those that still say something: who repeats another’s words is answered by whoever went on from them, unless that
 * one repeats his.
 */
function unanswered(versions: readonly Version[]): readonly Version[] {
  if (versions.length === 1) return versions
  const knows = (v: Version, u: Version) => covers(v.clock, u.made ?? u.clock)
  const open = versions.filter(
    (u) => u.made === undefined || !versions.some((v) => v !== u && knows(v, u) && !knows(u, v)),
  )
  return open.length ? open : versions
}
/** The version that is shown: the newest of those that stand, one with content before one without. */
export function shownVersion({ versions }: Kept): Version {
  // Nearly every record, at every look.
  if (versions.length === 1) return versions[0]!
  const better = (a: Version, b: Version) =>
    (a.content === null) !== (b.content === null) ? b.content === null : a.at !== b.at ? a.at > b.at : false
  const [first, ...rest] = unanswered(versions)
  if (!first) throw new RangeError('a record without a version')
  return rest.reduce((best, next) => (better(next, best) ? next : best), first)
}
export const shownContent = (kept: Kept | undefined): Content | null =>
  kept === undefined ? null : shownVersion(kept).content

/** Versions that say different things, for a person to pick from; empty where all is one. */
export function apart(kept: Kept): Version[] {
  if (kept.versions.length === 1) return []
  const said: Version[] = []
  for (const version of unanswered(kept.versions))
    if (!said.some((other) => saysSame(other.content, version.content))) said.push(version)
  return said.length > 1 ? said : []
}

/** Who writes, and when. */
export interface Writer {
  device: string
  /** ISO time, passed in. */
  at: string
  /** A name no device has: for a version written beside another that its writer had not seen. */
  fork: string
  /** What he writes comes with the program. */
  readyMade?: boolean
}

const written = (clock: Vector, content: Content | null, was: Content | null, at: string): Version => ({
  clock,
  at,
  content,
  ...(content === null && was !== null && { was }),
})

/**
 * The record with a version that follows all that is known of it. What is new is named by what it says, not by who
 * says it: two devices that begin from the same words begin from one version.
 * @param since where it is new
 */
export function follow(kept: Kept | undefined, content: Content | null, by: Writer, since: number): Kept {
  const known = kept?.versions.map((v) => v.clock) ?? []
  const clock = kept
    ? tick(joinVectors(...known), by.device, known)
    : { [by.readyMade ? READY_MADE : `by-${nameFor(textOf(content))}`]: 1 }
  return {
    since: kept?.since ?? since,
    versions: [written(clock, content, shownContent(kept), by.at)],
  }
}

/** The record with another’s put over it: his words, after all that is known here. */
export function takeOver(kept: Kept, others: Kept, by: Writer): Kept {
  const theirs = shownVersion(others)
  const made = theirs.made ?? theirs.clock
  const back = covers(joinVectors(...kept.versions.map((v) => v.clock)), made)
  const next = follow(mergeKept(kept, others), theirs.content, by, kept.since)
  // Going back behind what is known here is a word of one’s own.
  return back ? next : { ...next, versions: next.versions.map((v) => ({ ...v, made })) }
}

/**
 * The record with a version that follows only what its writer had seen; all that it had not seen stays beside it.
 * @param seen what the writer had before him
 */
export function beside(kept: Kept, content: Content | null, seen: Vector, by: Writer): Kept {
  const known = kept.versions.map((v) => v.clock)
  const others = kept.versions.filter((v) => !covers(seen, v.clock))
  // Counting on as the same device would seem to have seen what that device wrote meanwhile.
  const own = tick(seen, by.device, known)
  const clock = others.some((v) => covers(own, v.clock)) ? tick(seen, by.fork, known) : own
  return {
    since: kept.since,
    versions: standing([...others, written(clock, content, shownContent(kept), by.at)]),
  }
}

/** The record without what was removed of it: only the mark stays. */
export const withoutRemoved = (kept: Kept): Kept =>
  kept.versions.some((v) => v.was !== undefined)
    ? { ...kept, versions: kept.versions.map(({ was: _was, ...v }) => v) }
    : kept
