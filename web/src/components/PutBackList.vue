<script setup lang="ts" generic="One extends { id: number }">
import Button from 'primevue/button';
import { ref } from 'vue';

/** What was removed and can be put back, or erased where that may be, behind a door. */
defineProps<{
  title: string;
  of: One[];
  name: (one: One) => string;
  /** What erasing takes with it. */
  erasing?: string;
}>();
const emit = defineEmits<{ putBack: [one: One]; erase: [one: One] }>();
/** Whose erasing is to be confirmed. */
const asked = ref<number>();
</script>

<template>
  <details v-if="of.length">
    <summary>{{ title }} ({{ of.length }})</summary>
    <ul>
      <li v-for="one in of" :key="one.id">
        <template v-if="asked === one.id">
          Erase {{ name(one) }} for good? {{ erasing }}
          <Button
            label="Erase for good"
            size="small"
            class="erase"
            variant="outlined"
            @click="emit('erase', one)"
          />
          <Button label="Keep" size="small" variant="text" @click="asked = undefined" />
        </template>
        <template v-else>
          {{ name(one) }}
          <Button
            label="Put back"
            size="small"
            variant="text"
            :aria-label="`Put ${name(one)} back`"
            @click="emit('putBack', one)"
          />
          <Button
            v-if="erasing"
            label="Erase"
            size="small"
            variant="text"
            :aria-label="`Erase ${name(one)} for good`"
            @click="asked = one.id"
          />
        </template>
      </li>
    </ul>
    <p>Whatever was removed can be put back for 90 days; then it goes for good.</p>
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
.erase {
  color: var(--caution);
  border-color: var(--caution);
}
</style>
