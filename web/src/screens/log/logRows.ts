import { computed, type ComputedRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatLength, formatMinutes } from '@pepper-knot/core/trade'
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

  function rowOf(line: LogLine): LogRow {
    const { units } = settings
    const machine = seen(machines.byId(line.machineId)?.name ?? line.machine ?? '?')
    const wire = line.wire
      ? `${line.wire.classification ?? words.FAMILY_NAMES[line.wire.family as never]} ${words.sizeText(line.wire.diameterMm, units)}`
      : seen(line.label)
    return {
      id: line.id,
      at: line.at,
      machine,
      wire,
      title: `${machine}: ${t(`log.jobs.${line.kind}`)}`,
      says: [
        ...(line.ran ? [words.ranWellSentence(line.ran, units)] : []),
        [
          line.material && words.MATERIAL_NAMES[line.material as never],
          line.thicknessMm && formatLength(line.thicknessMm, units),
        ]
          .filter(Boolean)
          .join(' '),
        ...(line.causes ?? []).map((cause) => words.CAUSE_WORDS[cause].name),
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
      ].filter(Boolean),
      by: line.by ?? '',
      path: runPath(line),
      line,
    }
  }
  const noteRow = (note: LogNote): LogRow => {
    const machine = seen((note.machineId && machines.byId(note.machineId)?.name) || note.machine || '')
    return {
      id: note.id,
      at: note.at,
      machine,
      wire: seen(note.label ?? ''),
      title: [machine, t(`log.kinds.${note.what}`)].filter(Boolean).join(': '),
      says: [seen(note.text)].filter(Boolean),
      by: seen(note.by ?? ''),
      note,
    }
  }
  return computed(() =>
    [...shop.past.map(rowOf), ...log.notes.map(noteRow)].sort((a, b) =>
      a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? -1 : 1,
    ),
  )
}
