<script setup lang="ts">
import { ref, watch } from 'vue';
import { useLatest } from '../composables/useLatest';
import { api, type ArrangedChord, type Played, type Price } from '../api/client';
import PanelHead from './PanelHead.vue';

/** Every other way to play the chosen chord, what the whole tune would cost more, and why. */
const props = defineProps<{ chart: string; played: Played; chord: ArrangedChord | undefined }>();
const emit = defineEmits<{ take: [pitches: string[]]; close: [] }>();

const prices = ref<Price[]>();
const { ask, trouble } = useLatest();
watch(
  () => [props.chord?.index, props.chart, props.played],
  () => {
    // What is shown belongs to another chord until the answer is there: nothing of it can be taken.
    prices.value = undefined;
    const chord = props.chord?.index;
    if (chord === undefined) return;
    void ask(
      (signal) => api.prices(props.chart, props.played, chord, signal),
      (found) => (prices.value = found),
    );
  },
  { immediate: true, deep: true },
);
const sign = (n: number) => (n > 0 ? `+${n}` : `${n}`.replace('-', '−'));
const why = (price: Price) =>
  price.terms.length
    ? price.terms.map(({ name, semitones }) => `${sign(semitones)} ${name}`).join(', ')
    : 'the same in every respect';
</script>

<template>
  <section aria-label="Prices" :aria-busy="!prices">
    <PanelHead :title="`${chord?.symbol ?? ''}: other voicings`" @close="emit('close')" />
    <p class="soft">Extra movement in the whole tune, in half steps, and why.</p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="prices && !prices.length">There is no other voicing of this kind.</p>
    <ul>
      <li v-for="price in prices ?? []" :key="price.pitches.join()">
        <button class="plain-button" @click="emit('take', price.pitches)">
          <b>{{ price.names }}</b> <span class="from">from {{ price.pitches[0] }}</span>
          <b class="price">{{ sign(price.price) }}</b>
          <span class="why">{{ why(price) }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
}
button {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 2px 8px;
  align-items: baseline;
  width: 100%;
  padding: 6px 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
  text-align: left;
}
button:hover {
  background: var(--page);
}
.from,
.why,
.soft {
  color: var(--ink-soft);
}
.why {
  grid-column: span 3;
  line-height: 1.25;
}
.soft {
  margin: 6px 0;
}
.trouble {
  color: var(--caution);
}
</style>
