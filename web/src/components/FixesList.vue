<script setup lang="ts">
import { ref, watch } from 'vue';
import { useLatest } from '../composables/useLatest';
import {
  api,
  type Arrangement,
  type Choices,
  type Fix,
  type Pin,
  type Played,
} from '../api/client';

/** Ways to fix what is found at a chord: each to be heard before it is taken. */
const props = defineProps<{
  chart: string;
  played: Played;
  chord: number;
  code: string;
  bar: number;
}>();
const emit = defineEmits<{
  take: [pin: Pin];
  write: [chart: string, words: string];
  /** Beside what is played now: a version of the page, or other choices for it. */
  see: [words: string, choices: Choices, chart: string | undefined];
  hear: [music: Arrangement, bar: number];
}>();

const arrange = api.arranger();
const fixes = ref<Fix[]>();
const { ask, trouble } = useLatest();
const hearing = useLatest();
watch(
  () => [props.chord, props.code, props.chart, props.played] as const,
  () => {
    fixes.value = undefined;
    hearing.drop();
    void ask(
      (signal) => api.fixes(props.chart, props.played, props.chord, props.code, signal),
      (found) => (fixes.value = found),
    );
  },
  { immediate: true },
);

const isHere = (pin: Pin, other: Pin) => pin.bar === other.bar && pin.start === other.start;

function choicesWith({ pin }: Fix): Choices {
  const { choices } = props.played;
  if (!pin) return choices;
  return { ...choices, pins: [...choices.pins.filter((other) => !isHere(pin, other)), pin] };
}
function hear(fix: Fix) {
  const { hand } = props.played;
  const { bar } = props;
  void hearing.ask(
    (signal) =>
      arrange(fix.chart ?? props.chart, { choices: choicesWith(fix), hand }, 'NONE', -1, signal),
    ({ arrangement }) => emit('hear', arrangement, bar),
  );
}
function take(fix: Fix) {
  if (fix.pin) emit('take', fix.pin);
  else if (fix.chart) emit('write', fix.chart, said(fix));
}
const said = ({ words }: Fix) => `${words[0]!.toUpperCase()}${words.slice(1)}`;
const rest = ({ findings }: Fix) =>
  findings ? `then ${findings} more to fix` : 'then nothing to fix';
</script>

<template>
  <p v-if="trouble || hearing.trouble.value" role="alert">
    {{ trouble || hearing.trouble.value }}
  </p>
  <p v-else-if="fixes && !fixes.length">No one change fixes this. Check the neighbouring bars.</p>
  <ul aria-label="Ways to fix it" :aria-busy="!fixes">
    <li v-for="(fix, i) in fixes ?? []" :key="i">
      <button
        class="see plain-button"
        title="Compare"
        @click="emit('see', said(fix), choicesWith(fix), fix.chart ?? undefined)"
      >
        <b>{{ said(fix) }}</b> <small>{{ rest(fix) }}</small>
      </button>
      <button class="plain-button" :aria-label="`Hear: ${fix.words}`" @click="hear(fix)">
        <i class="pi pi-volume-up" aria-hidden="true" />
      </button>
      <button class="plain-button" :aria-label="`Take: ${fix.words}`" @click="take(fix)">
        Take
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 0 0 8px;
}
li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
  gap: 4px;
}
li .see {
  border: 0;
  text-align: left;
}
small {
  display: block;
  font-size: 16px;
  color: var(--ink-soft);
}
button {
  min-height: 40px;
  min-width: 44px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 10px;
  text-align: center;
}
p {
  margin: 4px 0;
  color: var(--ink-soft);
}
</style>
