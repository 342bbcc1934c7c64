/** What reads and writes what the browser keeps: fetched beside the page, not before it. */
export { demoShop } from '@pepper-knot/core/demo'
export { keepAside, loadShop, saveShop } from './browserStore.ts'
