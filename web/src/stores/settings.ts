import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Settings } from '@pepper-knot/core/record'
import { useShop } from './shop.ts'

/** How the shop counts, looks and works. */
export const useSettings = defineStore('settings', () => {
  const shop = useShop()
  const all = computed<Readonly<Settings>>(() => shop.shop.settings)
  const units = computed(() => all.value.units)
  const toggleUnits = () => shop.set({ units: units.value === 'metric' ? 'inch' : 'metric' })
  return { all, set: shop.set, units, toggleUnits }
})
