<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref } from 'vue';
import { api, type Choices, type Revision } from '../api/client';
import { useLatest } from '../composables/useLatest';
import { replaced, TYPED_MEANWHILE } from '../composables/replacing';
import { allConfirmed } from '../editor/guesses';
import ChordPrinting from './ChordPrinting.vue';
import MoveTune from './MoveTune.vue';

/** What changes the whole tune: its key, how chords are written, an earlier state. */
const props = defineProps<{
  id: number;
  guesses: number;
  /** What each student plays of it, whose notes go along when the tune is moved. */
  played: { assignment: number; choices: Choices }[];
}>();
const chart = defineModel<string>('chart', { required: true });
const emit = defineEmits<{ playAs: [played: { assignment: number; choices: Choices }[]] }>();

const LATEST = 8;

const trouble = ref('');
const done = ref('');
const history = ref<Revision[]>();
async function change(what: string, work: () => Promise<string>) {
  trouble.value = '';
  done.value = '';
  try {
    if (await replaced(chart, work)) done.value = what;
    else trouble.value = TYPED_MEANWHILE;
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}

async function move(
  what: string,
  work: (chart: string, choices: Choices[]) => Promise<{ chart: string; choices: Choices[] }>,
) {
  const { played } = props;
  let moved: Choices[] = [];
  await change(what, async () => {
    const done = await work(
      chart.value,
      played.map((one) => one.choices),
    );
    moved = done.choices;
    const isChosen = played.some(({ choices }, i) => props.played[i]?.choices !== choices);
    if (isChosen)
      throw new Error('Something else was chosen meanwhile, and that stands; try again');
    return done.chart;
  });
  if (!trouble.value) {
    emit(
      'playAs',
      played.map(({ assignment }, i) => ({ assignment, choices: moved[i]! })),
    );
  }
}

async function takeBack(revision: Revision) {
  await change('It is as it was then.', async () => revision.chart);
  if (!trouble.value) emit('playAs', revision.played);
}

/** The state that is being named. */
const naming = ref<number>();

async function name(revision: Revision, event: Event) {
  const text = (event.target as HTMLInputElement).value.trim();
  naming.value = undefined;
  if (text === revision.name) return;
  try {
    await api.nameState(props.id, revision.id, text);
    revision.name = text;
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}

/** The latest ones, and all that have a name. */
const shown = computed(() => history.value?.filter((one, i) => i < LATEST || one.name));

const { ask, trouble: missing } = useLatest();
onMounted(() =>
  ask(
    (signal) => api.history(props.id, signal),
    (states) => (history.value = states),
  ),
);

const when = (revision: Revision) =>
  new Date(revision.savedAt).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

const vFocus = { mounted: (input: HTMLElement) => input.focus() };

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
    <MoveTune @move="move" />
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
        <li v-for="revision in shown" :key="revision.id">
          <input
            v-if="naming === revision.id"
            v-focus
            :value="revision.name"
            maxlength="80"
            placeholder="as played in May"
            :aria-label="`Name of the state of ${when(revision)}`"
            @change="name(revision, $event)"
            @blur="naming = undefined"
          />
          <span v-else
            >{{ revision.name || when(revision) }} <b>{{ firstBars(revision) }}</b></span
          >
          <Button
            icon="pi pi-bookmark"
            size="small"
            variant="text"
            severity="secondary"
            :aria-label="`Name the state of ${when(revision)}, which keeps it for ever`"
            @click="naming = revision.id"
          />
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
    <p v-if="trouble || missing" class="trouble" role="alert">{{ trouble || missing }}</p>
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
  align-items: center;
  gap: 10px;
}
li > :first-child {
  flex: 1;
  min-width: 0;
}
li input {
  min-height: 42px;
  padding: 0 10px;
  font: inherit;
  color: inherit;
  background: var(--page);
  border: 2px solid var(--zest);
  border-radius: 10px;
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
