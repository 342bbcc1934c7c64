<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useSettings } from '../stores/settings.ts'

defineEmits<{ keys: [] }>()
const { t } = useI18n()
const settings = useSettings()

// Each sign is drawn for this program: a bench with a spool, a wire with a loop, drawers, a shop front.
const places = [
  { name: 'bench', to: '/', path: 'M3 17h22M7 17v6M21 17v6M14 17V9M14 9a4 4 0 1 0-.1 0' },
  { name: 'changes', to: '/change', path: 'M2 16h7c2 0 2-7 5-7s3 7 5 7h7' },
  {
    name: 'feed',
    to: '/feed',
    path: 'M2 14h24M9 7.500a3.500 3.500 0 1 0 .1 0M9 14a3.500 3.500 0 1 0 .1 0M20 9l5 5-5 5',
  },
  {
    name: 'desk',
    to: '/desk',
    path: 'M14 3v10M10 13h8l-2 5h-4zM5 23c3-3 6-1 9-1s6-2 9 1M7 17l-3-2M21 17l3-2',
  },
  { name: 'store', to: '/store', path: 'M4 6h20v17H4zM4 14.500h20M12 10h4M12 18.500h4' },
  { name: 'shop', to: '/shop', path: 'M4 12v11h20V12M2 12l4-7h16l4 7zM11 23v-6h6v6' },
]
</script>

<template>
  <nav class="rail" :aria-label="t('nav.label')">
    <router-link class="brand" to="/">
      <svg viewBox="0 0 48 30" aria-hidden="true">
        <path d="M3 24C12 24 15 6 24 6s9 14 0 14-9-14 0-14 12 18 21 18" />
      </svg>
      <span>Pepper Knot</span>
    </router-link>
    <router-link
      v-for="place in places"
      :key="place.name"
      class="place"
      :class="{ here: $route.name === place.name || (place.name === 'changes' && $route.name === 'change') }"
      :to="place.to"
    >
      <svg viewBox="0 0 28 28" aria-hidden="true"><path :d="place.path" /></svg>
      <span>{{ t(`nav.${place.name}`) }}</span>
    </router-link>
    <div class="foot">
      <button
        type="button"
        class="small"
        :aria-label="t('nav.unitsNow', { units: t(`units.${settings.units}`) })"
        @click="settings.toggleUnits()"
      >
        {{ t(`units.short.${settings.units}`) }}
      </button>
      <button type="button" class="small keys" @click="$emit('keys')">{{ t('nav.keys') }}</button>
    </div>
  </nav>
</template>

<style scoped>
.rail {
  position: fixed;
  inset: 0 auto 0 0;
  width: 84px;
  background: var(--rail);
  color: var(--rail-ink);
  display: flex;
  flex-direction: column;
  z-index: 10;
}
.brand,
.place {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 12px 4px;
  text-decoration: none;
  text-align: center;
  font-size: 0.84rem;
  line-height: 1.15;
  border-left: 4px solid transparent;
}
.brand {
  font-weight: 750;
  padding-top: 16px;
  font-size: 0.9rem;
}
.brand svg {
  width: 44px;
  stroke: #dba97a;
  stroke-width: 3.5;
}
svg {
  width: 28px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linecap: round;
}
.place.here {
  border-left-color: #dba97a;
  background: rgb(255 255 255 / 8%);
  font-weight: 700;
}
.foot {
  margin-top: auto;
  display: flex;
  flex-direction: column;
  padding-bottom: 12px;
}
.small {
  min-height: 44px;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  font-size: 0.84rem;
  cursor: pointer;
}
@media (max-width: 700px) {
  .rail {
    inset: auto 0 0;
    width: auto;
    flex-direction: row;
  }
  .brand,
  .keys {
    display: none;
  }
  .place,
  .foot {
    flex: 1;
    padding: 8px 2px;
    border-left: 0;
    border-top: 4px solid transparent;
    justify-content: center;
  }
  .place.here {
    border-top-color: #dba97a;
  }
  .foot {
    margin: 0;
  }
}
</style>
