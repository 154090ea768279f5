<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref } from 'vue';
import {
  api,
  type Exercise,
  type ExerciseOverview,
  type ReadyMade,
  type Student,
} from '../api/client';
import ClassOverview from '../components/ClassOverview.vue';
import ExerciseCard from '../components/ExerciseCard.vue';
import OneOf from '../components/OneOf.vue';
import { useLatest } from '../composables/useLatest';
import { useView } from '../composables/useView';

/** All exercises by student: what each keeps getting wrong, and new ones made from nothing. */
const exercises = ref<Exercise[]>();
const overview = ref<ExerciseOverview>();
const sets = ref<ReadyMade[]>([]);
const students = ref<Student[]>([]);
const { ask, trouble } = useLatest();
const load = () =>
  ask(
    () => Promise.all([api.exercises(), api.readyMade(), api.students(), api.exerciseOverview()]),
    ([all, ready, pupils, whole]) => {
      overview.value = whole;
      exercises.value = all;
      sets.value = ready;
      students.value = pupils;
    },
  );
onMounted(() => void load());
useView(
  () => 'Exercises',
  () => true,
);

const ANYBODY = 0;
const student = ref(ANYBODY);
const people = computed(() => [
  { id: ANYBODY, name: 'anybody' },
  ...students.value.map(({ id, name }) => ({ id, name })),
]);

const groups = computed(() => {
  const byName = new Map<string, Exercise[]>();
  for (const one of exercises.value ?? []) {
    const name = one.student || 'For everyone';
    byName.set(name, [...(byName.get(name) ?? []), one]);
  }
  return [...byName].map(([name, mine]) => ({ name, exercises: mine }));
});

const refused = ref('');
async function make(set: string, whom = student.value) {
  try {
    await api.makeReady({
      set,
      seed: exercises.value?.filter(({ tune }) => tune === null).length ?? 0,
      student: whom === ANYBODY ? null : whom,
      school: 'popular',
    });
    refused.value = '';
    await load();
  } catch (error) {
    refused.value = `${(error as Error).message}.`;
  }
}
const idOf = (name: string) => students.value.find((one) => one.name === name)?.id ?? ANYBODY;
</script>

<template>
  <main class="exercises">
    <header>
      <h1>Exercises</h1>
      <nav>
        <RouterLink v-if="exercises?.length" to="/exercises/report">Class report</RouterLink>
        <RouterLink to="/">Back to the shelf</RouterLink>
      </nav>
    </header>
    <p v-if="trouble || refused" class="trouble" role="alert">{{ trouble || refused }}</p>
    <section class="ready" aria-label="Ready-made exercises">
      <h2>Ready-made exercises</h2>
      <label class="whom">
        for
        <OneOf name="For whom" :chosen="student" :of="people" @choose="(one) => (student = one)" />
      </label>
      <ul>
        <li v-for="set in sets" :key="set.id">
          <Button :label="set.name" variant="outlined" @click="make(set.id)" />
          <span>{{ set.words }}</span>
        </li>
      </ul>
    </section>
    <div>
      <p v-if="exercises?.length === 0" class="empty">
        No exercise yet. Make one here, or from a tune in its stage “Exercise”.
      </p>
      <ClassOverview
        v-if="overview && exercises?.length"
        :overview="overview"
        @next="(set, whom) => make(set, idOf(whom))"
      />
      <section v-for="group in groups" :key="group.name" :aria-label="group.name">
        <h2>{{ group.name }}</h2>
        <ExerciseCard
          v-for="exercise in group.exercises"
          :key="exercise.id"
          :exercise="exercise"
          @changed="load"
          @next="make($event, idOf(group.name))"
        />
      </section>
    </div>
  </main>
</template>

<style scoped>
.exercises {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 20px 40px;
  max-width: 1120px;
  margin: 0 auto;
  padding: 28px 28px 60px;
  align-items: start;
}
header,
.trouble {
  grid-column: 1 / -1;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
nav {
  display: flex;
  gap: 24px;
}
h1 {
  font-size: 34px;
}
.ready {
  grid-column: 2;
  display: grid;
  gap: 10px;
}
.ready + div {
  grid-column: 1;
  grid-row: 2;
  display: grid;
  gap: 26px;
}
.trouble ~ .ready + div {
  grid-row: 3;
}
.whom {
  display: flex;
  gap: 10px;
  align-items: center;
}
.ready ul {
  display: grid;
  gap: 10px;
}
.ready li {
  display: grid;
  gap: 2px;
}

.ready span {
  margin: 0;
  color: var(--ink-soft);
}
.empty {
  margin: 0;
  font: 400 22px var(--titles);
  color: var(--ink-soft);
}
.trouble {
  color: var(--caution);
}
@media (max-width: 900px) {
  .exercises {
    grid-template-columns: minmax(0, 1fr);
  }
  .ready,
  .ready + div {
    grid-column: 1;
    grid-row: auto;
  }
}
</style>
