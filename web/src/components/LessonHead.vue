<script setup lang="ts">
import Button from 'primevue/button';
import Menu from 'primevue/menu';
import { computed, ref } from 'vue';
import type { Arrangement, Choices, FileFormat, Setting } from '../api/client';
import { useAppearance } from '../composables/useAppearance';
import { useFiles } from '../composables/useFiles';
import type { SaveState } from '../composables/useTune';
import SaveSign from './SaveSign.vue';
import StudentPicker from './StudentPicker.vue';
import TuneTools from './TuneTools.vue';

/** Title, whose hand, whether it is saved, files, and the look of the page. */
const props = defineProps<{
  id: number;
  tune: Arrangement | undefined;
  choices: Choices | undefined;
  state: SaveState;
  trouble: string;
  keptHere: boolean;
}>();
const settings = defineModel<Setting[]>('settings', { required: true });
const active = defineModel<number>('active', { required: true });
const chart = defineModel<string>('chart', { required: true });
const writing = defineModel<boolean>('writing', { required: true });
const textOpen = defineModel<boolean>('textOpen', { required: true });
const emit = defineEmits<{ keepMine: []; takeTheirs: []; help: [] }>();

const { appearance, toggle } = useAppearance();
const { download, downloadPage, trouble: fileTrouble } = useFiles();

const facts = computed(() => {
  if (!props.tune) return '';
  const { key, keyTold, meter, meterTold, tempo } = props.tune;
  return [keyTold && key, meterTold && meter, `${tempo} a minute`].filter(Boolean).join(' · ');
});

const take = (format: FileFormat) => props.choices && download(format, chart.value, props.choices);
const takePage = (format: 'svg' | 'pdf') =>
  downloadPage(format, {
    title: props.tune?.title ?? 'tune',
    facts: facts.value,
    composer: props.tune?.composer ?? '',
  });

const guesses = computed(() => props.tune?.chords.filter((chord) => chord.guess).length ?? 0);

const files = ref<InstanceType<typeof Menu>>();
const fileItems = [
  { label: 'PDF, for paper', icon: 'pi pi-file-pdf', command: () => takePage('pdf') },
  { label: 'SVG, a picture of the page', icon: 'pi pi-image', command: () => takePage('svg') },
  { label: 'MusicXML, for notation', icon: 'pi pi-file', command: () => take('musicxml') },
  { label: 'MIDI, for playing', icon: 'pi pi-volume-up', command: () => take('midi') },
  { label: 'ABC, tune and chords', icon: 'pi pi-align-left', command: () => take('abc') },
  { label: 'ChordPro, words and chords', icon: 'pi pi-book', command: () => take('chordpro') },
  { label: 'The chart as text', icon: 'pi pi-file-edit', command: () => take('chart') },
];
</script>

<template>
  <header class="head">
    <RouterLink class="shelf" to="/" aria-label="Back to the shelf" title="The shelf">
      <i class="pi pi-arrow-left" aria-hidden="true" />
    </RouterLink>
    <Button
      class="fold"
      :icon="textOpen ? 'pi pi-angle-double-left' : 'pi pi-align-left'"
      variant="text"
      :aria-label="textOpen ? 'Fold the chart' : 'Show the chart'"
      :title="textOpen ? 'Fold the chart (T)' : 'Show the chart (T)'"
      @click="textOpen = !textOpen"
    />
    <div class="title">
      <h1>{{ tune?.title ?? ' ' }}</h1>
      <span class="facts">{{ facts }}</span>
    </div>
    <SaveSign
      :state="state"
      :trouble="trouble"
      :kept-here="keptHere"
      @keep-mine="emit('keepMine')"
      @take-theirs="emit('takeTheirs')"
    />
    <span v-if="fileTrouble" class="trouble" role="alert">{{ fileTrouble }}</span>
    <StudentPicker v-if="settings.length" v-model:settings="settings" v-model:active="active" />
    <div class="tools">
      <Button
        label="Write the tune"
        icon="pi pi-plus"
        variant="text"
        :aria-pressed="writing"
        title="Enter the melody note by note (W)"
        @click="writing = !writing"
      />
      <TuneTools :id="id" v-model:chart="chart" :guesses="guesses" />
      <Button
        label="Take away"
        icon="pi pi-download"
        variant="text"
        aria-haspopup="menu"
        @click="files?.toggle($event)"
      />
      <Menu ref="files" :model="fileItems" popup />
      <Button
        :icon="appearance === 'day' ? 'pi pi-moon' : 'pi pi-sun'"
        variant="text"
        :aria-label="appearance === 'day' ? 'Evening paper' : 'Day paper'"
        :title="appearance === 'day' ? 'Evening paper' : 'Day paper'"
        @click="toggle"
      />
      <Button
        icon="pi pi-question"
        variant="text"
        aria-label="Keys to press"
        title="Keys to press (?)"
        @click="emit('help')"
      />
    </div>
  </header>
</template>

<style scoped>
.head {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 14px;
  min-width: 0;
}
.shelf {
  display: grid;
  place-items: center;
  width: 42px;
  height: 42px;
  border-radius: 10px;
  color: inherit;
  text-decoration: none;
}
.title {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  margin-right: auto;
  min-width: 0;
}
h1 {
  font-size: 26px;
}
.facts {
  color: var(--ink-soft);
  font-size: 16px;
}
@media (min-width: 1101px) {
  .head {
    flex-wrap: nowrap;
  }
  .title {
    /* One line high: the facts stand there whole, or, wrapped out of sight, not at all. */
    flex: 1 1 0;
    height: 38px;
    white-space: nowrap;
    overflow: hidden;
  }
  h1 {
    max-width: 100%;
    line-height: 38px;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}
@media (max-width: 1100px) {
  .facts {
    display: none;
  }
}
.tools {
  display: flex;
  align-items: center;
}
.trouble {
  color: var(--caution);
}
@media print {
  .shelf,
  .fold,
  .tools,
  .head > :deep(.save),
  .head > :deep(.student) {
    display: none;
  }
}
</style>
