<script setup lang="ts">
/** How an answer is marked: a full ring where it is right, half a ring where it nearly is, an open one where it is not yet. */
defineProps<{ verdict: 'RIGHT' | 'NEARLY' | 'NOT_YET' | 'NOT_ANSWERED' | undefined }>();
</script>

<template>
  <svg class="mark-sign" viewBox="-10 -10 20 20" width="22" height="22" aria-hidden="true">
    <circle class="ring" :class="{ empty: !verdict || verdict === 'NOT_ANSWERED' }" r="8" />
    <circle v-if="verdict === 'RIGHT'" class="full" r="4.6" />
    <path v-else-if="verdict === 'NEARLY'" class="full" d="M 0 -4.6 A 4.6 4.6 0 0 0 0 4.6 Z" />
  </svg>
</template>

<style scoped>
.ring {
  fill: none;
  stroke: var(--zest);
  stroke-width: 2.6;
}
.ring.empty {
  stroke: var(--line);
  stroke-dasharray: 3 2.6;
}
.full {
  fill: var(--zest);
}
</style>
