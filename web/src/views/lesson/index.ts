/** The lesson and its stages, which come in one piece. */
export { default as LessonView } from './LessonView.vue';
export { default as write } from './WriteStage.vue';
export { default as look } from './LookStage.vue';
export { default as hand } from './HandStage.vue';
export { default as check } from './CheckStage.vue';
export { default as exercise } from './ExerciseStage.vue';
export { default as practise } from './PractiseStage.vue';
export { default as take } from './TakeStage.vue';
