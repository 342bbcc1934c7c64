import {
  apartIn,
  defaultSettings,
  emptyState,
  follow,
  imported,
  migrate,
  readShopFile,
  saysSame,
  shownContent,
  textOf,
  writeShopFile,
  type Key,
  type Shop,
  type State,
} from '../src/index.ts'
import { shop as demo } from './bench.ts'
import { times } from './counts.ts'
import { changed, merged, NONE, replaced, type Known } from './knowing.ts'
import { dice, type Dice } from './otherSetups.ts'

const KEYS = ['part/a', 'part/b', 'wire/c', 'shop/shop', 'machine/m'] as const
type Device = { name: string; state: State; known: Map<Key, Known> }
const AT = (n: number) => new Date(Date.UTC(2026, 0, 1) + n * 60_000).toISOString()

type Saved = Pick<Device, 'known'> & { state: State }
const copy = ({ state, known }: Device): Saved => ({ state, known: new Map(known) })

function touch(device: Device, d: Dice, n: number) {
  const key = d.of(KEYS)
  const mine = device.known.get(key) ?? NONE
  const kept = device.state.records.get(key)
  const content = kept && d.chance(0.15) ? null : { id: key, note: `${device.name}${n}` }
  if (saysSame(shownContent(kept), content)) return
  const next = follow(kept, content, { device: device.name, at: AT(d.below(400_000)), fork: `f${n}` }, n)
  device.state = { ...device.state, records: new Map(device.state.records).set(key, next) }
  device.known.set(key, changed(mine, content, `${device.name}${n}`))
}
/** The same words, put in by each for itself. */
function begin(device: Device, words: number, readyMade: boolean, n: number) {
  for (const key of KEYS) {
    if (device.state.records.has(key)) continue
    const content = { id: key, note: readyMade ? `shown ${n}` : `begun ${words}` }
    const by = { device: device.name, at: AT(n), fork: `f${n}`, readyMade }
    device.state = {
      ...device.state,
      records: new Map(device.state.records).set(key, follow(undefined, content, by, n)),
    }
    const change = new Set([readyMade ? 'ready made' : `begun ${key} ${words}`])
    device.known.set(key, { behind: change, heard: change, content, open: false })
  }
}

test(`${times(400, 40_000)} histories of two devices: nobody is asked what one of them alone changed`, () => {
  let asked = 0
  for (let seed = 1; seed <= times(400, 40_000); seed++) {
    const d = dice(seed)
    const device = (name: string): Device => ({ name, state: emptyState(), known: new Map() })
    const devices = [device('A'), device('B')] as const
    const files: Saved[] = []
    const readyMade = d.chance(0.4)
    const said: string[] = []
    for (let n = 1; n <= 14; n++) {
      const mine = d.of(devices)
      const what = d.below(10)
      said.push(`${mine.name}${what}`)
      if (what < 4) touch(mine, d, n)
      else if (what === 4) begin(mine, d.below(2), readyMade, n)
      else if (what < 7) files.push(copy(mine))
      else {
        const file = what === 7 && files.length ? d.of(files) : copy(devices[mine === devices[0] ? 1 : 0])
        const how = d.chance(0.6) ? 'merge' : 'replace'
        said.push(how)
        const by = { device: mine.name, at: AT(d.below(400_000)), fork: `f${n}` }
        mine.state = imported(mine.state, file.state, how, by)
        for (const key of new Set([...mine.known.keys(), ...file.known.keys()])) {
          const [a, b] = [mine.known.get(key), file.known.get(key) ?? NONE]
          mine.known.set(key, !a ? b : how === 'merge' ? merged(a, b) : replaced(a, b, `${mine.name}${n}`))
        }
      }
      const apart = new Set(apartIn(mine.state))
      asked += apart.size
      for (const [key, known] of mine.known) {
        if (known.open) continue
        const says = shownContent(mine.state.records.get(key))
        // Of what comes with the program the later stands.
        const ready = known.behind.has('ready made') && known.behind.size === 1
        if (apart.has(key) || (!ready && !saysSame(says, known.content)))
          throw new Error(
            `${seed}, ${said.join(' ')}: ${key} ${apart.has(key) ? 'is asked' : `says ${textOf(says)}, not ${textOf(known.content)}`}: ${textOf(mine.state.records.get(key))}`,
          )
      }
    }
  }
  expect(asked).toBeGreaterThan(times(400, 40_000) / 10)
})

test('a file put in its place, and the other device goes on: merging asks nothing', () => {
  const by = (device: string) => ({ device, at: AT(1), fork: `${device}~` })
  const whole: Shop = { ...demo, settings: defaultSettings(), runs: [] }
  const here = migrate(whole, AT(0))
  const file = readShopFile(writeShopFile(here, AT(2)))
  if (!file.ok) throw new RangeError()
  const other: Shop = { ...whole, machines: whole.machines.map((m) => ({ ...m, note: 'their own' })) }
  const there = imported(migrate(other, AT(0)), file.value.state, 'replace', by('B'))
  expect(apartIn(there)).toEqual([])
  const key: Key = 'machine/gull'
  const kept = here.records.get(key)!
  const gone = follow(kept, { ...shownContent(kept), note: 'gone on' }, by('A'), 0)
  const on: State = { ...here, records: new Map(here.records).set(key, gone) }
  for (const met of [imported(there, on, 'merge', by('B')), imported(on, there, 'merge', by('A'))]) {
    expect(apartIn(met)).toEqual([])
    expect(shownContent(met.records.get(key))).toMatchObject({ note: 'gone on' })
  }
})
