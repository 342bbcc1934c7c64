import { bench } from './bench.ts'
import { card } from './card.ts'
import { changeover } from './changeover.ts'
import { desk } from './desk.ts'
import { dialIn } from './dialIn.ts'
import { feed } from './feed.ts'
import { frame } from './frame.ts'
import { log } from './log.ts'
import { shop } from './shop.ts'
import { store } from './store.ts'
import { trouble } from './trouble.ts'

/** Every word of the interface that is not the trade's own; those stand in core's wording. One file a screen. */
export const en = {
  ...frame,
  ...bench,
  ...card,
  ...changeover,
  ...store,
  ...desk,
  ...feed,
  ...log,
  ...shop,
  ...trouble,
  dialIn,
}
