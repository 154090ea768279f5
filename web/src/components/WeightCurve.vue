<script setup lang="ts">
import { computed } from 'vue';
import type { Reading } from '../api/client';

/** How the weight of the chords rises and falls through the tune, with the chosen one marked. */
const props = defineProps<{ readings: Reading[]; chord: number }>();

const WIDTH = 236;
const HEIGHT = 56;
const MOST = 5;
const place = (i: number) => ({
  x: props.readings.length > 1 ? 6 + (i * (WIDTH - 12)) / (props.readings.length - 1) : WIDTH / 2,
  y: HEIGHT - 6 - ((props.readings[i]?.weight ?? 0) / MOST) * (HEIGHT - 12),
});
/** Half way between two chords the line is level, so that it neither peaks nor kinks. */
const line = computed(() =>
  props.readings
    .map((_, i) => {
      const { x, y } = place(i);
      if (i === 0) return `M${x} ${y}`;
      const before = place(i - 1);
      const middle = (before.x + x) / 2;
      return `C${middle} ${before.y} ${middle} ${y} ${x} ${y}`;
    })
    .join(' '),
);
const here = computed(() => place(Math.min(props.chord, props.readings.length - 1)));
</script>

<template>
  <svg v-if="readings.length > 1" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
    <path :d="line" />
    <circle :cx="here.x" :cy="here.y" r="5" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
}
circle {
  fill: var(--zest);
}
</style>
