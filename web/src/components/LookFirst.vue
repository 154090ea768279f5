<script setup lang="ts">
import { computed } from 'vue';
import type { Arrangement } from '../api/client';
import { useNumerals, type NumeralSchool } from '../composables/useNumerals';
import BarsToLearn from './BarsToLearn.vue';
import KeyPlan from './KeyPlan.vue';
import RowList, { type Row } from './RowList.vue';
import WeightCurve from './WeightCurve.vue';

/** What to see before playing: how much there is to learn, the keys, the phrases, known rows of chords. */
const props = defineProps<{
  tune: Pick<Arrangement, 'analysis' | 'bars' | 'chords' | 'melody' | 'key'>;
  bar: number;
  chord: number;
}>();
const emit = defineEmits<{ choose: [chord: number]; chooseBar: [bar: number] }>();

const { school, choose: chooseSchool } = useNumerals();
const SCHOOLS: { value: NumeralSchool; label: string }[] = [
  { value: 'figured', label: 'ii⁶' },
  { value: 'functional', label: 'IIm7' },
  { value: 'counted', label: '2m7' },
  { value: 'function', label: 'T S D' },
];

const analysis = computed(() => props.tune.analysis);
const number = (bar: number) => props.tune.bars[bar]?.number ?? bar + 1;
const barOf = (chord: number) => number(props.tune.chords[chord]?.bar ?? 0);
const symbol = (chord: number) => props.tune.chords[chord]?.symbol ?? '';
const isIn = ({ from, to }: { from: number; to: number }) =>
  from <= props.chord && props.chord < to;

/** Bars with more chords than most have. */
const quicker = computed(() => {
  const inBar = new Map<number, number>();
  for (const { bar } of props.tune.chords ?? []) inBar.set(bar, (inBar.get(bar) ?? 0) + 1);
  const often = new Map<number, number>();
  for (const count of inBar.values()) often.set(count, (often.get(count) ?? 0) + 1);
  const usual = [...often].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 1;
  return [...inBar].filter(([, count]) => count > usual).map(([bar]) => number(bar));
});
const range = (from: number, to: number) => {
  const [first, last] = [barOf(from), barOf(to - 1)];
  return first === last ? `bar ${first}` : `bars ${first}–${last}`;
};

const keys = computed((): Row[] =>
  analysis.value.keys.map((span) => ({
    to: span.from,
    head: span.key,
    words: range(span.from, span.to) + (span.pivot >= 0 ? `, by way of ${symbol(span.pivot)}` : ''),
    more: isIn(span) ? span.reason : undefined,
    here: isIn(span),
  })),
);
const phrases = computed((): Row[] =>
  analysis.value.cadences.map(({ chord, word, meaning }) => ({
    to: chord,
    head: `bar ${barOf(chord)}`,
    words: word,
    more: meaning,
    here: chord === props.chord,
  })),
);
const leans = computed((): Row[] =>
  analysis.value.leans.map(({ into, release }) => ({
    to: into,
    head: `bar ${barOf(into)}`,
    words: `lean into ${symbol(into)}, let go on ${symbol(release)}`,
    here: into === props.chord || release === props.chord,
  })),
);
/** Notes of the tune to bring out, with the chord they lean on. */
const toBringOut = computed((): Row[] =>
  analysis.value.tune.flatMap(({ stressed, words }, i) => {
    const note = props.tune.melody[i];
    if (!stressed || !note) return [];
    return {
      to: note.chord,
      head: `bar ${number(note.bar)}`,
      words: `over ${symbol(note.chord)}`,
      more: `a note ${words}`,
      here: note.chord === props.chord,
    };
  }),
);
const known = computed((): Row[] =>
  analysis.value.progressions.map((row) => ({
    to: row.from,
    head: row.name,
    words: range(row.from, row.to),
    more: isIn(row) ? row.reason : undefined,
    here: isIn(row),
  })),
);
</script>

<template>
  <section class="look" aria-label="Look first">
    <BarsToLearn :tune="tune" :bar="bar" @choose-bar="emit('chooseBar', $event)" />
    <p v-if="quicker.length" class="soft">
      Chords quicken in {{ quicker.length === 1 ? 'bar' : 'bars' }} {{ quicker.join(', ') }}
    </p>

    <slot />

    <template v-if="!tune.key">
      <h3>Keys</h3>
      <p class="soft">No clear key.</p>
    </template>
    <p v-if="analysis.contradiction" class="against">{{ analysis.contradiction }}.</p>
    <RowList title="Keys" :rows="analysis.clear ? keys : []" @choose="emit('choose', $event)">
      <KeyPlan
        v-if="keys.length > 1"
        :tune="tune"
        :chord="chord"
        @choose="emit('choose', $event)"
      />
    </RowList>
    <RowList title="Phrases" :rows="phrases" @choose="emit('choose', $event)" />
    <RowList title="Weight" :rows="leans" @choose="emit('choose', $event)">
      <WeightCurve :readings="analysis.readings" :chord="chord" />
    </RowList>
    <RowList title="Bring out in the tune" :rows="toBringOut" @choose="emit('choose', $event)" />
    <RowList title="You know these" :rows="known" @choose="emit('choose', $event)" />

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
