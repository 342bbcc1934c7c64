import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Settings } from '@pepper-knot/core/internal'
import { useShop } from './shop.ts'

/** How the shop counts, looks and works. */
export const useSettings = defineStore('settings', () => {
  const shop = useShop()
  const all = computed<Settings>({
    get: () => shop.shop.settings,
    set: (next) => (shop.shop.settings = next),
  })
  const units = computed(() => all.value.units)
  const toggleUnits = () => (all.value.units = units.value === 'metric' ? 'inch' : 'metric')
  return { all, units, toggleUnits }
})
