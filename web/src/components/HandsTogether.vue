<script setup lang="ts">
import { computed } from 'vue';
import type { HandTold } from '../api/client';
import RowList, { type Row } from './RowList.vue';

/** Who plays when in the chosen bar, where the hands are hardest to put together, and which bars are alike. */
const props = defineProps<{
  told: HandTold;
  bar: number;
  /** "bars 1–3, 5", as a teacher calls them. */
  called: (bars: number[]) => string;
}>();
const emit = defineEmits<{ chooseBar: [bar: number] }>();

const here = computed(() => {
  const strokes = props.told.together.find((one) => one.bar === props.bar)?.strokes ?? [];
  const both = new Set(strokes.map(({ who }) => who)).size > 1 || strokes[0]?.who === 'TOGETHER';
  return both ? strokes : [];
});
/** Fingers as they lie, the highest on top; a stroke without one is a dot. */
const fingers = (hand: number[]) => [...hand].reverse().map((finger) => finger || '•');
const heard = (hand: number[], name: string) =>
  hand.length ? `${name} ${hand.filter(Boolean).join(' ')}` : `no ${name}`;

const hardest = computed((): Row[] => {
  const weight = Math.max(0, ...props.told.together.map((one) => one.weight));
  const bars = props.told.together.filter((one) => one.weight === weight && weight > 0);
  return bars.slice(0, 1).map(({ bar, trouble }) => ({
    to: bar,
    head: props.called(bars.map((one) => one.bar)),
    words: trouble,
    here: bars.some((one) => one.bar === props.bar),
  }));
});

const far = (steps: number) =>
  `${Math.abs(steps) === 1 ? 'a step' : `${Math.abs(steps)} steps`} ${steps > 0 ? 'higher' : 'lower'}`;
const alike = computed((): Row[] => {
  const rows = new Map<string, { like: number; words: string; bars: number[] }>();
  for (const { bar, like, how, steps } of props.told.likes) {
    const words = {
      SAME: `as ${props.called([like])}`,
      MOVED: `as ${props.called([like])}, ${far(steps)}`,
      UPSIDE_DOWN: `as ${props.called([like])}, upside down`,
      VARIED: `nearly as ${props.called([like])}`,
      RHYTHM: `in the rhythm of ${props.called([like])}`,
    }[how];
    const row = rows.get(words) ?? { like, words, bars: [] };
    row.bars.push(bar);
    rows.set(words, row);
  }
  return [...rows.values()].map(({ like, words, bars }) => ({
    to: bars[0]!,
    head: props.called(bars),
    words,
    here: bars.includes(props.bar) || like === props.bar,
  }));
});
const lines = computed((): Row[] =>
  props.told.lines.map(({ bar, scale, up, toRight, takenBar, count }) => ({
    to: bar,
    head: `${props.called([bar])}:`,
    words:
      `${scale ? 'a scale' : 'an arpeggio'} ${up ? 'up' : 'down'}; the ${toRight ? 'right' : 'left'} hand ` +
      `takes it over on ${count}${takenBar === bar ? '' : ` of ${props.called([takenBar])}`}`,
    here: bar === props.bar || takenBar === props.bar,
  })),
);
const grounds = computed((): Row[] =>
  props.told.grounds.map(({ from, bars, times }) => ({
    to: from,
    head: props.called(Array.from({ length: bars }, (_, i) => from + i)),
    words: `${times} times in a row`,
    here: props.bar >= from && props.bar < from + bars * times,
  })),
);
</script>

<template>
  <template v-if="here.length">
    <h3>Both hands in {{ called([bar]) }}</h3>
    <table class="together">
      <tbody>
        <tr>
          <th scope="row">right</th>
          <td v-for="(stroke, i) in here" :key="i" :class="stroke.who.toLowerCase()">
            <span v-for="(finger, n) in fingers(stroke.right)" :key="n" aria-hidden="true">{{
              finger
            }}</span>
            <span class="only-heard">{{ heard(stroke.right, 'right') }}</span>
          </td>
        </tr>
        <tr>
          <th scope="row">left</th>
          <td v-for="(stroke, i) in here" :key="i" :class="stroke.who.toLowerCase()">
            <span v-for="(finger, n) in fingers(stroke.left)" :key="n" aria-hidden="true">{{
              finger
            }}</span>
            <span class="only-heard">{{ heard(stroke.left, 'left') }}</span>
          </td>
        </tr>
        <tr class="counts">
          <th scope="row">count</th>
          <td v-for="(stroke, i) in here" :key="i">{{ stroke.count }}</td>
        </tr>
      </tbody>
    </table>
  </template>
  <RowList title="Hardest to put together" :rows="hardest" @choose="emit('chooseBar', $event)" />
  <RowList title="From hand to hand" :rows="lines" @choose="emit('chooseBar', $event)" />
  <RowList title="The tune again" :rows="alike" @choose="emit('chooseBar', $event)" />
  <RowList title="The left hand goes round" :rows="grounds" @choose="emit('chooseBar', $event)" />
</template>

<style scoped>
h3 {
  margin: 14px 0 2px;
  font-size: 17px;
}
.together {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th {
  padding: 2px 8px 2px 6px;
  text-align: left;
  font-weight: 400;
  color: var(--ink-soft);
}
td {
  min-width: 26px;
  padding: 3px 4px;
  text-align: center;
  font-weight: 600;
}
td span:not(.only-heard) {
  display: block;
  line-height: 1.15;
}
td.together {
  background: var(--zest-wash);
}
.counts td {
  font-weight: 400;
  color: var(--ink-soft);
}
</style>
