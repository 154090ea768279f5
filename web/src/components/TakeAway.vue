<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, shallowRef } from 'vue';
import {
  api,
  type Arrangement,
  type EngravingOption,
  type FileFormat,
  type Played,
} from '../api/client';
import type { ForPaper, Numbers } from '../composables/useDrawing';
import { savePage, useFiles } from '../composables/useFiles';
import OneOf from './OneOf.vue';
import ScorePage from './ScorePage.vue';

/** The tune as a file: for paper, for notation, for playing, for other programs. */
const props = defineProps<{
  tune: Arrangement | undefined;
  chart: string;
  played: Played | undefined;
}>();

const { attempt, download, leftOut, trouble, busy } = useFiles();

/** What editors do differently, as this teacher has it. */
const OPTIONS: { id: EngravingOption; name: string }[] = [
  { id: 'BRACKETS', name: 'courtesy accidentals in brackets' },
  { id: 'OCTAVE_LINES', name: '8va for more than two ledger lines' },
  { id: 'CLEF_CHANGES', name: 'another clef for more than two ledger lines' },
  { id: 'ANALYSIS', name: 'numerals and closes in MusicXML' },
];
const NUMBERS: { id: Numbers; name: string }[] = [
  { id: 'LINES', name: 'each line' },
  { id: 'ALL', name: 'every bar' },
  { id: 'NONE', name: 'none' },
];
const options = useLocalStorage<EngravingOption[]>('engraving', []);
const numbers = useLocalStorage<Numbers>('bar-numbers', 'LINES');
const NUMBERED: Record<Numbers, EngravingOption[]> = {
  LINES: [],
  ALL: ['ALL_NUMBERS'],
  NONE: ['NO_NUMBERS'],
};
const engraving = computed(() => [...options.value, ...NUMBERED[numbers.value]]);

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
const FILES: { format: FileFormat; name: string; use: string; hands?: boolean }[] = [
  { format: 'musicxml', name: 'MusicXML', use: 'for notation' },
  { format: 'midi', name: 'MIDI', use: 'for playing' },
  { format: 'abc', name: 'ABC', use: 'tune and chords' },
  { format: 'abc', name: 'ABC, left hand', use: 'and fingers', hands: true },
  { format: 'chordpro', name: 'ChordPro', use: 'words and chords' },
  { format: 'chart', name: 'Text', use: 'the chart as typed' },
];

/** What is being engraved for paper. */
const wanted = shallowRef<{
  tune: Arrangement;
  paper: ForPaper;
  width: number;
  drawn: (page: HTMLElement) => void;
}>();
const engraved = api.arranger();

const takePage = (file: PageFile) =>
  attempt(async () => {
    const { engravedFor, STAFF } = await import('../engraver/paper');
    const { arrangement } = await engraved(
      props.chart,
      props.played!,
      'NONE',
      -1,
      undefined,
      engraving.value,
    );
    const { scale, width } = engravedFor(file.large ? STAFF.large : STAFF.usual);
    const paper = { scale, numbers: numbers.value };
    try {
      const page = await new Promise<HTMLElement>((drawn) => {
        wanted.value = { tune: arrangement, paper, width, drawn };
      });
      await savePage(file.format, page, arrangement);
    } finally {
      wanted.value = undefined;
    }
  });
</script>

<template>
  <section class="take" aria-labelledby="take-heading" :aria-busy="busy">
    <h2 id="take-heading">Print and share</h2>
    <ul>
      <li v-for="file in PAGES" :key="file.name">
        <button class="plain-button" :disabled="busy || !tune?.bars.length" @click="takePage(file)">
          <b>{{ file.name }}</b> <span>{{ file.use }}</span>
        </button>
      </li>
      <li v-for="{ format, name, use, hands } in FILES" :key="name">
        <button
          class="plain-button"
          :disabled="busy"
          @click="played && download(format, chart, played, engraving, hands)"
        >
          <b>{{ name }}</b> <span>{{ use }}</span>
        </button>
      </li>
    </ul>
    <fieldset>
      <legend>How it is engraved</legend>
      <label v-for="{ id, name } in OPTIONS" :key="id">
        <input v-model="options" type="checkbox" :value="id" /> {{ name }}
      </label>
      <label for="bar-numbers">Bar numbers</label>
      <OneOf id="bar-numbers" :chosen="numbers" :of="NUMBERS" @choose="(id) => (numbers = id)" />
    </fieldset>
    <p v-if="leftOut" class="left-out" role="status">
      Not in this file: {{ leftOut }}. <RouterLink to="/formats">What each file holds</RouterLink>
    </p>
    <div v-if="wanted" class="paper" :style="{ width: `${wanted.width}px` }" inert>
      <ScorePage
        :tune="wanted.tune"
        :chosen="-1"
        :typed-bar="undefined"
        :sounding="new Map()"
        :loop="undefined"
        :paper="wanted.paper"
        @ready="wanted.drawn"
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
fieldset {
  margin: 8px 0 0;
  padding: 4px 12px 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
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
