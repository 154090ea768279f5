<script setup lang="ts">
import Button from 'primevue/button';
import Popover from 'primevue/popover';
import { ref } from 'vue';
import { api, type Revision } from '../api/client';
import { allConfirmed } from '../editor/guesses';
import ChordPrinting from './ChordPrinting.vue';
import MoveTune from './MoveTune.vue';

/** What changes the whole tune: its key, how chords are written, an earlier state. */
const props = defineProps<{ id: number; guesses: number }>();
const chart = defineModel<string>('chart', { required: true });

const panel = ref<InstanceType<typeof Popover>>();
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

async function open(event: Event) {
  done.value = '';
  trouble.value = '';
  panel.value?.toggle(event);
  history.value = await api.history(props.id).catch(() => undefined);
}

const when = (revision: Revision) =>
  new Date(revision.savedAt).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

const firstBars = (revision: Revision) =>
  revision.chart
    .split('\n')
    .find((line) => line.trimStart().startsWith('|'))
    ?.slice(0, 36) ?? 'no bars';
</script>

<template>
  <Button
    label="Change"
    icon="pi pi-pencil"
    variant="text"
    aria-haspopup="dialog"
    title="Key, chords as numerals, earlier states"
    @click="open"
  />
  <Popover ref="panel" class="tune-tools" aria-label="Change the tune">
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
            :aria-label="`Take the state of ${when(revision)}`"
            @click="change('It is as it was then.', async () => revision.chart)"
          />
        </li>
      </ul>
    </section>
    <p v-if="done" class="done" role="status">
      {{ done }} To take it back, press Ctrl+Z in the chart.
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </Popover>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  margin-bottom: 16px;
  max-width: 420px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
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
  max-width: 420px;
}
</style>
