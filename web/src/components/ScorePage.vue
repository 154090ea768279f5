<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { Arrangement, Motion } from '../api/client';
import { motionLines } from '../engraver/geometry';
import { useChordMarks } from '../composables/useChordMarks';
import { useDrawing, type ForPaper } from '../composables/useDrawing';
import { NO_VEIL, type Veil } from '../engraver/veil';
import { tempoWords } from '../player/words';
import type { BarRange } from '../player/timeline';
import ChordOnPage from './ChordOnPage.vue';

const props = defineProps<{
  tune: Arrangement | undefined;
  chosen: number;
  typedBar: number | undefined;
  sounding: Map<string, number>;
  loop: BarRange | undefined;
  /** Beside another page, where a line of music has half the height. */
  small?: boolean;
  /** How it is engraved for paper. */
  paper?: ForPaper;
  /** How voices go from note to note, to be drawn. */
  motions?: Motion[];
  /** What is grey and what is not seen. */
  veil?: Veil;
}>();
const emit = defineEmits<{
  choose: [chord: number];
  extend: [chord: number];
  /** All of it is drawn. */
  ready: [page: HTMLElement];
}>();

const page = ref<HTMLElement>();
const { pieces, drawn, boxes, sections, numbers, leans, trouble } = useDrawing(
  page,
  () => props.tune,
  () => props.sounding,
  () => props.small,
  () => props.veil ?? NO_VEIL,
  () => props.paper,
);
watch(boxes, async () => {
  await nextTick();
  if (page.value) emit('ready', page.value);
});
/** How it goes, in words, and how fast. */
const opening = computed(() => {
  const now = drawn.value;
  return now?.bars.length
    ? [now.feel, tempoWords(now.beatLength, now.tempo)].filter(Boolean).join('   ')
    : '';
});
const { flagged, inLoop, inRow, rowNames, closes, name } = useChordMarks(
  drawn,
  () => props.chosen,
  () => props.loop,
);

/** Between the heads of their notes, once these are drawn. */
const lines = computed(() =>
  page.value && boxes.value.length && props.motions ? motionLines(page.value, props.motions) : [],
);

/** Keeps the chosen chord in view, or while someone types the chords typed. */
async function scroll() {
  await nextTick();
  const typed = drawn.value?.chords.find((chord) => chord.bar === props.typedBar);
  page.value
    ?.querySelector(`[data-chord="${typed?.index ?? props.chosen}"]`)
    ?.scrollIntoView({ block: 'nearest' });
}
watch(() => [props.chosen, boxes.value], scroll);
</script>

<template>
  <section class="score" :class="{ small }" aria-label="The music">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="!tune?.bars.length" class="empty">Type <b>| C | F | G7 | C |</b> and see it here</p>
    <div ref="page" class="page" :class="{ unnumbered: paper?.numbers === 'NONE' }">
      <span v-if="opening && !small" class="opening" :title="opening">{{ opening }}</span>
      <div class="drawing" aria-hidden="true">
        <div v-for="(svg, i) in pieces" :key="i" class="piece" v-html="svg" />
      </div>
      <span
        v-for="(section, i) in sections"
        :key="i"
        class="section"
        :style="{ left: `${section.left}px`, top: `${section.top}px` }"
        >{{ section.name }}</span
      >
      <template v-if="paper?.numbers !== 'NONE'">
        <span
          v-for="{ number, left, top } in numbers"
          :key="number"
          class="number"
          :style="{ left: `${left}px`, top: `${top}px` }"
          >{{ number }}</span
        >
      </template>
      <span
        v-for="lean in leans"
        :key="lean.note"
        class="lean"
        title="a note to bring out"
        :style="{ left: `${lean.left}px`, top: `${lean.top}px` }"
      />
      <svg v-if="lines.length" class="motions" aria-hidden="true">
        <line
          v-for="(line, i) in lines"
          :key="i"
          :x1="line.from.x"
          :y1="line.from.y"
          :x2="line.to.x"
          :y2="line.to.y"
        />
        <circle
          v-for="(line, i) in lines"
          :key="`from ${i}`"
          :cx="line.from.x"
          :cy="line.from.y"
          r="11"
        />
        <circle
          v-for="(line, i) in lines"
          :key="`to ${i}`"
          :cx="line.to.x"
          :cy="line.to.y"
          r="11"
        />
      </svg>
      <ChordOnPage
        v-for="box in boxes"
        :key="box.chord"
        :box="box"
        :chord="drawn?.chords[box.chord]"
        :reading="drawn?.analysis.readings[box.chord]"
        :name="name(box.chord)"
        :chosen="box.chord === chosen"
        :looped="inLoop(box.chord)"
        :flagged="flagged.has(box.chord)"
        :close="closes.get(box.chord)"
        :row="inRow.has(box.chord)"
        :row-name="rowNames.get(box.chord)"
        @choose="emit('choose', box.chord)"
        @extend="emit('extend', box.chord)"
      />
    </div>
  </section>
