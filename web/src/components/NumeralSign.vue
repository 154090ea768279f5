<script setup lang="ts">
import { computed } from 'vue';
import type { ArrangedChord, Reading } from '../api/client';
import { useNumerals } from '../composables/useNumerals';

/** A numeral in the teacher's school; figured bass is stacked as it is written by hand. */
const props = defineProps<{ numeral: ArrangedChord['numeral']; reading?: Reading }>();
const { school } = useNumerals();
/** A sixth that is raised has a stroke through it. */
const RAISED = '♯6';
const plain = computed(() => {
  if (school.value === 'functional') return props.reading?.functional;
  if (school.value === 'counted') return props.reading?.counted;
  return props.reading?.function[0];
});
const stack = computed(() => props.numeral.figures.split('/').filter(Boolean));
</script>

<template>
  <span v-if="school !== 'figured' && plain" class="numeral">{{ plain }}</span>
  <span v-else class="numeral">
    <span class="roman">{{ numeral.roman }}</span>
    <span
      v-if="stack.length"
      class="figures"
      :class="{ single: stack.length === 1, bare: !numeral.roman }"
    >
      <span v-for="figure in stack" :key="figure" :class="{ raised: figure === RAISED }">{{
        figure === RAISED ? '6' : figure
      }}</span>
    </span>
    <span v-if="numeral.of" class="of">/{{ numeral.of }}</span>
  </span>
</template>

<style scoped>
.numeral {
  display: inline-flex;
  align-items: center;
  font-family: var(--titles);
  white-space: nowrap;
}
.figures {
  display: inline-flex;
  flex-direction: column;
  font: 600 0.68em/1 var(--reading);
  margin-left: 2px;
}
.raised {
  background: linear-gradient(
    to top right,
    transparent 46%,
    currentColor 46%,
    currentColor 54%,
    transparent 54%
  );
}
/* Figures of a bass stand alone, and are what is read. */
.figures.bare {
  font-size: 0.95em;
}
.figures.single {
  align-self: flex-start;
}
</style>
