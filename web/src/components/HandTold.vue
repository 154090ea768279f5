<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { api, type Counts, type HandTold, type OwnFigure, type Played } from '../api/client';
import { useLatest } from '../composables/useLatest';
import { hasLeftHand, withoutLeftHand } from '../editor/left-hand';
import HandsTogether from './HandsTogether.vue';
import RowList, { type Row } from './RowList.vue';

/** What the left hand does, bar by bar: its patterns, the odd bars, where the thumb lies; and the same in plainer passes. */
const props = defineProps<{
  chart: string;
  played: Played;
  /** What teachers call the bars. */
  numbers: number[];
  bar: number;
  chord: number;
}>();
/** Whether the count stands under both hands. */
const counts = defineModel<Counts>('counts', { required: true });
const emit = defineEmits<{
  choose: [chord: number];
  chooseBar: [bar: number];
  /** Lays another left hand of this tune beside the page. */
  beside: [name: string, chart: string];
  use: [figure: OwnFigure];
}>();

const told = ref<HandTold>();
const { ask, trouble } = useLatest();
watch(
  () => [props.chart, props.played] as const,
  ([chart, played]) =>
    void ask(
      (signal) => api.toldOfHand(chart, played, signal),
      (answer) => (told.value = answer),
    ),
  { immediate: true },
);

const number = (bar: number) => props.numbers[bar] ?? bar + 1;
/** "bars 1–3, 5": runs of bars as a teacher calls them. */
function called(bars: number[]) {
  const runs: number[][] = [];
  for (const bar of bars) {
    const run = runs.at(-1);
    if (run && run.at(-1) === bar - 1) run.push(bar);
    else runs.push([bar]);
  }
  const words = runs.map((run) =>
    run.length === 1 ? number(run[0]!) : `${number(run[0]!)}–${number(run.at(-1)!)}`,
  );
  return `${bars.length === 1 ? 'bar' : 'bars'} ${words.join(', ')}`;
}

interface Group {
  name: string;
  /** Over which members it runs in each of its bars. */
  members: Map<number, string>;
  bars: number[];
  text: string;
}
/** Bars of one pattern together, those that come most often first. */
const groups = computed(() => {
  const byName = new Map<string, Group>();
  for (const { name, text, members, bar } of told.value?.patterns ?? []) {
    const key = name || text;
    const group = byName.get(key) ?? {
      name: name || 'A pattern of its own',
      members: new Map<number, string>(),
      bars: [],
      text,
    };
    byName.set(key, group);
    group.bars.push(bar);
    group.members.set(bar, members);
  }
  return [...byName.values()].sort((a, b) => b.bars.length - a.bars.length);
});
const patterns = computed((): Row[] =>
  groups.value.map(({ name, members, bars }) => ({
    to: bars[0]!,
    head: name,
    words: called(bars),
    more: members.get(props.bar) ?? members.get(bars[0]!),
    here: bars.includes(props.bar),
  })),
);
/** What is not as in the other bars; where a chord comes there, it is named. */
const odd = computed((): Row[] =>
  (told.value?.patterns ?? [])
    .filter((one) => one.odd.length)
    .map(({ bar, odd: differs, changes, name }) => {
      const chords = changes.map(({ count, symbol }) => `${symbol} comes on count ${count}`);
      const others = differs.filter((one) => !changes.some(({ count }) => count === one));
      const look = others.length ? [`look at count ${others.join(' and ')}`] : [];
      return {
        to: bar,
        head: `bar ${number(bar)}`,
        words: `${name}, but ${[...chords, ...look].join('; ')}`,
        here: bar === props.bar,
      };
    }),
);
const chosen = computed(() => groups.value.find(({ bars }) => bars.includes(props.bar)));

/** Where the thumb lies now and next. */
const MOST = 4;
const positions = computed((): Row[] => {
  const all = told.value?.positions ?? [];
  const exact = all.findIndex((one) => one.chord === props.chord);
  const here = exact < 0 ? all.findLastIndex((one) => one.chord < props.chord) : exact;
  const from = Math.max(0, Math.min(here, all.length - MOST));
  return all.slice(from, from + MOST).map((one, i) => ({
    to: one.chord,
    head: `bar ${number(one.bar)}`,
    words: `${one.way ? `${one.way} to` : 'on'} ${one.thumb}${lasts(one.bars)}`,
    more: one.where,
    here: from + i === here,
  }));
});
const lasts = (bars: number) => (bars === 1 ? '' : ` for ${bars} bars`);

/** What to look at twice, from the chosen bar on. */
const hints = computed((): Row[] => {
  const all = told.value?.hints ?? [];
  const from = all.findIndex((one) => one.bar >= props.bar);
  return (from < 0 ? all.slice(-MOST) : all.slice(from, from + MOST)).map((one) => ({
    to: one.bar,
    head: `bar ${number(one.bar)}, count ${one.count}:`,
    words: one.words,
    here: one.bar === props.bar,
  }));
});

const strains = computed((): Row[] =>
  (told.value?.fingers ?? []).map(({ bar, words }) => ({
    to: bar,
    head: `bar ${number(bar)}:`,
    words,
    more: 'See other fingers beside it',
    here: bar === props.bar,
  })),
);
function showFingers(bar: number) {
  const other = told.value?.fingers.find((one) => one.bar === bar);
  emit('chooseBar', bar);
  if (other) emit('beside', `Other fingers in bar ${number(bar)}`, other.chart);
}

const isWritten = computed(() => hasLeftHand(props.chart));
</script>

<template>
  <section v-if="told?.patterns.length" aria-label="What the left hand does">
    <RowList title="What the left hand does" :rows="patterns" @choose="emit('chooseBar', $event)" />
    <button
      v-if="isWritten && chosen?.text"
      class="use plain-button"
      @click="emit('use', { name: chosen.name, text: chosen.text })"
    >
      Use this pattern for what the app finds
    </button>
    <RowList title="Odd bars" :rows="odd" @choose="emit('chooseBar', $event)" />
    <RowList title="Where the thumb lies" :rows="positions" @choose="emit('choose', $event)" />
    <RowList title="Look twice" :rows="hints" @choose="emit('chooseBar', $event)" />
    <button
      class="use plain-button"
      :aria-pressed="counts !== 'NONE'"
      @click="counts = counts === 'NONE' ? 'BY_BAR' : 'NONE'"
    >
      {{ counts !== 'NONE' ? 'Hide the count' : 'Show the count under both hands' }}
    </button>
    <HandsTogether
      :told="told"
      :bar="bar"
      :called="called"
      @choose-bar="emit('chooseBar', $event)"
    />
    <RowList title="Fingers that strain" :rows="strains" @choose="showFingers" />
    <h3>In plainer passes</h3>
    <p class="passes">
      <Button
        v-for="pass in told.passes"
        :key="pass.name"
        :label="pass.name"
        size="small"
        variant="outlined"
        @click="emit('beside', pass.name, pass.chart)"
      />
      <Button
        v-if="isWritten"
        label="What the app would write"
        size="small"
        variant="outlined"
        @click="emit('beside', 'What the app would write', withoutLeftHand(chart))"
      />
    </p>
  </section>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
</template>

<style scoped>
h3 {
  margin: 14px 0 2px;
  font-size: 17px;
}
.use {
  min-height: 36px;
  padding: 2px 6px;
  text-align: left;
  text-decoration: underline;
}
.passes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 0;
}
.trouble {
  color: var(--caution);
}
</style>
