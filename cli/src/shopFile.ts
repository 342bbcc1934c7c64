import { randomUUID } from 'node:crypto'
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { hostname } from 'node:os'
import {
  defaultSettings,
  emptyState,
  loadWords,
  readShopFile,
  shopOf,
  stateWith,
  writeShopFile,
  type Shop,
  type State,
} from '@pepper-knot/core'

const words = await loadWords('en')

const otherwise = { name: 'My shop', settings: defaultSettings() }

/** What is said to whoever called, without a trace. */
export class Refused extends Error {}

/** The shop of a file, and what it was read as; an empty shop where there is none. */
export function openShop(file: string): { shop: Shop; state: State } {
  if (!existsSync(file)) return { shop: shopOf(emptyState(), otherwise), state: emptyState() }
  const read = readShopFile(readFileSync(file, 'utf8'))
  if (!read.ok) throw new Refused(`${file}: ${read.problems.map(words.problemLine).join('\n')}`)
  const { state, aside } = read.value
  // What could not be read would be gone from the file that is written.
  if (aside.length)
    throw new Refused(`${file}: ${aside.length} records cannot be read; import it in the app first.`)
  return { shop: shopOf(state, otherwise), state }
}

/** Writes a shop beside its file first, and puts it in its place then: a killed program leaves the old one whole. */
export function writeShop(file: string, state: State, shop: Shop): void {
  const at = new Date().toISOString()
  const by = { device: `cli-${hostname()}`.slice(0, 80), at, fork: randomUUID() }
  const text = writeShopFile(stateWith(state, shop, by, randomUUID), at)
  writeFileSync(`${file}.new`, text)
  renameSync(`${file}.new`, file)
}
