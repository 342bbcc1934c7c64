<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useSettings } from '../../stores/settings.ts'
import { PLACES } from '../../parts/places.ts'

/** On a phone: the places the bar has no room for, and what the rail holds below. */
const { t } = useI18n()
const settings = useSettings()
const rest = PLACES.filter((place) => !place.onBar)
</script>

<template>
  <div class="screen more">
    <h1>{{ t('nav.more') }}</h1>
    <nav :aria-label="t('nav.more')">
      <router-link v-for="place in rest" :key="place.name" :to="place.to">
        <svg viewBox="0 0 28 28" aria-hidden="true"><path :d="place.path" /></svg>
        {{ t(`nav.${place.name}`) }}
      </router-link>
      <router-link to="/words">
        <svg viewBox="0 0 28 28" aria-hidden="true"><path d="M5 4h18v20H5zM9 10h10M9 14h10M9 18h6" /></svg>
        {{ t('nav.words') }}
      </router-link>
      <button type="button" @click="settings.toggleUnits()">
        <svg viewBox="0 0 28 28" aria-hidden="true"><path d="M3 10h22v9H3zM8 10v4M13 10v6M18 10v4" /></svg>
        {{ t('nav.unitsNow', { units: t(`units.${settings.units}`) }) }}
      </button>
    </nav>
  </div>
</template>

<style scoped>
nav {
  display: grid;
}
nav > * {
  display: flex;
  gap: 18px;
  align-items: center;
  min-height: 64px;
  border: 0;
  border-top: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 1.15rem;
  font-weight: 650;
  text-align: left;
  text-decoration: none;
  cursor: pointer;
}
svg {
  width: 30px;
  flex: none;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
}
</style>
