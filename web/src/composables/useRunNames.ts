import { useI18n } from 'vue-i18n'
import { type Run } from '@pepper-knot/core/record'
import { readLabel } from '@pepper-knot/core/wire'
import { useSettings } from '../stores/settings.ts'
import { useMachines } from '../stores/machines.ts'
import { useWords } from './useWords.ts'

const words = useWords()
/** What a changeover is called in a list: `Gull to ER5356 1.2`. */
export function useRunNames(): (run: Run) => string {
  const { t } = useI18n()
  const machines = useMachines()
  const settings = useSettings()
  return (run) => {
    const machine = machines.byId(run.machineId)?.name ?? run.outcome?.machine ?? '?'
    if (run.trouble) return t('trouble.short', { machine })
    if (run.putRight) return t('change.putRightShort', { machine })
    if (run.conversion) return t('convert.title', { machine, work: t(`convert.kinds.${run.conversion}`) })
    const read = run.label.trim() ? readLabel(run.label) : undefined
    return t('change.title', {
      machine,
      wire: read?.ok ? words.wireName(read.value.wire, settings.units) : run.label || '…',
    })
  }
}
