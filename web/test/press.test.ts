import { dice } from '../../core/test/otherSetups.ts'
import { times } from '../../core/test/counts.ts'
import { isOwnPress, viewChanged, watchHands } from '../src/parts/handsUp.ts'

/** jsdom has no pointers: a mouse event with what tells them apart. */
const pointer = (type: string, pointerId: number, kind: string, isPrimary: boolean) =>
  Object.assign(new MouseEvent(type, { bubbles: true, cancelable: true, detail: type === 'click' ? 1 : 0 }), {
    pointerId,
    pointerType: kind,
    isPrimary,
  }) as unknown as PointerEvent

let ended: () => void
let clicks: number
let button: HTMLButtonElement
beforeEach(() => {
  document.body.innerHTML = '<button>Done</button>'
  button = document.querySelector('button')!
  clicks = 0
  button.addEventListener('click', () => clicks++)
  ended = watchHands()
})
afterEach(() => ended())

test('a press and its click in one view act; one that the view changed under does not', () => {
  button.dispatchEvent(pointer('pointerdown', 1, 'touch', true))
  button.dispatchEvent(pointer('pointerup', 1, 'touch', true))
  button.dispatchEvent(pointer('click', 1, 'touch', true))
  expect(clicks).toBe(1)
  button.dispatchEvent(pointer('pointerdown', 2, 'touch', true))
  viewChanged()
  const up = pointer('pointerup', 2, 'touch', true)
  button.dispatchEvent(up)
  expect(isOwnPress(up)).toBe(false)
  button.dispatchEvent(pointer('click', 2, 'touch', true))
  expect(clicks).toBe(1)
})
test('a program’s click and a key’s are no press and always act; a key held since before does not', () => {
  viewChanged()
  button.click()
  expect(clicks).toBe(1)
  const key = (repeat: boolean) => {
    const event = new KeyboardEvent('keydown', { key: 'Enter', repeat, bubbles: true, cancelable: true })
    return button.dispatchEvent(event)
  }
  expect(key(false)).toBe(true)
  expect(key(true)).toBe(true)
  viewChanged()
  expect(key(true)).toBe(false)
  expect(key(false)).toBe(true)
})
test('a button let go where nobody heard it blocks nothing for long', () => {
  button.dispatchEvent(pointer('pointerdown', 1, 'mouse', true))
  viewChanged()
  // It was let go outside the window; the next press of its kind is a new one.
  button.dispatchEvent(pointer('pointerdown', 1, 'mouse', true))
  button.dispatchEvent(pointer('pointerup', 1, 'mouse', true))
  button.dispatchEvent(pointer('click', 1, 'mouse', true))
  expect(clicks).toBe(1)
})
test('over any fingers and any changes of view a click acts only where its press began there, with no older finger down', () => {
  const d = dice(11)
  let acted = 0
  let held = 0
  let now = 0
  for (let round = 0; round < times(3000, 60_000); round++) {
    const fingers = new Map<number, { view: number; dead: boolean }>()
    let id = 100 + round * 4
    for (let n = 0; n < 12; n++) {
      const what = d.below(4)
      if (what === 0) {
        viewChanged()
        now++
      } else if (what < 3 && fingers.size < 3) {
        const dead = [...fingers.values()].some((f) => f.dead || f.view < now)
        fingers.set(++id, { view: now, dead })
        button.dispatchEvent(pointer('pointerdown', id, 'touch', fingers.size === 1))
      } else if (fingers.size) {
        const [up, press] = [...fingers][d.below(fingers.size)]!
        fingers.delete(up)
        const older = [...fingers.values()].some((f) => f.dead || f.view < now)
        const may = press.view === now && !press.dead && !older
        const before = clicks
        button.dispatchEvent(pointer('pointerup', up, 'touch', false))
        button.dispatchEvent(pointer('click', up, 'touch', false))
        expect(clicks - before).toBe(may ? 1 : 0)
        if (may) acted++
        else held++
      }
    }
    for (const up of fingers.keys()) button.dispatchEvent(pointer('pointercancel', up, 'touch', false))
  }
  expect(Math.min(acted, held)).toBeGreaterThan(500)
})
