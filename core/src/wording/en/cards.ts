import type { CardKind } from '../../steps/cards.ts'
import { PLACE_NAMES } from './names.ts'

/** What a card of several steps is called. */
export const CARD_NAMES: Record<CardKind, string> = {
  ...PLACE_NAMES,
  safe: 'Make it safe, and fetch',
  power: 'Power',
  after: 'Afterwards',
  alone: '',
}
