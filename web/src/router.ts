import { createRouter, createWebHistory } from 'vue-router';
import { prepareEngraver } from './engraver/start';
import { STAGES } from './views/lesson/stages';
import ShelfView from './views/ShelfView.vue';

const lesson = () => import('./views/lesson');

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfView },
    { path: '/formats', name: 'formats', component: () => import('./views/FormatsView.vue') },
    { path: '/bring', name: 'bring', component: () => import('./views/BringView.vue') },
    {
      path: '/exercises',
      name: 'exercises',
      component: () => import('./views/ExercisesView.vue'),
    },
    {
      path: '/exercises/report',
      name: 'class',
      component: () => import('./views/ClassReportView.vue'),
    },
    {
      path: '/exercises/home/:id(\\d+)',
      name: 'home',
      component: () => import('./views/TakeHomeView.vue'),
      props: ({ params }) => ({ id: Number(params.id) }),
    },
    {
      path: '/rules/:code',
      name: 'rules',
      component: () => import('./views/RulesView.vue'),
      props: true,
      // One rule after another in the same page.
      meta: { stays: true },
    },
    {
      path: '/answer/:code',
      name: 'answer',
      component: () => import('./views/AnswerView.vue'),
      props: true,
    },
    {
      path: '/practise/:code',
      name: 'practising',
      component: () => import('./views/PractiseView.vue'),
      props: true,
    },
    {
      path: '/tunes/:id(\\d+)',
      name: 'lesson',
      component: () => lesson().then(({ LessonView }) => LessonView),
      props: ({ params }) => ({ id: Number(params.id) }),
      children: STAGES.map(({ id }) => ({
        path: id,
        name: id,
        component: () => lesson().then((parts) => parts[id]),
      })),
    },
    {
      path: '/tunes/:id(\\d+)/positions',
      name: 'positions',
      component: () => import('./views/PositionsView.vue'),
      props: ({ params }) => ({ id: Number(params.id) }),
    },
    {
      path: '/tunes/:id(\\d+)/warm-up',
      name: 'warm-up',
      component: () => import('./views/WarmUpView.vue'),
      props: ({ params }) => ({ id: Number(params.id) }),
    },
    {
      path: '/tunes/:id(\\d+)/report',
      name: 'report',
      component: () => import('./views/ReportView.vue'),
      props: ({ params }) => ({ id: Number(params.id) }),
    },
    {
      path: '/tunes/:id(\\d+)/week',
      name: 'week',
      component: () => import('./views/WeekCardView.vue'),
      props: ({ params }) => ({ id: Number(params.id) }),
    },
    { path: '/:rest(.*)', redirect: '/' },
  ],
});

router.beforeEach((to, from) => {
  if ((to.params.id && !from.params.id) || ['answer', 'practising'].includes(String(to.name)))
    prepareEngraver();
});
