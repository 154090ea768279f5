<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ArrangedChord, Choices, Stretch } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** Some bars in another style or figure than the rest. */
const choices = defineModel<Choices>({ required: true });
const props = defineProps<{
  bars: { number: number; section: string }[];
  /** The chord where the teacher is, and its bar. */
  chord: ArrangedChord | undefined;
  bar: number;
}>();
const emit = defineEmits<{ close: [] }>();

const catalogue = useCatalogue();
const SAME = 'as elsewhere';
const styles = computed(() => [
  { id: SAME, name: 'as elsewhere' },
  ...(catalogue.value?.styles ?? []),
]);
const figures = computed(() => [
  { id: SAME, name: 'as elsewhere' },
  ...(catalogue.value?.figures ?? []),
]);
const numbers = computed(() =>
  props.bars.map(({ number }, i) => ({ id: i, name: `bar ${number}` })),
);

/** From the section's beginning to its end, or the whole tune. */
const sectionOf = (bar: number): [number, number] => {
  let from = bar;
  while (from > 0 && !props.bars[from]?.section) from--;
  let to = bar;
  while (to + 1 < props.bars.length && !props.bars[to + 1]?.section) to++;
  return [from, to];
};
const [first, last] = sectionOf(props.bar);
const from = ref(first);
const to = ref(last);
const only = ref(false);
const style = ref(SAME);
const figure = ref(SAME);

/** Bars that are gone since are told by where they stood. */
const numberOf = (bar: number) => props.bars[bar]?.number ?? bar + 1;

const told = ({ from, to, chord, style, figure }: Stretch) => {
  const name = (all: { id: string; name: string }[], id?: string | null) =>
    all.find((one) => one.id === id)?.name;
  const where = chord
    ? `One chord of bar ${numberOf(from)}`
    : from === to - 1
      ? `Bar ${numberOf(from)}`
      : `Bars ${numberOf(from)}–${numberOf(to - 1)}`;
  const what = [name(styles.value, style), name(figures.value, figure)].filter(Boolean).join(', ');
  return `${where}: ${what}`;
};
function add() {
  const one = only.value ? props.chord : undefined;
  const stretch = {
    from: one?.bar ?? Math.min(from.value, to.value),
    to: (one?.bar ?? Math.max(from.value, to.value)) + 1,
    ...(one ? { chord: one.start } : {}),
    ...(style.value === SAME ? {} : { style: style.value }),
    ...(figure.value === SAME ? {} : { figure: figure.value }),
  } as Stretch;
  choices.value = { ...choices.value, stretches: [...choices.value.stretches, stretch] };
}
const remove = (i: number) =>
  (choices.value = {
    ...choices.value,
    stretches: choices.value.stretches.filter((_, at) => at !== i),
  });
</script>

<template>
  <section aria-label="Different in some bars">
    <PanelHead title="Different in some bars" @close="emit('close')" />
    <div class="form">
      <template v-if="!only">
        <label for="stretch-from">From</label>
        <OneOf id="stretch-from" :chosen="from" :of="numbers" @choose="(id) => (from = id)" />
        <label for="stretch-to">to</label>
        <OneOf id="stretch-to" :chosen="to" :of="numbers" @choose="(id) => (to = id)" />
      </template>
      <label v-if="chord" class="varied only">
        <input v-model="only" type="checkbox" />
        only the chosen {{ chord.symbol }} in bar {{ bars[chord.bar]?.number }}
      </label>
      <label for="stretch-style">Style</label>
      <OneOf id="stretch-style" :chosen="style" :of="styles" @choose="(id) => (style = id)" />
      <label for="stretch-figure">Figure</label>
      <OneOf id="stretch-figure" :chosen="figure" :of="figures" @choose="(id) => (figure = id)" />
      <button class="plain-button" :disabled="style === SAME && figure === SAME" @click="add">
        {{ only ? 'Play this chord so' : 'Play these bars so' }}
      </button>
    </div>
    <ul>
      <li v-for="(stretch, i) in choices.stretches" :key="i">
        <span>{{ told(stretch) }}</span>
        <button class="plain-button" :aria-label="`No longer: ${told(stretch)}`" @click="remove(i)">
          <i class="pi pi-times" aria-hidden="true" />
        </button>
      </li>
    </ul>
    <label class="varied">
      <input
        type="checkbox"
        :checked="choices.varied"
        @change="choices = { ...choices, varied: ($event.target as HTMLInputElement).checked }"
      />
      run from every fourth bar into the next, and vary every eighth
    </label>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 6px 10px;
  align-items: center;
  margin: 8px 0;
}
button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
.form button {
  grid-column: span 2;
  text-align: center;
  background: var(--zest-wash);
  font-weight: 600;
}
button:disabled {
  opacity: 0.5;
}
ul {
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
.only {
  grid-column: span 2;
}
.varied {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 40px;
}
</style>
