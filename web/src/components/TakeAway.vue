<script setup lang="ts">
import { ref } from 'vue';
import type { Arrangement, FileFormat, Played } from '../api/client';
import { useFiles } from '../composables/useFiles';
import ScorePage from './ScorePage.vue';

/** The tune as a file: for paper, for notation, for playing, for other programs. */
const props = defineProps<{
  tune: Arrangement | undefined;
  chart: string;
  played: Played | undefined;
}>();

const { download, downloadPage, leftOut, trouble, busy } = useFiles();

/** Whether numerals and closes go into the notation file. */
const analysed = ref(false);

interface PageFile {
  format: 'pdf' | 'svg';
  name: string;
  use: string;
  /** Whether its staves are large. */
  large: boolean;
}
const PAGES: PageFile[] = [
  { format: 'pdf', name: 'PDF', use: 'for paper', large: false },
  { format: 'pdf', name: 'Large print', use: 'for paper, staves of 9 mm', large: true },
  { format: 'svg', name: 'SVG', use: 'a picture of the page', large: false },
];
const FILES: { format: FileFormat; name: string; use: string }[] = [
  { format: 'musicxml', name: 'MusicXML', use: 'for notation' },
  { format: 'midi', name: 'MIDI', use: 'for playing' },
  { format: 'abc', name: 'ABC', use: 'tune and chords' },
  { format: 'chordpro', name: 'ChordPro', use: 'words and chords' },
  { format: 'chart', name: 'Text', use: 'the chart as typed' },
];

/** What is being engraved for paper. */
const wanted = ref<PageFile & { scale: number; width: number }>();

async function takePage(file: PageFile) {
  const { engravedFor, STAFF } = await import('../engraver/paper');
  wanted.value = { ...file, ...engravedFor(file.large ? STAFF.large : STAFF.usual) };
}

async function take(page: HTMLElement) {
  const { title, credits } = props.tune!;
  await downloadPage(wanted.value!.format, page, { title, credits });
  wanted.value = undefined;
}
</script>

<template>
  <section class="take" aria-labelledby="take-heading" :aria-busy="busy || !!wanted">
    <h2 id="take-heading">Print and share</h2>
    <ul>
      <li v-for="file in PAGES" :key="file.name">
        <button
          class="plain-button"
          :disabled="busy || !!wanted || !tune?.bars.length"
          @click="takePage(file)"
        >
          <b>{{ file.name }}</b> <span>{{ file.use }}</span>
        </button>
      </li>
      <li v-for="{ format, name, use } in FILES" :key="format">
        <button
          class="plain-button"
          :disabled="busy"
          @click="played && download(format, chart, played, analysed)"
        >
          <b>{{ name }}</b> <span>{{ use }}</span>
        </button>
      </li>
    </ul>
    <label class="analysed">
      <input v-model="analysed" type="checkbox" /> numerals and closes in the MusicXML file
    </label>
    <p v-if="leftOut" class="left-out" role="status">
      Not in this file: {{ leftOut }}. <RouterLink to="/formats">What each file holds</RouterLink>
    </p>
    <div v-if="wanted" class="paper" :style="{ width: `${wanted.width}px` }" inert>
      <ScorePage
        :tune="tune"
        :chosen="-1"
        :typed-bar="undefined"
        :sounding="new Map()"
        :loop="undefined"
        :scale="wanted.scale"
        @ready="take"
      />
    </div>
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
.analysed {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.left-out {
  margin: 4px 0;
}
/* Engraved out of sight. */
.paper {
  position: fixed;
  left: -10000px;
  top: 0;
}
.paper :deep(.score) {
  padding: 0;
}
.trouble {
  color: var(--caution);
}
</style>
