<script setup lang="ts">
import { ref } from 'vue';

/** Something may stay as it is: here, in this tune or in every tune, and why. */
export type Scope = 'here' | 'tune' | 'always';
defineProps<{ here: string }>();
const emit = defineEmits<{ leave: [scope: Scope, reason: string] }>();
const reason = ref('');
const leave = (scope: Scope) => emit('leave', scope, reason.value.trim());
</script>

<template>
  <form class="leave" @submit.prevent="leave('here')">
    <input v-model="reason" aria-label="Reason (optional)" placeholder="Reason (optional)" />
    <button class="plain-button" type="submit">in {{ here }}</button>
    <button class="plain-button" type="button" @click="leave('tune')">in the whole tune</button>
    <button class="plain-button" type="button" @click="leave('always')">in every tune</button>
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 0 34px;
}
input {
  flex: 1 1 100%;
  min-height: 42px;
  padding: 0 12px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
</style>
