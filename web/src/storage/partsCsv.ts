import { partSchema, readPartLines, type Part } from '@pepper-knot/core/machine'
import { typedNumber, type Problem } from '@pepper-knot/core/trade'

/** What a column of the file can be. */
export const PART_FIELDS = ['id', 'part', 'drawer', 'count', 'lowAt', 'leadDays', 'price', 'note'] as const
export type PartField = (typeof PART_FIELDS)[number]
/** Which column of the file each field is read from; left out: it is not read. */
export type Columns = Partial<Record<PartField, number>>

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
/** Columns found by their names. @param names what each field may be called */
export const columnsOf = (head: readonly string[], names: Record<PartField, readonly string[]>): Columns =>
  Object.fromEntries(
    PART_FIELDS.flatMap((field) => {
      const at = head.findIndex((cell) => names[field].some((name) => same(name, cell)))
      return at < 0 ? [] : [[field, at]]
    }),
  )

export type RowRead =
  /** A part as it would stand in the store; `was` is what stands there now. */
  | { row: number; part: Part; was?: Part }
  | {
      row: number
      text: string
      problems: Problem[]
      /** The earlier row of the same part. */ twice?: number
    }

const NUMBERS = ['count', 'lowAt', 'leadDays', 'price'] as const
/**
 * Reads rows as parts. A row that names a part of the store by its id changes that one; any other is read as a line of
 * parts is, and a part that says what one in the store says is that one.
 * @param nameOf what a part of the store is called, as the file calls it
 */
export function readParts(
  rows: readonly (readonly string[])[],
  columns: Columns,
  store: readonly Part[],
  nameOf: (part: Part) => string,
): RowRead[] {
  const byId = new Map(store.map((part) => [part.id, part]))
  const byName = new Map(store.map((part) => [nameOf(part).toLowerCase(), part]))
  const told = new Map<string, number>()
  return rows.map((cells, at): RowRead => {
    const row = at + 2
    const cell = (field: PartField) => {
      const column = columns[field]
      return column === undefined ? undefined : (cells[column] ?? '').trim()
    }
    const text = cell('part') ?? ''
    const was = byId.get(cell('id') || undefined) ?? byName.get(text.toLowerCase())
    const [line] = was ? [] : readPartLines(text.replaceAll(';', ' ')).map(({ read }) => read)
    if (!was && !line?.ok)
      return { row, text: text || cells.join(' '), problems: line && !line.ok ? line.problems : [] }
    const base = was ?? (line as { value: Part }).value
    // Of one part named twice nobody knows which row is right.
    const key = was?.id ?? nameOf(base).toLowerCase()
    const twice = told.get(key)
    if (twice !== undefined) return { row, text, problems: [], twice }
    told.set(key, row)
    const numbers = NUMBERS.flatMap((field) => {
      const said = cell(field)
      return said === undefined ? [] : [[field, typedNumber(said)] as const]
    })
    const texts = (['drawer', 'note'] as const).flatMap((field) => {
      const said = cell(field)
      return said === undefined ? [] : [[field, said || undefined] as const]
    })
    const next = Object.fromEntries(
      Object.entries({ ...base, ...Object.fromEntries([...numbers, ...texts]) }).filter(
        ([key, value]) => value !== undefined || key === 'count',
      ),
    )
    const read = partSchema.safeParse({ ...next, count: next.count ?? base.count })
    if (!read.success) {
      const [field] = read.error.issues.flatMap((issue) => String(issue.path[0] ?? ''))
      const bad = cell(field as PartField)
      return { row, text: `${text}${bad ? `: ${bad}` : ''}`, problems: [] }
    }
    return { row, part: read.data, ...(was && { was }) }
  })
}
/** Whether a row says what stands there. */
export const isSameRow = ({ part, was }: { part: Part; was?: Part }): boolean =>
  was !== undefined && JSON.stringify(sorted(part)) === JSON.stringify(sorted(was))
const sorted = (part: Part) => Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1))
