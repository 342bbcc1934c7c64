import { computed, type ComputedRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatLength, formatMass, formatMinutes } from '@pepper-knot/core/trade'
import { useMoney } from '../../composables/useMoney.ts'
import { runPath } from '../../composables/useRunNames.ts'
import { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import { useLog, type LogNote } from '../../stores/log.ts'
import type { Past as LogLine } from '../../storage/past.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'

/** One row of the log: a job that was signed off, or a note written by hand. */
export interface LogRow {
  id: string
  /** ISO time. */
  at: string
  machine: string
  /** What the wire is called, by its class and size where they are known. */
  wire: string
  title: string
  /** Settings, minutes, causes; of a note its text. */
  says: string[]
  by: string
  path?: string
  note?: LogNote
  /** What a note said before it was corrected. */
  before?: { at: string; says: string }[]
  line?: LogLine
}

/** All that was done, as rows, the latest first. */
export function useLogRows(): ComputedRef<LogRow[]> {
  const words = useWords()
  const { t } = useI18n()
  const shop = useShop()
  const log = useLog()
  const settings = useSettings()
  const machines = useMachines()
  const money = useMoney()

  /** What a job says beyond its machine and wire: worked out for the few that are looked at. */
  function saysOf(line: LogLine): string[] {
    const { units } = settings
    return [
      ...(line.ran ? [words.ranWellSentence(line.ran, units)] : []),
      [
        line.material && words.MATERIAL_NAMES[line.material as never],
        line.thicknessMm && formatLength(line.thicknessMm, units),
      ]
        .filter(Boolean)
        .join(' '),
      ...(line.causes ?? []).map((cause) => words.CAUSE_WORDS[cause].name),
      ...(line.fitted
        ? [t('log.fitted', { parts: line.fitted.map((part) => t(`kinds.${part}`)).join(', ') })]
        : []),
      ...(line.mark === undefined ? [] : [t('sign.markIs', { mark: line.mark })]),
      ...(line.stopped ? [t('stop.card')] : []),
      ...(line.minutes === undefined
        ? []
        : [
            line.planned === undefined
              ? formatMinutes(line.minutes)
              : t('log.took', { took: formatMinutes(line.minutes), planned: formatMinutes(line.planned) }),
          ]),
      seen(line.note ?? ''),
    ].filter(Boolean)
  }
  function rowsOf(lines: readonly LogLine[]): LogRow[] {
    const { units } = settings
    const names = new Map(machines.list.map(({ id, name }) => [id, seen(name)]))
    const jobs = new Map(lines.map(({ kind }) => [kind, t(`log.jobs.${kind}`)]))
    const sizes = new Map<string, string>()
    const wireOf = ({ classification, family, diameterMm }: NonNullable<LogLine['wire']>) => {
      const key = `${classification ?? family} ${diameterMm}`
      const said =
        sizes.get(key) ??
        `${classification ?? words.FAMILY_NAMES[family as never]} ${words.sizeText(diameterMm, units)}`
      sizes.set(key, said)
      return said
    }
    return lines.map((line) => {
      const machine = names.get(line.machineId) ?? seen(line.machine ?? '?')
      let says: string[] | undefined
      return {
        id: line.id,
        at: line.at,
        machine,
        wire: line.wire ? wireOf(line.wire) : seen(line.label),
        title: `${machine}: ${jobs.get(line.kind)}`,
        get says() {
          return (says ??= saysOf(line))
        },
        by: line.by ?? '',
        path: runPath(line),
        line,
      }
    })
  }
  const saidIn = ({ part, kg, arcHours, cost, text }: NonNullable<LogNote['was']>[number] | LogNote) =>
    [
      part && t(`kinds.${part}`),
      kg !== undefined && formatMass(kg, settings.units),
      arcHours !== undefined && t('log.hours', { n: arcHours }),
      cost !== undefined && money(cost),
      seen(text),
    ].filter((said): said is string => typeof said === 'string' && said !== '')
  const noteRow = (note: LogNote): LogRow => {
    const machine = seen((note.machineId && machines.byId(note.machineId)?.name) || note.machine || '')
    return {
      id: note.id,
      at: note.at,
      machine,
      wire: seen(note.label ?? ''),
      title: [machine, t(`log.kinds.${note.what}`)].filter(Boolean).join(': '),
      says: saidIn(note),
      by: seen(note.by ?? ''),
      note,
      before: (note.was ?? []).map((old) => ({ at: old.at, says: saidIn(old).join(' · ') })),
    }
  }
  return computed(() =>
    [...rowsOf(shop.past), ...log.notes.map(noteRow)].sort((a, b) =>
      a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? -1 : 1,
    ),
  )
}
