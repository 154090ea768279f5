<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { api, type Revision } from '../api/client';
import { allConfirmed } from '../editor/guesses';
import ChordPrinting from './ChordPrinting.vue';
import MoveTune from './MoveTune.vue';

/** What changes the whole tune: its key, how chords are written, an earlier state. */
const props = defineProps<{ id: number; guesses: number }>();
const chart = defineModel<string>('chart', { required: true });
const emit = defineEmits<{ playAs: [played: Revision['played']] }>();

const trouble = ref('');
const done = ref('');
const history = ref<Revision[]>();
async function change(what: string, work: () => Promise<string>) {
  trouble.value = '';
  done.value = '';
  const before = chart.value;
  try {
    const changed = await work();
    if (chart.value !== before) {
      trouble.value = 'You typed meanwhile, and that stands; try again.';
      return;
    }
    chart.value = changed;
    done.value = what;
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}

async function takeBack(revision: Revision) {
  await change('It is as it was then.', async () => revision.chart);
  if (!trouble.value) emit('playAs', revision.played);
}

onMounted(async () => (history.value = await api.history(props.id).catch(() => undefined)));

const when = (revision: Revision) =>
  new Date(revision.savedAt).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

const firstBars = (revision: Revision) =>
  revision.chart
    .split('\n')
    .find((line) => line.trimStart().startsWith('|'))
    ?.slice(0, 36) ?? 'no bars';
</script>

<template>
  <div class="tune-tools">
    <section v-if="guesses">
      <h3>{{ guesses }} guessed {{ guesses === 1 ? 'chord' : 'chords' }}</h3>
      <Button
        label="All are right"
        variant="outlined"
        @click="change('All guesses are confirmed.', async () => allConfirmed(chart))"
      />
    </section>
    <MoveTune :chart="chart" @change="change" />
    <section>
      <h3>The chart</h3>
      <div class="row">
        <Button
          label="Chords as numerals"
          variant="outlined"
          @click="change('Chords are numerals now.', () => api.format(chart, 'NUMERALS'))"
        />
        <Button
          label="As letters, in good order"
          variant="outlined"
          @click="change('The chart is in good order.', () => api.format(chart, 'LETTERS'))"
        />
      </div>
      <ChordPrinting :chart="chart" @change="change" />
    </section>
    <section v-if="history?.length">
      <h3>How it was before</h3>
      <ul>
        <li v-for="revision in history.slice(0, 8)" :key="revision.id">
          <span
            >{{ when(revision) }} <b>{{ firstBars(revision) }}</b></span
          >
          <Button
            label="Take this"
            size="small"
            variant="text"
            :aria-label="`Take this: the state of ${when(revision)}`"
            @click="takeBack(revision)"
          />
        </li>
      </ul>
    </section>
    <p v-if="done" class="done" role="status">
      {{ done }} To take it back, press Ctrl+Z in the chart.
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  margin-bottom: 16px;
}
.row {
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
li b {
  font-weight: 500;
  color: var(--ink-soft);
  display: block;
}
.done {
  margin: 0;
}
.trouble {
  margin: 0;
  color: var(--caution);
}
</style>
