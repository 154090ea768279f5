import { createRouter, createWebHistory } from 'vue-router';
import { prepareEngraver } from './engraver/start';
import ShelfView from './views/ShelfView.vue';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfView },
    { path: '/bring', name: 'bring', component: () => import('./views/BringView.vue') },
    {
      path: '/tunes/:id(\\d+)',
      name: 'lesson',
      component: () => import('./views/LessonView.vue'),
      props: (route) => ({ id: Number(route.params.id) }),
    },
    { path: '/:rest(.*)', redirect: '/' },
  ],
});

router.beforeEach((to, from) => {
  if (to.name === 'lesson' && from.name !== 'lesson') prepareEngraver();
});
