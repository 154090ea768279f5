<script setup lang="ts">
import { marked } from 'marked';
import text from '../../../docs/formats.md?raw';
import { useView } from '../composables/useView';

/** What each format of files can hold: the same page as in the handbook, which ships with the app. */
const html = marked.parse(text.replace(/\]\([\w./#-]+\.md[^)]*\)/g, ']'), { async: false });
useView(
  () => 'Files in and out',
  () => html,
);
</script>

<template>
  <main class="handbook" v-html="html" />
</template>

<style scoped>
.handbook {
  max-width: 1000px;
  margin: 0 auto;
  padding: 20px;
}
.handbook :deep(table) {
  border-collapse: collapse;
  display: block;
  overflow-x: auto;
}
.handbook :deep(th),
.handbook :deep(td) {
  border: 1px solid var(--line);
  padding: 5px 9px;
  text-align: left;
}
</style>
