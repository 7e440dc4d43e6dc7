import { createRouter, createWebHistory } from 'vue-router'

/** The places of the kitchen. To add one, add it here and to the rail in places.ts. */
export const router = createRouter({
  history: createWebHistory(),
  // Another place begins at its top; going back leads to where the eye was.
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? false : { top: 0 }),
  routes: [
    { path: '/', name: 'counter', component: () => import('@/features/counter/CounterPage.vue') },
    { path: '/line-up', name: 'line-up', component: () => import('@/features/lineup/LineUpPage.vue') },
    { path: '/dishes/:id?', name: 'dishes', component: () => import('@/features/dishes/DishesPage.vue') },
    { path: '/pot/:id?', name: 'pot', component: () => import('@/features/pot/PotPage.vue') },
    { path: '/check/:id?', name: 'check', component: () => import('@/features/check/CheckPage.vue') },
    { path: '/book/learned', name: 'learned', component: () => import('@/features/book/LearnedPage.vue') },
    { path: '/book/:id?', name: 'book', component: () => import('@/features/book/BookPage.vue') },
    { path: '/cold', name: 'cold', component: () => import('@/features/store/StorePage.vue') },
    { path: '/cold/labels', name: 'labels', component: () => import('@/features/store/LabelPage.vue') },
    { path: '/kitchen', name: 'kitchen', component: () => import('@/features/kitchen/KitchenPage.vue') },
    { path: '/trust', name: 'trust', component: () => import('@/features/trust/TrustPage.vue') },
    { path: '/let-in', name: 'let-in', component: () => import('@/features/home/LetInPage.vue') },
    {
      path: '/let-in/certificate',
      name: 'certificate',
      component: () => import('@/features/home/CertificatePage.vue'),
    },
    {
      path: '/dinner',
      name: 'dinner',
      component: () => import('@/features/home/DinnerPage.vue'),
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})
