<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { ref } from 'vue';
import { api, type Choices } from '../api/client';

/** Moves the tune to a key or by an interval, or sets another signature before the same page. */
type Moved = { chart: string; choices: Choices[] };
const emit = defineEmits<{
  move: [what: string, work: (chart: string, choices: Choices[]) => Promise<Moved>];
}>();

const KEYS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F'];
const MINOR = ['A', 'E', 'B', 'F#', 'C#', 'G#', 'Eb', 'Bb', 'F', 'C', 'G', 'D'];
const keys = [...KEYS.map((k) => `${k} major`), ...MINOR.map((k) => `${k} minor`)].map((value) => ({
  value,
  label: value.replace('#', '♯').replace(/([A-G])b/, '$1♭'),
}));
const intervals = [
  { value: 'm2', label: 'a half step' },
  { value: 'M2', label: 'a whole step' },
  { value: 'm3', label: 'a minor third' },
  { value: 'M3', label: 'a major third' },
  { value: 'P4', label: 'a fourth' },
  { value: 'A4', label: 'a tritone' },
  { value: 'P5', label: 'a fifth' },
  { value: 'm6', label: 'a minor sixth' },
  { value: 'M6', label: 'a major sixth' },
  { value: 'm7', label: 'a minor seventh' },
  { value: 'M7', label: 'a major seventh' },
  { value: 'P8', label: 'an octave' },
];
const key = ref('D major');
const interval = ref('M2');

const toKey = (samePage: boolean) =>
  emit('move', samePage ? 'The signature is changed.' : 'The tune is moved.', (chart, choices) =>
    api.transpose(chart, choices, key.value, samePage),
  );
const by = (down: boolean) =>
  emit('move', 'The tune is moved.', (chart, choices) =>
    api.transposeBy(chart, choices, interval.value, down),
  );
</script>

<template>
  <section>
    <h3>Another key</h3>
    <div class="row">
      <Select
        v-model="key"
        class="wide"
        :options="keys"
        option-label="label"
        option-value="value"
        aria-label="The new key"
      />
      <Button label="Move there" @click="toKey(false)" />
      <Button
        label="Change the key signature only"
        variant="outlined"
        title="Every note keeps its line and space; only the signature changes"
        @click="toKey(true)"
      />
    </div>
    <div class="row">
      <Select
        v-model="interval"
        class="wide"
        :options="intervals"
        option-label="label"
        option-value="value"
        aria-label="By an interval"
      />
      <Button label="Up" icon="pi pi-arrow-up" variant="outlined" @click="by(false)" />
      <Button label="Down" icon="pi pi-arrow-down" variant="outlined" @click="by(true)" />
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  margin-bottom: 16px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.wide {
  grid-column: span 2;
}
</style>
