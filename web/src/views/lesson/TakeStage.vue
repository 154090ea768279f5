<script setup lang="ts">
import TakeAway from '../../components/TakeAway.vue';
import { useLesson } from './useLesson';

/** Taking the tune away as paper and files. */
const { tune, arrangement, facts } = useLesson();
</script>

<template>
  <TakeAway
    :title="arrangement?.title ?? 'tune'"
    :composer="arrangement?.composer ?? ''"
    :chart="tune.chart.value"
    :played="tune.played.value"
    :facts="facts"
  />
</template>
