<script setup lang="ts">
/** The head of what stands in a stage's column for a while, with the way back. */
defineProps<{ title: string }>();
const emit = defineEmits<{ close: [] }>();
</script>

<template>
  <header>
    <button class="plain-button" @click="emit('close')">
      <i class="pi pi-arrow-left" aria-hidden="true" /> Back
    </button>
    <h2>{{ title }}</h2>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 12px;
}
h2 {
  margin: 0;
}
button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
</style>
