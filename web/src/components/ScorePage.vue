<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import type { Arrangement } from '../api/client';
import { useChordMarks } from '../composables/useChordMarks';
import { useDrawing } from '../composables/useDrawing';
import type { BarRange } from '../player/timeline';
import NumeralSign from './NumeralSign.vue';

const props = defineProps<{
  tune: Arrangement | undefined;
  chosen: number;
  typedBar: number | undefined;
  sounding: Map<string, number>;
  loop: BarRange | undefined;
}>();
const emit = defineEmits<{ choose: [chord: number]; extend: [chord: number] }>();

const page = ref<HTMLElement>();
const { pieces, drawn, boxes, sections, leans, trouble } = useDrawing(
  page,
  () => props.tune,
  () => props.sounding,
);
const { flagged, inLoop, inRow, rowNames, closes, name } = useChordMarks(
  drawn,
  () => props.chosen,
  () => props.loop,
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

/** Pixels: numeral, word and a mark side by side. */
const ROOM_FOR_A_CLOSE = 128;
/** Where a caution stands the sign of a guess needs more room; its dotted frame says it too. */
const ROOM_TO_ASK = 96;

const hasRoomToAsk = (box: { chord: number; left: number; right: number }) =>
  !flagged.value.has(box.chord) || box.right - box.left > ROOM_TO_ASK;
</script>

<template>
  <section class="score" aria-label="The music">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="!tune?.bars.length" class="empty">Type <b>| C | F | G7 | C |</b> and see it here</p>
    <div ref="page" class="page">
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
      <span
        v-for="lean in leans"
        :key="lean.note"
        class="lean"
        title="a note to bring out"
        :style="{ left: `${lean.left}px`, top: `${lean.top}px` }"
      />
      <button
        v-for="box in boxes"
        :key="box.chord"
        class="chord plain-button"
        :class="{
          chosen: box.chord === chosen,
          looped: inLoop(box.chord),
          row: inRow.has(box.chord),
          guess: drawn?.chords[box.chord]?.guess,
        }"
        :style="{
          left: `${box.left}px`,
          top: `${box.top}px`,
          width: `${box.right - box.left}px`,
          height: `${box.bottom - box.top}px`,
        }"
        :data-chord="box.chord"
        :aria-current="box.chord === chosen"
        :tabindex="box.chord === chosen ? 0 : -1"
        @click.exact="emit('choose', box.chord)"
        @click.shift="emit('extend', box.chord)"
      >
        <span class="only-heard">{{ name(box.chord) }}</span>
        <span class="lane" aria-hidden="true" :style="{ top: `${box.lane - box.top}px` }">
          <NumeralSign
            v-if="drawn?.chords[box.chord]"
            :numeral="drawn.chords[box.chord]!.numeral"
            :reading="drawn.analysis.readings[box.chord]"
            :class="{ own: drawn.analysis.readings[box.chord]?.role === 'HEARD' }"
          />
          <span v-if="flagged.has(box.chord)" class="wedge" title="something to mind here" />
        </span>
        <span
          v-if="closes.has(box.chord) && box.right - box.left > ROOM_FOR_A_CLOSE"
          class="close"
          aria-hidden="true"
          :style="{ top: `${box.lane - box.top}px` }"
          >{{ closes.get(box.chord) }}</span
        >
        <span v-if="rowNames.has(box.chord)" class="row-name" aria-hidden="true">{{
          rowNames.get(box.chord)
        }}</span>
        <span
          v-if="drawn?.chords[box.chord]?.guess && hasRoomToAsk(box)"
          class="asks"
          title="a guess, to keep or to change"
          >?</span
        >
        <span v-if="drawn?.chords[box.chord]?.pinned" class="pin" title="your own choice" />
      </button>
    </div>
  </section>
</template>

<style scoped>
.score {
  overflow: auto;
  background: var(--page);
  border-radius: 16px;
  min-height: 0;
  padding: 4px 14px;
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
/* Drawn in and lifted a bit, for the engraver reckons with a narrower type. */
.drawing :deep(.harm text) {
  font-weight: 650;
  letter-spacing: -0.035em;
}
.drawing :deep(.harm) {
  transform: translateY(-150px);
}
.drawing :deep(.syl text) {
  letter-spacing: -0.02em;
}
.drawing :deep(.note.sounds) {
  color: var(--zest);
  fill: var(--zest);
}
.chord {
  position: absolute;
  border-radius: 10px;
}
.chord:hover {
  background: color-mix(in srgb, var(--zest-wash) 40%, transparent);
}
.chord.guess {
  outline: 2px dotted var(--zest);
  outline-offset: -2px;
}
.asks {
  position: absolute;
  right: 6px;
  bottom: 4px;
  font: 700 20px var(--titles);
  color: var(--zest);
}
/* A known row of chords is ruled below, through all its bars. */
.chord.row::after {
  content: '';
  position: absolute;
  inset: auto -6px 0 0;
  border-bottom: 2px solid var(--ink-soft);
}
.row-name {
  position: absolute;
  z-index: 1;
  top: calc(100% + 1px);
  left: 2px;
  padding: 0 6px 0 0;
  background: var(--page);
  font: italic 400 15px/1.25 var(--titles);
  color: var(--ink-soft);
  white-space: nowrap;
  pointer-events: none;
}
.chord.looped {
  box-shadow: inset 0 -4px 0 color-mix(in srgb, var(--zest) 55%, transparent);
}
.chord.chosen {
  background: var(--zest-wash);
}
.lane {
  position: absolute;
  left: 6px;
  display: flex;
  gap: 6px;
  align-items: center;
  height: 30px;
  font-size: 20px;
  font-weight: 500;
}
/* The teacher's own reading is underlined. */
.own {
  border-bottom: 3px solid var(--zest);
}
/* The close of a phrase, at the right end of its lane. */
.close {
  position: absolute;
  right: 8px;
  height: 30px;
  display: flex;
  align-items: center;
  font: italic 400 16px var(--titles);
  color: var(--ink-soft);
}
.chord.guess .close {
  right: 30px;
}
.section {
  position: absolute;
  z-index: 1;
  font: 600 19px/1.2 var(--titles);
  white-space: nowrap;
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
.wedge {
  width: 0;
  height: 0;
  border: 8px solid transparent;
  border-top: 0;
  border-bottom: 14px solid var(--caution);
}
.pin {
  position: absolute;
  right: 0;
  top: 0;
  border: 9px solid var(--zest);
  border-left-color: transparent;
  border-bottom-color: transparent;
  border-top-right-radius: 10px;
}
@media print {
  .chord.chosen,
  .chord.guess {
    background: none;
    outline: none;
  }
  .chord.looped {
    box-shadow: none;
  }
  .chord.row::after,
  .row-name,
  .asks,
  .wedge,
  .pin {
    display: none;
  }
}
</style>
