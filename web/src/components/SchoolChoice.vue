<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { useCatalogue } from '../composables/useCatalogue';
import { barsInWords } from './words';

/** By which school the way from chord to chord is judged, and where voicings change for it. */
const school = defineModel<string>({ required: true });
/** Numbers of the bars that lie otherwise since it was changed. */
defineProps<{ changed: number[] | undefined }>();
const catalogue = useCatalogue();
</script>

<template>
  <section v-if="catalogue" class="school">
    <h2 id="school-title">Rules</h2>
    <SelectButton
      v-model="school"
      aria-labelledby="school-title"
      :options="catalogue.schools"
      option-label="name"
      option-value="id"
      :allow-empty="false"
    />
    <p v-if="changed" class="changed" aria-live="polite">
      {{ changed.length ? `Changed voicings: ${barsInWords(changed)}.` : 'No voicings changed.' }}
    </p>
  </section>
</template>

<style scoped>
.school {
  display: grid;
  gap: 6px;
}
.school :deep(.p-selectbutton) {
  grid-template-columns: repeat(3, 1fr);
}
.changed {
  margin: 0;
  color: var(--ink-soft);
}
</style>
