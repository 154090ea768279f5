<script setup lang="ts">
import { computed } from 'vue';
import SheetPage from '../components/SheetPage.vue';
import { useArrangement } from '../composables/useArrangement';
import { usePracticePath } from '../composables/usePracticePath';
import { usePractised } from '../composables/usePractised';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';
import { useWay } from '../composables/useWay';
import { tempoWords } from '../player/words';
import { barsOf, HANDS, minutesOf } from '../components/practice-words';

/** What is to be practised this week, on paper: a box for every day. */
const props = defineProps<{ id: number }>();

const DAYS = 7;
const tune = useTune(props.id);
const { arrangement } = useArrangement(tune.chart, tune.played);
const { path, bars, trouble } = usePracticePath(tune.chart, tune.played, arrangement);
const record = usePractised(tune.practice, bars);
const way = useWay(tune.choices, path, bars);
const steps = computed(() =>
  way.steps.value.filter((step) => step.from >= 0 && !record.isDone(step)),
);
const minutes = computed(() => Math.ceil(steps.value.reduce((sum, one) => sum + one.minutes, 0)));
const tempo = (percent: number) =>
  arrangement.value &&
  tempoWords(
    arrangement.value.beatLength,
    Math.max(20, Math.round((arrangement.value.tempo * percent) / 100)),
  );
useView(
  () => `${arrangement.value?.title ?? 'Tune'}, this week`,
  () => path.value,
);
</script>

<template>
  <SheetPage :id="id" :title="arrangement?.title ?? ''">
    <template #words>
      <p v-if="path">
        {{ tune.student.value?.name }}, this week:
        {{ steps.length ? `a few steps a day, about ${minutesOf(minutes)} in all.` : 'all done.' }}
      </p>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <table v-if="steps.length">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">From</th>
          <th scope="col">To</th>
          <th scope="col" :colspan="DAYS">A box for each day</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(step, i) in steps" :key="i">
          <th scope="row">
            {{ HANDS[step.hands] }}, {{ barsOf(step, arrangement) }}
            <span>{{ step.word || step.why }}</span>
          </th>
          <td>{{ tempo(step.start) }}</td>
          <td>{{ tempo(step.goal) }}</td>
          <td v-for="day in DAYS" :key="day" class="day"><span /></td>
        </tr>
      </tbody>
    </table>
    <p class="word">A word from your teacher:</p>
  </SheetPage>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 8px 6px;
  text-align: left;
  border-bottom: 1px solid var(--line);
}
tbody th {
  font-size: 19px;
}
tbody th span {
  display: block;
  font-size: 16px;
  font-weight: 400;
  color: var(--ink-soft);
}
tbody th span::first-letter {
  text-transform: uppercase;
}
td {
  white-space: nowrap;
}
.day {
  width: 34px;
  padding: 0 3px;
}
.day span {
  display: block;
  width: 26px;
  height: 26px;
  border: 1.5px solid var(--ink-soft);
  border-radius: 6px;
}
.word {
  min-height: 90px;
  margin-top: 24px;
  color: var(--ink-soft);
}
tr {
  break-inside: avoid;
}
</style>
