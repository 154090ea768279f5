<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { useCatalogue } from '../composables/useCatalogue';

/** By which school the way from chord to chord is judged, and where it can be mended by the voicing. */
const school = defineModel<string>({ required: true });
const catalogue = useCatalogue();
</script>

<template>
  <section v-if="catalogue" class="school">
    <h2 id="school-title">Judge it as</h2>
    <SelectButton
      v-model="school"
      aria-labelledby="school-title"
      :options="catalogue.schools"
      option-label="name"
      option-value="id"
      :allow-empty="false"
    />
  </section>
</template>

<style scoped>
.school {
  display: grid;
  gap: 6px;
}
</style>
