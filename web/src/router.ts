import { createRouter, createWebHistory } from 'vue-router';
import { prepareEngraver } from './engraver/start';
import ShelfView from './views/ShelfView.vue';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfView },
    { path: '/bring', name: 'bring', component: () => import('./views/BringView.vue') },
    {
      path: '/tunes/:id(\\d+)/:stage(write|look|hand|check|take)?',
      name: 'lesson',
      component: () => import('./views/LessonView.vue'),
      props: ({ params }) => ({ id: Number(params.id), stage: params.stage || undefined }),
    },
    { path: '/:rest(.*)', redirect: '/' },
  ],
});

router.beforeEach((to, from) => {
  if (to.name === 'lesson' && from.name !== 'lesson') prepareEngraver();
});
