<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useOnline } from '@vueuse/core'
import { keptHere } from '../composables/useOffline.ts'
import { useSettings } from '../stores/settings.ts'
import { MORE, PLACES } from './places.ts'

defineEmits<{ keys: [] }>()
const { t } = useI18n()
const settings = useSettings()
const online = useOnline()
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
      v-for="place in [...PLACES, MORE]"
      :key="place.name"
      class="place"
      :class="{
        here: place.routes.includes(String($route.name)),
        'off-bar': place !== MORE && !('onBar' in place),
        more: place === MORE,
      }"
      :to="place.to"
    >
      <svg viewBox="0 0 28 28" aria-hidden="true"><path :d="place.path" /></svg>
      <span>{{ t(`nav.${place.name}`) }}</span>
    </router-link>
    <p v-if="!online" class="offline" role="status" data-part="offline">
      {{ t(keptHere ? 'app.offline' : 'app.offlineBare') }}
    </p>
    <div class="foot">
      <button
        type="button"
        class="small"
        :aria-label="t('nav.unitsNow', { units: t(`units.${settings.units}`) })"
        @click="settings.toggleUnits()"
      >
        {{ t(`units.short.${settings.units}`) }}
      </button>
      <router-link class="small" to="/words">{{ t('nav.words') }}</router-link>
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
  font-size: 0.875rem;
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
.offline {
  font-size: 0.8125rem;
  line-height: 1.2;
  text-align: center;
  padding: 8px 4px;
}
.foot {
  margin-top: auto;
  display: flex;
  flex-direction: column;
  padding-bottom: 12px;
}
.more {
  display: none;
}
.small {
  min-height: 44px;
  display: flex;
  align-items: center;
  justify-content: center;
  text-decoration: none;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  font-size: 0.875rem;
  cursor: pointer;
}
/* A phone on its side: every place can be reached. */
@media (max-height: 520px) and (min-width: 701px) {
  .rail {
    overflow-y: auto;
  }
  .brand {
    display: none;
  }
  .place {
    padding: 6px 4px;
  }
}
@media (max-width: 700px) {
  .rail {
    inset: auto 0 0;
    width: auto;
    height: var(--bar);
    flex-direction: row;
  }
  .offline {
    position: fixed;
    left: 0;
    right: 0;
    bottom: var(--below);
    padding: 2px 8px;
    background: var(--rail);
  }
  .brand,
  .foot,
  .off-bar {
    display: none;
  }
  .more {
    display: flex;
  }
  .place {
    flex: 1 1 0;
    min-width: 0;
    overflow: hidden;
    padding: 8px 0;
    border-left: 0;
    border-top: 4px solid transparent;
    justify-content: center;
  }
  .place.here {
    border-top-color: #dba97a;
  }
  /* Five names side by side: with large letters they take what the width gives. */
  .place span {
    font-size: min(0.8125rem, 3.4vw);
  }
}
</style>
