import CaptiveChain from '../src/screens/changeover/CaptiveChain.vue'
import { planned, run } from './bench.ts'
import { show } from './mount.ts'

const captive = planned(run()).plan!.steps.filter((s) => s.captive)
const chain = captive.slice(0, 3)

describe('steps with one hand on the wire', () => {
  let now = 0
  beforeEach(() => {
    now = 10_000
    jest.spyOn(performance, 'now').mockImplementation(() => now)
  })
  afterEach(() => {
    jest.restoreAllMocks()
    document.body.innerHTML = ''
  })
  const begun = async () => {
    const part = show(CaptiveChain, { chain })
    await part.get('[data-part=chain-go]').trigger('click')
    now += 1000
    const press = (key: string, more: KeyboardEventInit = {}) =>
      window.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, ...more }))
    return { part, press, done: () => part.emitted('done')?.length ?? 0 }
  }

  test('the whole chain is read before a hand is bound', () => {
    const part = show(CaptiveChain, { chain })
    expect(part.findAll('[data-part=chain-list] li')).toHaveLength(3)
    expect(part.find('[data-part=captive]').exists()).toBe(false)
  })
  test('any key is the next step, but Backspace goes back and Escape lets go', async () => {
    const { part, press, done } = await begun()
    for (const key of ['x', ' ', 'Enter', 'F9']) {
      press(key)
      now += 1000
    }
    expect(done()).toBe(4)
    press('Backspace')
    expect(part.emitted('back')).toHaveLength(1)
    press('Escape')
    now += 1000
    press('x')
    expect(done()).toBe(4)
  })
  test('a held key, a shadow of the last press and a modifier are no step', async () => {
    const { press, done } = await begun()
    press('x')
    for (let i = 0; i < 20; i++) {
      now += 30
      press('x', { repeat: true })
    }
    now += 1000
    press('y')
    now += 100
    press('y')
    now += 1000
    press('Shift')
    press('r', { ctrlKey: true })
    expect(done()).toBe(2)
  })
  test('the page may go away in the middle: no key is listened to any more', async () => {
    const { part, press, done } = await begun()
    part.unmount()
    now += 1000
    press('x')
    expect(done()).toBe(0)
  })
})
