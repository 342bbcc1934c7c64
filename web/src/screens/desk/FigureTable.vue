<script setup lang="ts">
import { useI18n } from 'vue-i18n'

export interface Figure {
  name: string
  value: string
  band?: string | undefined
  origin: string
}

/** Every figure of a panel with its band and where it comes from, for whoever asks. */
defineProps<{ figures: readonly Figure[]; open?: boolean }>()
const { t } = useI18n()
</script>

<template>
  <details class="figures" :open="open">
    <summary>{{ t('desk.figures') }}</summary>
    <div class="scroll" role="group" :aria-label="t('desk.figures')" tabindex="0">
      <table class="tabular">
        <tbody>
          <tr v-for="(f, i) in figures" :key="i">
            <th scope="row">{{ f.name }}</th>
            <td :class="{ long: f.value.length > 16 }">
              <b>{{ f.value }}</b>
            </td>
            <td>{{ f.band ?? '' }}</td>
            <td class="muted">{{ f.origin }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
.figures {
  min-width: 0;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 4px 14px 4px 0;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
}
td:not(:last-child, .long) {
  white-space: nowrap;
}
@media (max-width: 700px) {
  tr {
    display: grid;
    grid-template-columns: 1fr 1fr;
    border-bottom: 1px solid var(--rule);
    padding: 4px 0;
  }
  th,
  td {
    border: 0;
    padding: 1px 8px 1px 0;
  }
  td:last-child {
    grid-column: 1 / -1;
  }
}
</style>
