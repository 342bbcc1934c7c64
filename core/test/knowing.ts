import { saysSame, type Content } from '../src/index.ts'

/**
 * Two devices and their files. What each of them knows is counted here by changes, not by versions: a change is made
 * by one person at one device, and a device knows it when it comes in by a file.
 */
export interface Known {
  /** Changes behind what the record now says. */
  behind: ReadonlySet<string>
  /** Every change this device ever heard of. */
  heard: ReadonlySet<string>
  content: Content | null
  /** Both sides changed it: a person may be asked, and what stands then is not foretold. */
  open: boolean
}
export const NONE: Known = { behind: new Set(), heard: new Set(), content: null, open: false }
export const all = <T>(...sets: ReadonlySet<T>[]) => new Set(sets.flatMap((set) => [...set]))
const within = <T>(a: ReadonlySet<T>, b: ReadonlySet<T>) => [...a].every((one) => b.has(one))

/** What is known once a file came in beside what was there. */
export function merged(mine: Known, theirs: Known): Known {
  const heard = all(mine.heard, theirs.heard)
  const [iNew, theyNew] = [!within(mine.behind, theirs.heard), !within(theirs.behind, mine.heard)]
  const open = mine.open || theirs.open || (iNew === theyNew && !saysSame(mine.content, theirs.content))
  const taken = theyNew && !iNew ? theirs : mine
  return {
    behind: iNew === theyNew ? all(mine.behind, theirs.behind) : taken.behind,
    heard,
    content: taken.content,
    open,
  }
}
/** The same, in its place. @param change a name for the change it may be */
export function replaced(mine: Known, theirs: Known, change: string): Known {
  const heard = all(mine.heard, theirs.heard)
  if (theirs.open) return { ...theirs, heard: all(heard, new Set([change])) }
  if (saysSame(mine.content, theirs.content) && !mine.open)
    return { ...merged(mine, theirs), content: mine.content }
  // Going back to what one had already gone on from is a change of one's own; so is taking away.
  if (within(theirs.behind, mine.heard))
    return {
      behind: all(theirs.behind, new Set([change])),
      heard: all(heard, new Set([change])),
      content: theirs.content,
      open: false,
    }
  return { ...theirs, heard }
}

/** What is known once a person changed it. */
export function changed(mine: Known, content: Content | null, name: string): Known {
  const change = new Set([name])
  return {
    behind: all(mine.open ? mine.heard : mine.behind, change),
    heard: all(mine.heard, change),
    content,
    open: false,
  }
}
