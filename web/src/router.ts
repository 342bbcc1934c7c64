import { createRouter, createWebHistory } from 'vue-router'
import BenchScreen from './screens/bench/BenchScreen.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'bench', component: BenchScreen },
    {
      path: '/change/:id/:stage(decide|match|gather|swap|feed|dial-in|sign-off)?',
      name: 'change',
      component: () => import('./screens/changeover/ChangeoverScreen.vue'),
      props: true,
    },
    {
      path: '/trouble/:id',
      name: 'trouble',
      component: () => import('./screens/trouble/TroubleScreen.vue'),
      props: true,
    },
    { path: '/trouble', name: 'troubles', component: () => import('./screens/trouble/TroublesScreen.vue') },
    { path: '/feed', name: 'feed', component: () => import('./screens/feed/FeedScreen.vue') },
    { path: '/desk', name: 'desk', component: () => import('./screens/desk/DeskScreen.vue') },
    { path: '/change', name: 'changes', component: () => import('./screens/changeover/ChangesScreen.vue') },
    {
      path: '/store/:list(machines|wires|parts|metals)?',
      name: 'store',
      component: () => import('./screens/store/StoreScreen.vue'),
      props: true,
    },
    {
      path: '/card/:id?',
      name: 'card',
      component: () => import('./screens/card/CardScreen.vue'),
      props: true,
    },
    {
      path: '/store/labels',
      name: 'labels',
      component: () => import('./screens/store/LabelsScreen.vue'),
    },
    { path: '/log', name: 'log', component: () => import('./screens/log/LogScreen.vue') },
    { path: '/words', name: 'words', component: () => import('./screens/words/WordsScreen.vue') },
    { path: '/more', name: 'more', component: () => import('./screens/more/MoreScreen.vue') },
    { path: '/shop', name: 'shop', component: () => import('./screens/shop/ShopScreen.vue') },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./screens/LostScreen.vue') },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
})
