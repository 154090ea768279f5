<script setup lang="ts">
import type { FileFormat, Played } from '../api/client';
import { useFiles } from '../composables/useFiles';

/** The tune as a file: for paper, for notation, for playing, for other programs. */
const props = defineProps<{
  title: string;
  composer: string;
  chart: string;
  played: Played | undefined;
  facts: string;
}>();

const { download, downloadPage, trouble, busy } = useFiles();

const PAGES: { format: 'pdf' | 'svg'; name: string; use: string }[] = [
  { format: 'pdf', name: 'PDF', use: 'for paper' },
  { format: 'svg', name: 'SVG', use: 'a picture of the page' },
];
const FILES: { format: FileFormat; name: string; use: string }[] = [
  { format: 'musicxml', name: 'MusicXML', use: 'for notation' },
  { format: 'midi', name: 'MIDI', use: 'for playing' },
  { format: 'abc', name: 'ABC', use: 'tune and chords' },
  { format: 'chordpro', name: 'ChordPro', use: 'words and chords' },
  { format: 'chart', name: 'Text', use: 'the chart as typed' },
];

const takePage = (format: 'svg' | 'pdf') =>
  downloadPage(format, {
    title: props.title,
    facts: props.facts,
    composer: props.composer,
  });
</script>

<template>
  <section class="take" aria-labelledby="take-heading" :aria-busy="busy">
    <h2 id="take-heading">Print and share</h2>
    <ul>
      <li v-for="{ format, name, use } in PAGES" :key="format">
        <button class="plain-button" :disabled="busy" @click="takePage(format)">
          <b>{{ name }}</b> <span>{{ use }}</span>
        </button>
      </li>
      <li v-for="{ format, name, use } in FILES" :key="format">
        <button
          class="plain-button"
          :disabled="busy"
          @click="played && download(format, chart, played)"
        >
          <b>{{ name }}</b> <span>{{ use }}</span>
        </button>
      </li>
    </ul>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  display: grid;
  gap: 6px;
}
button {
  display: flex;
  gap: 10px;
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
button:disabled {
  cursor: progress;
}
button:hover {
  background: var(--page);
}
b {
  min-width: 84px;
}
span {
  color: var(--ink-soft);
}
.trouble {
  color: var(--caution);
}
</style>
