<script setup lang="ts">
import { ref, watch } from 'vue';
import { useLatest } from '../composables/useLatest';
import {
  api,
  type Arrangement,
  type Choices,
  type Mend,
  type Pin,
  type Played,
} from '../api/client';

/** Ways to mend what is to be minded at a chord: each to be heard before it is taken. */
const props = defineProps<{ chart: string; played: Played; chord: number; bar: number }>();
const emit = defineEmits<{
  take: [pin: Pin];
  write: [chart: string, words: string];
  /** Beside what is played now: a version of the page, or other choices for it. */
  see: [words: string, choices: Choices, chart: string | undefined];
  hear: [music: Arrangement, bar: number];
}>();

const arrange = api.arranger();
const mends = ref<Mend[]>();
const { ask, trouble } = useLatest();
const hearing = useLatest();
watch(
  () => [props.chord, props.chart, props.played] as const,
  () => {
    mends.value = undefined;
    hearing.drop();
    void ask(
      (signal) => api.mends(props.chart, props.played, props.chord, signal),
      (found) => (mends.value = found),
    );
  },
  { immediate: true },
);

const isHere = (pin: Pin, other: Pin) => pin.bar === other.bar && pin.start === other.start;

function choicesWith({ pin }: Mend): Choices {
  const { choices } = props.played;
  if (!pin) return choices;
  return { ...choices, pins: [...choices.pins.filter((other) => !isHere(pin, other)), pin] };
}
function hear(mend: Mend) {
  const { hand } = props.played;
  const { bar } = props;
  void hearing.ask(
    (signal) =>
      arrange(mend.chart ?? props.chart, { choices: choicesWith(mend), hand }, 'NONE', -1, signal),
    ({ arrangement }) => emit('hear', arrangement, bar),
  );
}
function take(mend: Mend) {
  if (mend.pin) emit('take', mend.pin);
  else if (mend.chart) emit('write', mend.chart, said(mend));
}
const said = ({ words }: Mend) => `${words[0]!.toUpperCase()}${words.slice(1)}`;
const rest = ({ findings }: Mend) =>
  findings ? `then ${findings} more to fix` : 'then nothing to fix';
</script>

<template>
  <p v-if="trouble || hearing.trouble.value" role="alert">
    {{ trouble || hearing.trouble.value }}
  </p>
  <p v-else-if="mends && !mends.length">No single change fixes it; look at the bars around.</p>
  <ul aria-label="Ways to fix it" :aria-busy="!mends">
    <li v-for="(mend, i) in mends ?? []" :key="i">
      <button
        class="see plain-button"
        title="beside what is played now"
        @click="emit('see', said(mend), choicesWith(mend), mend.chart ?? undefined)"
      >
        <b>{{ said(mend) }}</b> <small>{{ rest(mend) }}</small>
      </button>
      <button class="plain-button" :aria-label="`Hear: ${mend.words}`" @click="hear(mend)">
        <i class="pi pi-volume-up" aria-hidden="true" />
      </button>
      <button class="plain-button" :aria-label="`Take: ${mend.words}`" @click="take(mend)">
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
