import { awgMm2, QUANTITIES, type Quantity } from '@pepper-knot/core/internal'
import { nextTick, reactive } from 'vue'
import HoldButton from '../src/parts/HoldButton.vue'
import MixtureField from '../src/parts/MixtureField.vue'
import QuantityField from '../src/parts/QuantityField.vue'
import { show } from './mount.ts'

/** A field of one quantity whose value lives outside, as on a form. */
function field(kind: Quantity, value: number | undefined, units: 'metric' | 'inch' = 'metric') {
  const state = reactive({ value, units })
  const part = show(QuantityField, {
    kind,
    label: 'Asked',
    units,
    modelValue: value,
    'onUpdate:modelValue': (next: number | undefined) => {
      state.value = next
      void part.setProps({ modelValue: next })
    },
  })
  return { part, state, input: part.get('input'), shown: () => part.get('input').element.value }
}

describe('a field of a quantity', () => {
  // published: 1 in = 25.4 mm and 1 cu ft = 28.316846592 L, exact; 12 AWG = 3.31 mm2, ASTM B258.
  test.each<[Quantity, 'metric' | 'inch', string, number]>([
    ['thickness', 'metric', '1/8', 3.175],
    ['thickness', 'inch', '3 mm', 3],
    ['flow', 'metric', '30 cfh', (30 * 28.316846592) / 60],
    ['conductor', 'inch', '12', awgMm2(12)],
    ['lead', 'inch', '10', 3.048],
    ['draught', 'metric', '5 mph', 2.2352],
  ])('%s in a %s shop reads %s', async (kind, units, text, value) => {
    const { input, state } = field(kind, undefined, units)
    await input.setValue(text)
    expect(state.value).toBeCloseTo(value, 9)
  })
  test.each(Object.keys(QUANTITIES) as Quantity[])(
    '%s: toggling the units to and fro changes no value',
    async (kind) => {
      const row = QUANTITIES[kind]
      for (const value of [row.unit.inch.one * 3, row.unit.metric.one * 7, row.step.inch * 5, 1.37]) {
        const { part, state } = field(kind, value)
        for (const units of ['inch', 'metric', 'inch'] as const) {
          await part.setProps({ units })
          await nextTick()
          expect(state.value).toBe(value)
        }
      }
    },
  )
  test('what cannot be read, or lies outside, says so, and is nobody’s value', async () => {
    const { part, input, state } = field('thickness', 3)
    for (const [text, why] of [
      ['thick', 'No number'],
      ['22 ga', 'needs the metal'],
      ['900', 'Must be between'],
    ] as const) {
      await input.setValue(text)
      expect(part.get('em').text()).toContain(why)
      expect(state.value).toBeUndefined()
      expect(input.element.value).toBe(text)
    }
  })
})

describe('a field of a gas', () => {
  const gas = (value?: Record<string, number>) => {
    const part = show(MixtureField, { label: 'Gas', modelValue: value })
    return { part, said: () => part.emitted('update:modelValue')?.at(-1)?.[0] }
  }
  test.each([
    ['75/25', { Ar: 75, CO2: 25 }, 'M21'],
    ['argon', { Ar: 100 }, 'I1'],
    ['90 He 7.5 Ar 2.5 CO2', { He: 90, Ar: 7.5, CO2: 2.5 }, 'M12'],
  ])('%s is %o', async (text, mixture, group) => {
    const { part, said } = gas()
    await part.get('input').setValue(text)
    expect(said()).toEqual(mixture)
    // published: ISO 14175 groups, recalled from memory
    expect(part.get('small').text()).toContain(group)
  })
  test('what is no gas says so; set from outside it is said again', async () => {
    const { part, said } = gas({ CO2: 100 })
    expect(part.get('input').element.value).toBe('CO2')
    await part.get('input').setValue('soup')
    expect(part.get('em').text()).toContain('No gas could be read')
    expect(said()).toBeUndefined()
    await part.setProps({ modelValue: { Ar: 80, CO2: 20 } })
    expect(part.get('input').element.value).toBe('80/20')
  })
})

describe('a button that is held', () => {
  let frames: FrameRequestCallback[] = []
  let now = 0
  /** Time goes on by so much, and the browser draws. */
  const wait = (ms: number) => {
    now += ms
    const due = frames
    frames = []
    for (const frame of due) frame(now)
  }
  beforeEach(() => {
    frames = []
    now = 0
    jest.spyOn(performance, 'now').mockImplementation(() => now)
    jest.spyOn(window, 'requestAnimationFrame').mockImplementation((f) => frames.push(f))
    jest.spyOn(window, 'cancelAnimationFrame').mockImplementation(() => (frames = []))
  })
  afterEach(() => jest.restoreAllMocks())
  const held = () => {
    const part = show(HoldButton, { label: 'Done', ms: 1000 })
    return { button: part.get('button'), times: () => part.emitted('held')?.length ?? 0 }
  }

  test.each([
    ['pointerdown', 'pointerup', {}],
    ['keydown', 'keyup', { key: ' ' }],
    ['keydown', 'keyup', { key: 'Enter' }],
  ])('%s, held long enough, counts once', async (down, _up, with_) => {
    const { button, times } = held()
    await button.trigger(down, with_)
    wait(999)
    expect(times()).toBe(0)
    wait(1)
    expect(times()).toBe(1)
    wait(5000)
    expect(times()).toBe(1)
  })
  test.each(['pointerup', 'pointerleave', 'pointercancel', 'keyup', 'blur'])(
    'let go by %s it does not count, nor add up',
    async (up) => {
      const { button, times } = held()
      for (let i = 0; i < 4; i++) {
        await button.trigger('pointerdown')
        wait(600)
        await button.trigger(up)
        wait(600)
      }
      expect(times()).toBe(0)
    },
  )
  test('a held key that repeats begins no second time', async () => {
    const { button, times } = held()
    await button.trigger('keydown', { key: 'Enter' })
    for (let i = 0; i < 9; i++) {
      wait(100)
      await button.trigger('keydown', { key: 'Enter', repeat: true })
    }
    wait(100)
    expect(times()).toBe(1)
  })
})