</template>

<style scoped>
.small .section {
  font-size: 15px;
  transform: translateY(-5px);
}
.small :deep(.row) {
  box-sizing: content-box;
  padding-bottom: 9px;
}
/* Fingers stand nearer to the numerals here. */
.small :deep(.lane),
.small :deep(.close) {
  font-size: 16px;
  transform: translateY(8px);
}
.score {
  overflow: auto;
  background: var(--page);
  border-radius: 16px;
  min-height: 0;
  padding: 4px 14px;
}
.drawing :deep(.grey),
.drawing :deep(.pale .ledgerLines) {
  opacity: 0.28;
}
.drawing :deep(.grey .grey) {
  opacity: 1;
}
.drawing :deep(.gone),
.drawing :deep(.parted > polygon),
.drawing :deep(.bare .ledgerLines),
.drawing :deep(.veiled .fing),
.drawing :deep(.nameless .harm) {
  visibility: hidden;
}
.motions {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  z-index: 2;
  overflow: visible;
}
.motions line {
  stroke: var(--caution);
  stroke-width: 3;
  stroke-linecap: round;
  stroke-dasharray: 1 7;
}
.motions circle {
  fill: none;
  stroke: var(--caution);
  stroke-width: 2.5;
}
.empty {
  text-align: center;
  margin: 15vh 0 0;
  font: 400 24px var(--titles);
  color: var(--ink-soft);
}
.trouble {
  margin: 8px 0;
  color: var(--caution);
}
.page {
  position: relative;
  /* For the tempo and the name of a section above the first line. */
  padding-top: 28px;
}
.unnumbered :deep(.mNum) {
  visibility: hidden;
}
.small .page {
  padding-top: 12px;
}
.opening {
  position: absolute;
  top: 0;
  left: 2px;
  z-index: 1;
  font: 600 17px/1.2 var(--reading);
  white-space: pre;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  pointer-events: none;
}
.drawing {
  position: relative;
  z-index: 1;
  pointer-events: none;
}
.drawing :deep(svg) {
  display: block;
}
.drawing :deep(.definition-scale) {
  color: var(--ink);
  fill: var(--ink);
}
.drawing :deep(text) {
  font-family: var(--reading);
}
/* Set by the engraver only to keep their room; drawn over it in the page's own type. */
.drawing :deep(.dir:not(.own)),
.drawing :deep(.reh) {
  visibility: hidden;
}
/* Drawn in and lifted a bit, for the engraver takes a narrower type. */
.drawing :deep(.harm text) {
  font-weight: 650;
  letter-spacing: -0.035em;
}
/* Signs of the music's own typeface have one weight. */
.drawing :deep(.harm tspan[font-family]) {
  font-weight: 400;
}
.drawing :deep(.harm) {
  transform: translateY(-150px);
}
/* The foot goes below the numerals. */
.drawing :deep(.pedal) {
  transform: translateY(210px);
}
.drawing :deep(.syl text) {
  letter-spacing: -0.02em;
}
.drawing :deep(.note.sounds) {
  color: var(--zest);
  fill: var(--zest);
}
.section {
  position: absolute;
  z-index: 1;
  font: 600 19px/1.2 var(--titles);
  white-space: nowrap;
  pointer-events: none;
}
.number {
  position: absolute;
  z-index: 1;
  font: italic 16px/1.2 var(--reading);
  pointer-events: none;
}
/* A foreign note of the tune is in softer ink; one to bring out has a stroke above. */
.drawing :deep(.note.foreign .notehead) {
  color: var(--ink-soft);
  fill: var(--ink-soft);
}
.lean {
  position: absolute;
  z-index: 2;
  width: 15px;
  border-top: 4px solid var(--zest);
  border-radius: 2px;
  pointer-events: none;
}
</style>
