<script setup lang="ts">
import type { Alternative, ArrangedChord } from '../api/client';
import NumeralSign from './NumeralSign.vue';

/** The chosen chord: what it is, how else it could lie, and whether the teacher fixed it. */
defineProps<{ chord: ArrangedChord | undefined }>();
const emit = defineEmits<{ pin: [pitches: string[]]; unpin: [] }>();

const price = (other: Alternative) => (other.price > 0 ? `+${other.price}` : `${other.price}`);

const spoken = (other: Alternative) =>
  `${other.names} ${price(other)} half steps to move, from ${other.pitches[0]}`;
</script>

<template>
  <section v-if="chord" class="this-chord" aria-label="The chosen chord">
    <h2>
      Bar {{ chord.bar + 1 }}: {{ chord.symbol }}
      <NumeralSign class="numeral" :numeral="chord.numeral" />
    </h2>
    <p class="keys">
      <span v-for="key in chord.keys" :key="key.midi" class="key">
        <b>{{ key.name }}</b> {{ key.finger }}
      </span>
      <button
        class="pin plain-button"
        :aria-pressed="chord.pinned"
        @click="
          chord.pinned
            ? emit('unpin')
            : emit(
                'pin',
                chord.keys.map((key) => key.pitch),
              )
        "
      >
        <i class="pi" :class="chord.pinned ? 'pi-lock' : 'pi-lock-open'" aria-hidden="true" />
        {{ chord.pinned ? 'Fixed' : 'Fix it' }}
      </button>
    </p>
    <ul v-if="chord.alternatives.length" aria-label="Other ways to play it">
      <li v-for="other in chord.alternatives.slice(0, 2)" :key="other.pitches.join()">
        <button
          class="other plain-button"
          :aria-label="spoken(other)"
          :title="spoken(other)"
          @click="emit('pin', other.pitches)"
        >
          <span class="notes">{{ other.names }}</span>
          <span class="price">{{ price(other) }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.numeral {
  color: var(--zest);
}
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  margin: 6px 0;
}
.pin {
  margin-left: auto;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 10px;
  background: var(--page);
}
.pin[aria-pressed='true'] {
  background: var(--zest-wash);
  font-weight: 600;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.other {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 6px;
  width: 100%;
  height: 100%;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 10px;
  border: 1px solid var(--line);
  font-size: 16px;
}
.other:hover {
  background: var(--page);
}
.price {
  color: var(--ink-soft);
}
</style>
