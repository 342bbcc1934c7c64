<script setup lang="ts">
import { useI18n } from 'vue-i18n'

const open = defineModel<boolean>({ required: true })
const { t, tm, rt } = useI18n()
const rows = () => Object.entries(tm('keys.rows') as Record<string, string>)
</script>

<template>
  <v-dialog v-model="open" :aria-label="t('keys.title')" max-width="520">
    <v-card class="pa">
      <h2>{{ t('keys.title') }}</h2>
      <dl>
        <template v-for="[key, text] in rows()" :key="key">
          <dt>
            <kbd v-for="k in key.split(' ')" :key="k">{{ k }}</kbd>
          </dt>
          <dd>{{ rt(text) }}</dd>
        </template>
      </dl>
      <div class="row">
        <v-btn autofocus @click="open = false">{{ t('app.close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.pa {
  padding: 24px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 20px;
  margin: 16px 0 24px;
}
dd {
  margin: 0;
}
kbd {
  border: 1px solid var(--muted);
  padding: 1px 7px;
  margin-right: 4px;
  font: inherit;
  font-size: 0.9rem;
}
</style>
