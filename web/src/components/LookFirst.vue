<script setup lang="ts">
import { computed } from 'vue';
import type { Arrangement } from '../api/client';
import { useNumerals, type NumeralSchool } from '../composables/useNumerals';
import BarsToLearn from './BarsToLearn.vue';
import KeyPlan from './KeyPlan.vue';
import WeightCurve from './WeightCurve.vue';

/** What to see before playing: how much there is to learn, the keys, the phrases, known rows of chords. */
const props = defineProps<{ tune: Arrangement | undefined; bar: number; chord: number }>();
const emit = defineEmits<{ choose: [chord: number]; chooseBar: [bar: number] }>();

const { school, choose: chooseSchool } = useNumerals();
const SCHOOLS: { value: NumeralSchool; label: string }[] = [
  { value: 'figured', label: 'ii⁶' },
  { value: 'functional', label: 'IIm7' },
  { value: 'counted', label: '2m7' },
  { value: 'function', label: 'T S D' },
];

const analysis = computed(() => props.tune?.analysis);
const number = (bar: number) => props.tune?.bars[bar]?.number ?? bar + 1;
const barOf = (chord: number) => number(props.tune?.chords[chord]?.bar ?? 0);
const symbol = (chord: number) => props.tune?.chords[chord]?.symbol ?? '';

/** Notes of the tune to bring out, with the chord they lean on. */
const toBringOut = computed(() =>
  (analysis.value?.tune ?? []).flatMap(({ stressed, words }, i) => {
    const note = props.tune?.melody[i];
    return stressed && note ? [{ ...note, words }] : [];
  }),
);
/** Bars with more chords than most have. */
const quicker = computed(() => {
  const inBar = new Map<number, number>();
  for (const { bar } of props.tune?.chords ?? []) inBar.set(bar, (inBar.get(bar) ?? 0) + 1);
  const often = new Map<number, number>();
  for (const count of inBar.values()) often.set(count, (often.get(count) ?? 0) + 1);
  const usual = [...often].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 1;
  return [...inBar].filter(([, count]) => count > usual).map(([bar]) => number(bar));
});
const range = (from: number, to: number) => {
  const [first, last] = [barOf(from), barOf(to - 1)];
  return first === last ? `bar ${first}` : `bars ${first}–${last}`;
};
</script>

<template>
  <section v-if="tune && analysis" class="look" aria-label="Look first">
    <BarsToLearn :tune="tune" :bar="bar" @choose-bar="emit('chooseBar', $event)" />
    <p v-if="quicker.length" class="soft">
      Chords quicken in {{ quicker.length === 1 ? 'bar' : 'bars' }} {{ quicker.join(', ') }}
    </p>

    <h3>Keys</h3>
    <p v-if="!tune.key" class="soft">No clear key.</p>
    <p v-if="analysis.contradiction" class="against">{{ analysis.contradiction }}.</p>
    <KeyPlan
      v-if="analysis.clear && analysis.keys.length > 1"
      :tune="tune"
      :chord="chord"
      @choose="emit('choose', $event)"
    />
    <ul v-if="analysis.clear">
      <li v-for="key in analysis.keys" :key="key.from">
        <button
          class="row plain-button"
          :class="{ here: key.from <= chord && chord < key.to }"
          @click="emit('choose', key.from)"
        >
          <b>{{ key.key }}</b> {{ range(key.from, key.to) }}
          <span v-if="key.pivot >= 0" class="soft">by way of {{ symbol(key.pivot) }}</span>
          <span v-if="key.from <= chord && chord < key.to" class="soft">{{ key.reason }}</span>
        </button>
      </li>
    </ul>

    <template v-if="analysis.cadences.length">
      <h3>Phrases</h3>
      <ul>
        <li v-for="cadence in analysis.cadences" :key="cadence.chord">
          <button
            class="row plain-button"
            :class="{ here: cadence.chord === chord }"
            @click="emit('choose', cadence.chord)"
          >
            <b>bar {{ barOf(cadence.chord) }}</b> {{ cadence.word }}
            <span class="soft">{{ cadence.meaning }}</span>
          </button>
        </li>
      </ul>
    </template>

    <template v-if="analysis.leans.length">
      <h3>Weight</h3>
      <WeightCurve :readings="analysis.readings" :chord="chord" />
      <ul>
        <li v-for="lean in analysis.leans" :key="lean.into">
          <button
            class="row plain-button"
            :class="{ here: lean.into === chord || lean.release === chord }"
            @click="emit('choose', lean.into)"
          >
            lean into <b>{{ symbol(lean.into) }}</b> in bar {{ barOf(lean.into) }}, let go on
            <b>{{ symbol(lean.release) }}</b>
          </button>
        </li>
      </ul>
    </template>

    <template v-if="toBringOut.length">
      <h3>Bring out in the tune</h3>
      <ul>
        <li v-for="note in toBringOut" :key="note.id">
          <button
            class="row plain-button"
            :class="{ here: note.chord === chord }"
            @click="emit('choose', note.chord)"
          >
            <b>bar {{ number(note.bar) }}</b> over {{ symbol(note.chord) }}
            <span class="soft">a note {{ note.words }}</span>
          </button>
        </li>
      </ul>
    </template>

    <template v-if="analysis.progressions.length">
      <h3>You know these</h3>
      <ul>
        <li v-for="(row, i) in analysis.progressions" :key="i">
          <button
            class="row plain-button"
            :class="{ here: row.from <= chord && chord < row.to }"
            @click="emit('choose', row.from)"
          >
            <b>{{ row.name }}</b> {{ range(row.from, row.to) }}
            <span v-if="row.from <= chord && chord < row.to" class="soft">{{ row.reason }}</span>
          </button>
        </li>
      </ul>
    </template>

    <h3 id="school">Numerals</h3>
    <p class="schools" role="group" aria-labelledby="school">
      <button
        v-for="one in SCHOOLS"
        :key="one.value"
        class="plain-button"
        :aria-pressed="school === one.value"
        @click="chooseSchool(one.value)"
      >
        {{ one.label }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.look {
  overflow: auto;
  min-height: 0;
  background: var(--page);
  border-radius: 12px;
  padding: 10px 12px;
}
h3 {
  margin: 14px 0 2px;
  font-size: 17px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.soft {
  color: var(--ink-soft);
  margin: 0;
}
.against {
  margin: 0;
  color: var(--caution);
}
.against::first-letter {
  text-transform: uppercase;
}
.row {
  width: 100%;
  min-height: 40px;
  padding: 4px 6px;
  border-radius: 8px;
  text-align: left;
  line-height: 1.3;
}
.row:hover,
.row.here {
  background: var(--zest-wash);
}
.row .soft {
  display: block;
}
.schools {
  display: flex;
  gap: 6px;
  margin: 4px 0 0;
}
.schools button {
  flex: 1;
  min-height: 40px;
  border: 2px solid var(--line);
  border-radius: 8px;
  font-family: var(--titles);
}
.schools button[aria-pressed='true'] {
  border-color: var(--zest);
  background: var(--zest-wash);
}
</style>
