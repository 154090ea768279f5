<script setup lang="ts">
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import { STAGES } from './stages';

/** The stages of a lesson in the order of the work. */
defineProps<{ toMind: number }>();
const emit = defineEmits<{ pick: [] }>();
</script>

<template>
  <TabList class="stages" aria-label="Stages of the lesson">
    <Tab v-for="stage in STAGES" :key="stage.id" :value="stage.id" @click="emit('pick')">
      {{ stage.name }}
      <span v-if="stage.id === 'check' && toMind" class="count" :aria-label="`${toMind} to check`">
        {{ toMind }}
      </span>
    </Tab>
  </TabList>
</template>

<style scoped>
.count {
  display: inline-grid;
  place-items: center;
  min-width: 22px;
  height: 22px;
  padding: 0 6px;
  border-radius: 11px;
  background: var(--caution-wash);
  color: var(--caution);
  font-size: 15px;
  font-weight: 600;
}
</style>
