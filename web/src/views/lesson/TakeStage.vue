<script setup lang="ts">
import TakeAway from '../../components/TakeAway.vue';
import { useLesson } from './useLesson';

/** Taking the tune away as paper and files. */
const { id, tune, arrangement, page } = useLesson();
</script>

<template>
  <TakeAway :tune="arrangement" :chart="page.shown.value" :played="tune.played.value" />
  <RouterLink class="positions" :to="{ name: 'positions', params: { id } }">
    <b>Positions</b> <span>small keyboards, to print</span>
  </RouterLink>
  <RouterLink class="positions" :to="{ name: 'warm-up', params: { id } }">
    <b>Warm-up</b> <span>scale, arpeggio, cadence</span>
  </RouterLink>
  <RouterLink class="positions" :to="{ name: 'report', params: { id } }">
    <b>Report</b> <span>what the rules find, to print</span>
  </RouterLink>
</template>

<style scoped>
.positions {
  margin-top: 6px;
  display: flex;
  gap: 10px;
  align-items: baseline;
  min-height: 44px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
  color: inherit;
  text-decoration: none;
}
.positions:hover {
  background: var(--page);
}
b {
  min-width: 84px;
}
span {
  color: var(--ink-soft);
}
</style>
