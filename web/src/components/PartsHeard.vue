<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { HEARD, type Heard, type Part } from '../player/parts';

/** What is heard of each part. */
defineProps<{ parts: { id: Part; name: string }[] }>();
const heard = defineModel<Record<Part, Heard>>({ required: true });
</script>

<template>
  <section class="parts" aria-label="What is heard">
    <div v-for="part in parts" :key="part.id" class="part">
      <span :id="`part-${part.id}`">{{ part.name }}</span>
      <SelectButton
        v-model="heard[part.id]"
        :options="[...HEARD]"
        :allow-empty="false"
        :aria-labelledby="`part-${part.id}`"
      />
    </div>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 8px;
  margin-top: 18px;
}
.part {
  display: grid;
  grid-template-columns: 72px 1fr;
  align-items: center;
}
.part :deep(.p-selectbutton) {
  grid-template-columns: repeat(3, 1fr);
}
.part :deep(.p-togglebutton) {
  min-width: 0;
  padding-inline: 4px;
}
.part :deep(.p-togglebutton-content) {
  padding-inline: 0;
}
</style>
