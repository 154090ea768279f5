<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import { api, type NoteNames, type SymbolStyle } from '../api/client';
import { rememberPrinting } from '../composables/printing';

/** How chords are printed and B is called, in this chart and in new ones. */
const props = defineProps<{ chart: string }>();
const emit = defineEmits<{ change: [what: string, work: () => Promise<string>] }>();

const STYLES: { value: SymbolStyle; label: string }[] = [
  { value: 'LETTERS', label: 'Cm7♭5, Cmaj7' },
  { value: 'WORDS', label: 'Cmin7♭5, Cmaj7' },
  { value: 'SIGNS', label: 'Cø7, CΔ7' },
];
const NAMES: { value: NoteNames; label: string }[] = [
  { value: 'ENGLISH', label: 'B and B♭' },
  { value: 'GERMAN', label: 'H and B' },
];

const heading = (name: string) =>
  new RegExp(`^\\s*${name}\\s*:\\s*(\\w+)`, 'im').exec(props.chart)?.[1]?.toUpperCase();
const symbols = computed(
  () => STYLES.find(({ value }) => value === heading('symbols'))?.value ?? 'LETTERS',
);
const names = computed<NoteNames>(() =>
  ['GERMAN', 'H'].includes(heading('names') ?? '') ? 'GERMAN' : 'ENGLISH',
);

function print(names: NoteNames, symbols: SymbolStyle) {
  emit('change', 'Chords are printed so now, in new tunes too.', async () => {
    const chart = await api.printing(props.chart, names, symbols);
    rememberPrinting(names, symbols);
    return chart;
  });
}
</script>

<template>
  <div class="row">
    <Select
      :model-value="symbols"
      :options="STYLES"
      option-label="label"
      option-value="value"
      aria-label="How chords are printed"
      @update:model-value="print(names, $event)"
    />
    <Select
      :model-value="names"
      :options="NAMES"
      option-label="label"
      option-value="value"
      aria-label="How B is called"
      @update:model-value="print($event, symbols)"
    />
  </div>
</template>

<style scoped>
.row {
  display: grid;
  gap: 8px;
}
</style>
