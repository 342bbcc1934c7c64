import { computed, type ComputedRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { apart, differences, shownVersion, type Content, type Version } from '@pepper-knot/core/ledger'
import { type Key } from '@pepper-knot/core/record'
import { useShop } from '../stores/shop.ts'
import { useSettings } from '../stores/settings.ts'
import { useWords } from './useWords.ts'

type Row = ReturnType<typeof differences>[number]
/** A field that two versions say otherwise, in words: `a` is what shows here. */
export interface ApartLine {
  id: string
  label: string
  a: string
  b: string
}

/** A record that was changed here and elsewhere: what shows, the other version, and where they differ. */
export function useApart(key: () => Key | undefined): {
  versions: ComputedRef<Version[]>
  rows: ComputedRef<Row[]>
  lines: ComputedRef<ApartLine[]>
  /** What the record is called. */
  name: ComputedRef<string>
} {
  const words = useWords()
  const shop = useShop()
  const settings = useSettings()
  const { t } = useI18n()
  const versions = computed<Version[]>(() => {
    void shop.saveState
    const one = key()
    const kept = one && shop.kept(one)
    if (!kept) return []
    const [shown, all] = [shownVersion(kept), apart(kept)]
    const others = all.filter((v) => v !== shown && differences(v.content, shown.content).length > 0)
    return [shown, ...others].slice(0, 2)
  })
  const content = (at: 0 | 1) => versions.value[at]?.content ?? null
  const rows = computed(() => differences(content(0), content(1)))
  const text = (path: readonly string[], value: unknown) =>
    path.length === 0
      ? value === null
        ? t('pick.removed')
        : words.recordText(key()!, value as Content, settings.units)
      : words.fieldValueText(path, value, settings.units)
  const lines = computed(() =>
    rows.value.map((row) => ({
      id: row.path.join('.'),
      label: row.path.length ? words.fieldText(row.path) : t('pick.whole'),
      a: text(row.path, row.a),
      b: text(row.path, row.b),
    })),
  )
  const name = computed(() => {
    const one = key()
    return one ? words.recordText(one, content(0) ?? content(1), settings.units) : ''
  })
  return { versions, rows, lines, name }
}
