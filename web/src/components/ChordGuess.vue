<script setup lang="ts">
import type { ArrangedChord, PricedChord } from '../api/client';
import { nearness, signed } from './words';

/** A chord that was heard in notes or proposed for a tune: to keep, or another in its place. */
defineProps<{
  chord: ArrangedChord;
  /** Other chords that might stand here, with what they would cost the whole; where chords are proposed. */
  others: PricedChord[];
}>();
const emit = defineEmits<{ confirm: [name?: string]; set: [symbol: string] }>();
</script>

<template>
  <div class="guess">
    <p>{{ chord.percent ? 'Heard in the notes. Is it right?' : 'Proposed for the tune.' }}</p>
    <button class="yes plain-button" title="Keep this chord (G)" @click="emit('confirm')">
      {{ chord.percent ? 'Yes' : 'Keep' }}, {{ chord.symbol }}
      <span v-if="chord.percent" class="odds">{{ chord.percent }} %</span>
    </button>
    <button
      v-for="other in chord.guesses.slice(0, 3)"
      :key="other.symbol"
      class="other plain-button"
      @click="emit('confirm', other.symbol)"
    >
      {{ signed(other.symbol) }}
      <span v-if="other.percent" class="odds">{{ other.percent }}</span>
    </button>
    <button
      v-for="other in others.slice(0, 4)"
      :key="other.symbol"
      class="other plain-button"
      :title="`${signed(other.symbol)} here, and the rest solved around it: ${other.price} dearer as a whole`"
      @click="emit('set', other.symbol)"
    >
      {{ signed(other.symbol) }} <span class="odds">{{ nearness(other.price) }}</span>
    </button>
  </div>
</template>

<style scoped>
.guess {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
}
p {
  margin: 0;
  width: 100%;
}
.yes,
.other {
  min-height: 40px;
  padding: 0 12px;
  border-radius: 10px;
}
.yes {
  background: var(--zest-wash);
  font-weight: 600;
}
.other {
  border: 1px solid var(--line);
  font-size: 16px;
}
.other:hover {
  background: var(--page);
}
.odds {
  color: var(--ink-soft);
  font-weight: 400;
}
</style>
