import CaptiveChain from '../src/screens/changeover/CaptiveChain.vue'
import { canTeach } from '../src/screens/changeover/chainKeys.ts'
import { useSettings } from '../src/stores/settings.ts'
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
  const begun = async (doneCount = 1, pedal?: string) => {
    const part = show(CaptiveChain, { chain, doneCount })
    useSettings().set({ pedalKey: pedal })
    await part.get('[data-part=chain-go]').trigger('click')
    now += 1000
    // In the middle of a chain the wire is taken hold of first.
    if (doneCount > 0) window.dispatchEvent(new KeyboardEvent('keydown', { key: 'x' }))
    now += 1000
    const press = (key: string, more: KeyboardEventInit = {}) =>
      window.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, ...more }))
    return { part, press, done: () => part.emitted('done')?.length ?? 0 }
  }

  test('the whole chain is read before a hand is bound', () => {
    const part = show(CaptiveChain, { chain, doneCount: 0 })
    expect(part.findAll('[data-part=chain-list] li')).toHaveLength(3)
    expect(part.find('[data-part=captive]').exists()).toBe(false)
  })
  test.each([' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowUp', 'x', 'ß', '7'])('%j goes on', async (key) => {
    const { press, done } = await begun()
    press(key)
    expect(done()).toBe(1)
  })
  test.each(['Tab', 'F5', 'F9', 'AudioVolumeUp', 'BrowserRefresh', 'Home', 'CapsLock', 'Shift'])(
    '%s keeps its own work',
    async (key) => {
      const { press, done } = await begun()
      const event = new KeyboardEvent('keydown', { key, cancelable: true })
      window.dispatchEvent(event)
      press(key)
      expect(done()).toBe(0)
      expect(event.defaultPrevented).toBe(false)
    },
  )
  test('a taught pedal goes on, whatever its key is; what the sheet needs cannot be taught', async () => {
    const { press, done } = await begun(1, 'AudioVolumeUp')
    press('AudioVolumeUp')
    expect(done()).toBe(1)
    for (const key of ['Escape', 'Backspace', 'Tab', 'Shift'])
      expect(canTeach(new KeyboardEvent('keydown', { key }))).toBe(false)
    expect(canTeach(new KeyboardEvent('keydown', { key: 'F13' }))).toBe(true)
  })
  test('Backspace and the aimed touch go back, Escape and the other one lead out', async () => {
    const { part, press, done } = await begun()
    press('Backspace')
    expect(part.emitted('back')).toHaveLength(1)
    now += 1000
    document.querySelector<HTMLElement>('[data-part=chain-back]')!.click()
    expect(part.emitted('back')).toHaveLength(2)
    document.querySelector<HTMLElement>('[data-part=chain-out]')!.click()
    expect(part.emitted('leave')).toHaveLength(1)
    now += 1000
    press('x')
    expect(done()).toBe(0)
  })
  test('who comes back in the middle takes hold of the wire before anything goes on', async () => {
    const part = show(CaptiveChain, { chain, doneCount: 1 })
    await part.get('[data-part=chain-go]').trigger('click')
    expect(document.querySelector('[data-part=captive-hold]')).not.toBeNull()
    now += 1000
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'x' }))
    expect(part.emitted('done')).toBeUndefined()
    now += 1000
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'x' }))
    expect(part.emitted('done')).toHaveLength(1)
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
