import { useI18n } from 'vue-i18n'
import { STAGES, type JobKind, type Run } from '@pepper-knot/core/record'
import { readLabel } from '@pepper-knot/core/wire'
import { useSettings } from '../stores/settings.ts'
import { useMachines } from '../stores/machines.ts'
import { useWords } from './useWords.ts'

const words = useWords()
/** Each kind of job on the page: where it is worked on and in which stages, and what it is called in a list. */
const KINDS: {
  [K in JobKind]: {
    page: 'change' | 'trouble'
    /** Its stages; none where its page is not staged. */
    stages?: readonly Run['stage'][]
    /** A wire by its label, or the label itself where it cannot be read. */
    name: (
      run: Run<K>,
      t: (key: string, values: object) => string,
      machine: string,
      wire: () => string,
    ) => string
  }
} = {
  change: {
    page: 'change',
    stages: STAGES,
    name: (_run, t, machine, wire) => t('change.title', { machine, wire: wire() }),
  },
  'put-right': {
    page: 'change',
    // The wire that is on was decided on long ago.
    stages: STAGES.filter((s) => s !== 'decide'),
    name: (_run, t, machine) => t('change.putRightShort', { machine }),
  },
  convert: {
    page: 'change',
    name: ({ conversion }, t, machine) =>
      t('convert.title', { machine, work: t(`convert.kinds.${conversion}`, {}) }),
  },
  cure: { page: 'trouble', name: (_run, t, machine) => t('trouble.short', { machine }) },
}

/** The address of a job. */
export const runPath = ({ kind, id }: Pick<Run, 'kind' | 'id'>): string => `/${KINDS[kind].page}/${id}`

/** The stages of a job; none where its page is not staged. */
export const stagesOf = ({ kind }: Pick<Run, 'kind'>) => KINDS[kind].stages

/** What a job is called in a list: `Gull to ER5356 1.2`. */
export function useRunNames(): (run: Run) => string {
  const { t } = useI18n()
  const machines = useMachines()
  const settings = useSettings()
  return (run) => {
    const machine = machines.byId(run.machineId)?.name ?? run.outcome?.machine ?? '?'
    return KINDS[run.kind].name(run as never, t, machine, () => {
      const read = run.label.trim() ? readLabel(run.label) : undefined
      return read?.ok ? words.wireName(read.value.wire, settings.units) : run.label || '…'
    })
  }
}
