<script setup lang="ts">
import { computed } from 'vue';
import type { Arrangement, Practised } from '../api/client';

/** How far each bar of a tune is, at a glance: the fuller, the nearer to its tempo. */
const props = defineProps<{ tune: Arrangement; kept: Practised[] }>();

const FULL = 100;
const reached = computed(() =>
  props.tune.bars.map(({ index }) =>
    Math.max(
      0,
      ...props.kept
        .filter(({ from, to }) => from <= index && index <= to)
        .map(({ percent }) => Math.min(FULL, percent)),
    ),
  ),
);
const said = computed(() => {
  const done = reached.value.filter((percent) => percent > 0);
  const at = reached.value.filter((percent) => percent >= FULL).length;
  return `${done.length} of ${reached.value.length} bars practised, ${at} of them in tempo`;
});
</script>

<template>
  <svg
    class="bars"
    :viewBox="`0 0 ${reached.length * 10} 24`"
    preserveAspectRatio="none"
    role="img"
    :aria-label="said"
  >
    <g v-for="(percent, i) in reached" :key="i">
      <rect :x="i * 10 + 0.6" y="0" width="8.8" height="24" class="bar" />
      <rect
        :x="i * 10 + 0.6"
        :y="24 - (percent * 24) / 100"
        width="8.8"
        :height="(percent * 24) / 100"
        class="reached"
      />
    </g>
  </svg>
</template>

<style scoped>
.bars {
  display: block;
  width: 100%;
  height: 28px;
}
.bar {
  fill: var(--line);
}
.reached {
  fill: var(--zest);
}
</style>
