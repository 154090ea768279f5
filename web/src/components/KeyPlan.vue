<script setup lang="ts">
import { computed } from 'vue';
import type { Arrangement } from '../api/client';

/**
 * The keys of the whole tune along its bars. The ruled line is the first key; a key with sharps more lies above
 * it, one with flats more below, as far as their signatures are apart.
 */
const props = defineProps<{
  tune: Pick<Arrangement, 'analysis' | 'bars' | 'chords'>;
  chord: number;
}>();
const emit = defineEmits<{ choose: [chord: number] }>();

const WIDTH = 260;
const STEP = 9;
const NAME = 16;

const keys = computed(() => props.tune.analysis.keys);
const bars = computed(() => Math.max(1, props.tune.bars.length));
const away = (signature: number) => signature - (keys.value[0]?.signature ?? 0);
const highest = computed(() => Math.max(0, ...keys.value.map((key) => away(key.signature))));
const lowest = computed(() => Math.min(0, ...keys.value.map((key) => away(key.signature))));
const height = computed(() => (highest.value - lowest.value) * STEP + NAME + 14);
const yOf = (signature: number) => NAME + 4 + (highest.value - away(signature)) * STEP;

/** Where a chord begins: its bar, and its share of it. */
function xOf(chord: number) {
  const at = props.tune.chords[chord];
  if (!at) return WIDTH;
  const inBar = props.tune.chords.filter((other) => other.bar === at.bar);
  return ((at.bar + inBar.indexOf(at) / inBar.length) / bars.value) * WIDTH;
}

/** As a chord symbol would have it: "E♭ major" is E♭, "C minor" is Cm. */
const short = (key: string) => key.replace(' major', '').replace(' minor', 'm');
const spans = computed(() =>
  keys.value.map((key, i) => {
    const from = i === 0 ? 0 : xOf(key.from);
    const to = i + 1 === keys.value.length ? WIDTH : xOf(key.to);
    return { ...key, x: from, end: Math.max(from + 6, to - 3), y: yOf(key.signature) };
  }),
);
const here = computed(() => xOf(props.chord));
</script>

<template>
  <svg
    class="plan"
    :viewBox="`0 0 ${WIDTH} ${height}`"
    role="img"
    :aria-label="`Plan of the keys: ${keys.map((key) => key.key).join(', then ')}`"
  >
    <line class="home" :x2="WIDTH" :y1="yOf(keys[0]!.signature)" :y2="yOf(keys[0]!.signature)" />
    <line class="at" :x1="here" :x2="here" :y1="NAME + 4" :y2="height" />
    <g
      v-for="span in spans"
      :key="span.from"
      :class="{ here: span.from <= chord && chord < span.to }"
      @click="emit('choose', span.from)"
    >
      <line class="key" :x1="span.x" :x2="span.end" :y1="span.y" :y2="span.y" />
      <text v-if="span.end - span.x > 18" :x="span.x" :y="span.y - 7">{{ short(span.key) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.plan {
  display: block;
  width: 100%;
  margin: 4px 0;
}
.home {
  stroke: var(--line);
  stroke-width: 2;
}
.at {
  stroke: var(--zest);
  stroke-width: 1.5;
}
.key {
  stroke: var(--ink-soft);
  stroke-width: 7;
}
g {
  cursor: pointer;
}
g.here .key {
  stroke: var(--zest);
}
text {
  font: 600 15px var(--titles);
  fill: var(--ink);
}
</style>
