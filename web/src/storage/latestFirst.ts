/** Where something stands in the log: when it was done, ISO time, and its id. */
interface Place {
  at: string
  id: string
}
/** The order of the log: the last one first; of two at once the order is that of their ids. */
export const latestFirst = (a: Place, b: Place): number =>
  a.at === b.at ? (a.id === b.id ? 0 : a.id < b.id ? -1 : 1) : a.at < b.at ? 1 : -1
