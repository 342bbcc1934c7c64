<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { Run } from '@pepper-knot/core/record'
import { useTroubles } from '../stores/troubles.ts'

/** From wherever it happens to the trouble finder; of a change it comes back to the same step. */
const props = defineProps<{ machineId: string; from?: Run | undefined; name?: string }>()
const { t } = useI18n()
const router = useRouter()
const troubles = useTroubles()
const open = () => void router.push(`/trouble/${troubles.start(props.machineId, props.from).id}`)
</script>

<template>
  <v-btn variant="text" @click="open">{{ name ?? t('trouble.offer') }}</v-btn>
</template>
