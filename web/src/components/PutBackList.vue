<script setup lang="ts" generic="One extends { id: number }">
import Button from 'primevue/button';

/** What was removed and can be put back, behind a door. */
defineProps<{
  title: string;
  of: One[];
  name: (one: One) => string;
}>();
const emit = defineEmits<{ putBack: [one: One] }>();
</script>

<template>
  <details v-if="of.length">
    <summary>{{ title }} ({{ of.length }})</summary>
    <ul>
      <li v-for="one in of" :key="one.id">
        {{ name(one) }}
        <Button
          label="Put back"
          size="small"
          variant="text"
          :aria-label="`Put ${name(one)} back`"
          @click="emit('putBack', one)"
        />
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  min-height: 40px;
  cursor: pointer;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
