/**
 * A press counts where it began: what was pressed before the page showed something else, and let go after, does
 * nothing; and after that nothing counts until every finger is up.
 */

interface Press {
  view: number
  /** Begun while a finger of an earlier view was still down. */
  dead: boolean
  kind: string
}
const MOST_PRESSES = 40
let view = 0
/** What is down now, and the last press of each pointer: its click comes after it is up. */
const down = new Map<number, Press>()
const last = new Map<number, Press>()
const keys = new Map<string, number>()

/** The page shows something else now: another screen, stage or step. */
export const viewChanged = (): void => void view++

const isStale = (press: Press) => press.dead || press.view < view
const anyStale = () => [...down.values()].some(isStale)
/** Begun in what is shown now, with no older finger down; what has no press is a program’s or a key’s. */
const isLive = (press: Press | undefined) => !(press && isStale(press)) && !anyStale()

function pressed(event: PointerEvent) {
  // The first finger of its kind: whatever was thought to be down of it is up.
  if (event.isPrimary) for (const [id, { kind }] of down) if (kind === event.pointerType) down.delete(id)
  const press = { view, dead: anyStale(), kind: event.pointerType }
  down.set(event.pointerId, press)
  last.set(event.pointerId, press)
  // Every touch has a number of its own: older ones are long done.
  if (last.size > MOST_PRESSES) last.delete(last.keys().next().value!)
  if (press.dead) swallow(event)
}
const released = (event: PointerEvent) => void down.delete(event.pointerId)
/** For what acts on letting go: whether the press began in what is shown now, with no older finger down. */
export const isOwnPress = ({ pointerId }: PointerEvent): boolean => isLive(last.get(pointerId))
/** A button let go where nobody heard it. */
function moved(event: PointerEvent) {
  if (event.pointerType === 'mouse' && event.buttons === 0) down.delete(event.pointerId)
}
function clicked(event: MouseEvent) {
  // A click that a key or a program made has no press.
  if (event.detail === 0) return
  const id = (event as PointerEvent).pointerId
  const press = last.get(id) ?? (id === undefined ? [...last.values()].at(-1) : undefined)
  if (!isLive(press)) swallow(event)
}
/** A key held since before is no press of what now has the focus. */
function keyed(event: KeyboardEvent) {
  if (!event.repeat) keys.set(event.key, view)
  else if ((event.key === 'Enter' || event.key === ' ') && (keys.get(event.key) ?? view) < view)
    swallow(event)
}
function swallow(event: Event) {
  event.preventDefault()
  event.stopImmediatePropagation()
}
const forget = () => down.clear()

/** Listens before everything else of the page. @returns what ends it */
export function watchHands(on: Window = window): () => void {
  const heard: [string, (event: never) => void][] = [
    ['pointerdown', pressed],
    ['pointerup', released],
    ['pointercancel', released],
    ['pointermove', moved],
    ['click', clicked],
    ['keydown', keyed],
    ['blur', forget],
  ]
  const how = { capture: true }
  for (const [type, act] of heard) on.addEventListener(type, act as EventListener, how)
  return () => {
    for (const [type, act] of heard) on.removeEventListener(type, act as EventListener, how)
    down.clear()
    last.clear()
    keys.clear()
  }
}
