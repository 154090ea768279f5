<script setup lang="ts">
import { ref, watch } from 'vue';
import { useLatest } from '../composables/useLatest';
import { api, type Arrangement, type Mend, type Pin, type Played } from '../api/client';

/** Ways to mend what is to be minded at a chord: each to be heard before it is taken. */
const props = defineProps<{ chart: string; played: Played; chord: number; bar: number }>();
const emit = defineEmits<{
  take: [pin: Pin];
  write: [chart: string, words: string];
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

function hear({ pin, chart }: Mend) {
  const { choices, hand } = props.played;
  const others = choices.pins.filter((other) => !pin || !isHere(pin, other));
  const pins = pin ? [...others, pin] : others;
  const { bar } = props;
  void hearing.ask(
    (signal) =>
      arrange(chart ?? props.chart, { choices: { ...choices, pins }, hand }, false, -1, signal),
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
      <span>
        <b>{{ said(mend) }}</b> <small>{{ rest(mend) }}</small>
      </span>
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
