<script setup lang="ts">
import { computed } from 'vue';
import type { ExerciseOverview } from '../api/client';

/** A class at a glance: how far each student is, what goes wrong, which bars hold it up. */
const props = defineProps<{ overview: ExerciseOverview }>();
const emit = defineEmits<{ next: [set: string, student: string] }>();

type OfStudent = ExerciseOverview['students'][number];
const share = ({ points, most }: OfStudent) => (most ? Math.round((100 * points) / most) : 0);
const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });
const done = (one: OfStudent) =>
  [
    `${one.finished} of ${one.exercises} done`,
    one.minutes > 0 && `${one.minutes} min`,
    one.last && `last on ${day.format(new Date(one.last))}`,
  ]
    .filter(Boolean)
    .join(', ');
const slow = ({ slow: places }: OfStudent) =>
  places.map(({ title, bar, seconds }) => `${title}, bar ${bar} (${seconds} s)`).join('; ');
const listed = (names: string[]) => names.join(', ');
const isClass = computed(() => props.overview.students.length > 1);
</script>

<template>
  <section class="overview" aria-labelledby="overview-heading">
    <h2 id="overview-heading">At a glance</h2>
    <table>
      <thead class="only-heard">
        <tr>
          <th scope="col">Student</th>
          <th scope="col">Done</th>
          <th scope="col">Points</th>
          <th scope="col">Comes again</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in overview.students" :key="one.student">
          <th scope="row">{{ one.student || 'Anybody' }}</th>
          <td>{{ done(one) }}</td>
          <td>
            <span v-if="one.most" class="bar" :style="{ '--share': `${share(one)}%` }">
              {{ one.points }} of {{ one.most }}
            </span>
          </td>
          <td>
            <template v-if="one.habit">
              {{ one.habit }} ({{ one.times }})
              <button class="plain-button" @click="emit('next', one.next, one.student)">
                Make an exercise for that
              </button>
            </template>
            <span v-if="one.slow.length" class="slow">Waits long at {{ slow(one) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <template v-if="isClass && overview.troubles.length">
      <h3>What goes wrong most</h3>
      <ul>
        <li v-for="one in overview.troubles" :key="one.fault">
          <b>{{ one.name }}</b> ({{ one.times }}): {{ listed(one.students) }}
        </li>
      </ul>
    </template>
    <template v-if="overview.bars.length">
      <h3>Where students get stuck</h3>
      <ul>
        <li v-for="one in overview.bars" :key="one.title + one.bar">
          <b>{{ one.title }}, {{ one.bar ? `bar ${one.bar}` : 'pickup' }}</b> ({{ one.times }}):
          {{ listed(one.students) }}
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.overview {
  display: grid;
  gap: 10px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
tr {
  border-bottom: 1px solid var(--line);
}
th,
td {
  padding: 10px 12px 10px 0;
  text-align: left;
  vertical-align: top;
}
tbody th {
  white-space: nowrap;
}
.bar {
  display: block;
  min-width: 110px;
  padding-bottom: 8px;
  white-space: nowrap;
  background: linear-gradient(var(--zest), var(--zest)) bottom left / var(--share) 5px no-repeat;
}
.slow {
  display: block;
  color: var(--ink-soft);
}
button {
  min-height: 40px;
  text-decoration: underline;
}
h3 {
  font-size: 18px;
}
ul {
  display: grid;
  gap: 6px;
}
</style>
