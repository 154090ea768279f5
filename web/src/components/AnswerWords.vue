<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { nextTick, onBeforeUnmount, ref, watch } from 'vue';

/** An answer in a word or two: typed, or one of several. */
const props = defineProps<{
  word: string;
  choices: string[];
  prompt: string;
  disabled: boolean;
}>();
const emit = defineEmits<{ give: [word: string]; next: [] }>();
const typed = ref(props.word);
const field = ref<HTMLInputElement>();
watch(
  () => [props.word, props.prompt] as const,
  async ([word]) => {
    typed.value = word;
    await nextTick();
    if (!props.disabled) field.value?.focus();
  },
  { immediate: true },
);
// What is typed is not lost with the page.
useEventListener(window, 'pagehide', () => give());
onBeforeUnmount(() => give());
function give() {
  if (!props.choices.length && typed.value.trim() !== props.word) emit('give', typed.value.trim());
}
</script>

<template>
  <div v-if="choices.length" class="choices" role="group" :aria-label="prompt">
    <button
      v-for="choice in choices"
      :key="choice"
      class="plain-button"
      :aria-pressed="choice === word"
      :disabled="disabled"
      @click="emit('give', choice === word ? '' : choice)"
    >
      {{ choice }}
    </button>
  </div>
  <form
    v-else
    class="word"
    @submit.prevent="
      give();
      emit('next');
    "
  >
    <input
      ref="field"
      v-model="typed"
      :aria-label="prompt"
      :disabled="disabled"
      maxlength="40"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      @change="give"
      @blur="give"
    />
  </form>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  align-content: center;
  justify-content: center;
  gap: 10px;
}
.choices button {
  min-height: 60px;
  padding: 0 22px;
  border: 2px solid var(--line);
  border-radius: 16px;
  background: var(--page);
  font-size: 22px;
}
.choices button[aria-pressed='true'] {
  border-color: var(--zest);
  background: var(--zest-wash);
}
.word {
  display: grid;
  place-items: center;
}
.word input {
  width: min(420px, 100%);
  height: 84px;
  text-align: center;
  font: 600 36px var(--titles);
  color: var(--ink);
  background: var(--page);
  border: 2px solid var(--line);
  border-radius: 18px;
}
</style>
