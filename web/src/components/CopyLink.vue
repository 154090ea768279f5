<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useUndo } from '../composables/useUndo';

/** A link for a student, to be opened or copied. */
const props = defineProps<{ link: string }>();
const say = useUndo();
const trouble = ref('');

async function copy() {
  try {
    await navigator.clipboard.writeText(props.link);
    say('The link is copied; give it to the student.');
  } catch {
    trouble.value = 'The browser does not let this page copy; mark the link and copy it.';
  }
}
</script>

<template>
  <a :href="link" target="_blank" rel="noopener">Open</a>
  <Button label="Copy the link" size="small" variant="outlined" @click="copy" />
  <span v-if="trouble" role="alert">{{ trouble }}</span>
</template>
