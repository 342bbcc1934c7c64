/** What is read from the store and written to it is checked: fetched when there is something to check. */
export { keeper, openKept } from '@pepper-knot/core'
