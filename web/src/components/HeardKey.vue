<script setup lang="ts">
import type { Arrangement } from '../api/client';

/**
 * The key in which a tune is heard that nobody told, and another one where it is a toss-up; a press writes it down.
 * Where none is clear, this is said.
 */
defineProps<{ tune: Pick<Arrangement, 'key' | 'otherKeys'> }>();
const emit = defineEmits<{ write: [key?: string] }>();
</script>

<template>
  <p v-if="!tune.key" class="unclear">
    No clear key. Write one into the chart, such as key: G major.
  </p>
  <p v-else class="heard">
    <button
      class="plain-button"
      title="Write this key into the chart (H); every note stays as it sounds"
      @click="emit('write')"
    >
      sounds like <b>{{ tune.key }}</b>
    </button>
    <button
      v-for="other in tune.otherKeys.slice(0, 1)"
      :key="other.key"
      class="plain-button soft"
      :title="`${other.percent} % that it is ${other.key}; write that key into the chart`"
      @click="emit('write', other.key)"
    >
      or {{ other.key }}
    </button>
  </p>
</template>

<style scoped>
.heard {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0 0 6px;
}
button {
  min-height: 40px;
  padding: 0 12px;
  border: 2px dotted var(--zest);
  border-radius: 10px;
}
.unclear {
  margin: 0 0 6px;
  color: var(--ink-soft);
}
.soft {
  border-color: var(--line);
  color: var(--ink-soft);
}
@media print {
  .heard {
    display: none;
  }
}
</style>
