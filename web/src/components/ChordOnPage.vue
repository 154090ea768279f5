<script setup lang="ts">
import { computed } from 'vue';
import type { ArrangedChord, Reading } from '../api/client';
import type { ChordBox } from '../engraver/geometry';
import NumeralSign from './NumeralSign.vue';

/** A chord of the drawn page: where one presses to choose it, and what is shown with it. */
const props = defineProps<{
  box: ChordBox;
  chord: ArrangedChord | undefined;
  reading: Reading | undefined;
  name: string;
  chosen: boolean;
  looped: boolean;
  flagged: boolean;
  /** The last word of the close that it ends. */
  close: string | undefined;
  /** Whether it is part of a known row, and the name of the row that begins here. */
  row: boolean;
  rowName: string | undefined;
}>();
const emit = defineEmits<{ choose: []; extend: [] }>();

/** Pixels: numeral, word and a mark side by side. */
const ROOM_FOR_A_CLOSE = 128;
/** The sign of a guess beside a numeral, and beside a caution too; where it has no room its dotted frame says it. */
const ROOM_TO_ASK = 64;
const ROOM_TO_ASK_AND_CAUTION = 96;

const width = computed(() => props.box.right - props.box.left);
const lane = computed(() => ({ top: `${props.box.lane - props.box.top}px` }));
const place = computed(() => ({
  left: `${props.box.left}px`,
  top: `${props.box.top}px`,
  width: `${width.value}px`,
  height: `${props.box.bottom - props.box.top}px`,
}));
</script>

<template>
  <button
    class="chord plain-button"
    :class="{ chosen, looped, row, guess: chord?.guess }"
    :style="place"
    :data-chord="box.chord"
    :aria-current="chosen"
    :tabindex="chosen ? 0 : -1"
    @click.exact="emit('choose')"
    @click.shift="emit('extend')"
  >
    <span class="only-heard">{{ name }}</span>
    <span class="lane" aria-hidden="true" :style="lane">
      <NumeralSign
        v-if="chord"
        :numeral="chord.numeral"
        :reading="reading"
        :class="{ own: reading?.role === 'HEARD' }"
      />
      <span v-if="flagged" class="wedge" title="watch out here" />
    </span>
    <span v-if="close && width > ROOM_FOR_A_CLOSE" class="close" aria-hidden="true" :style="lane">{{
      close
    }}</span>
    <span v-if="rowName" class="row-name" aria-hidden="true">{{ rowName }}</span>
    <span
      v-if="chord?.guess && width > (flagged ? ROOM_TO_ASK_AND_CAUTION : ROOM_TO_ASK)"
      class="asks"
      title="a guess, to keep or to change"
      >?</span
    >
    <span v-if="chord?.pinned" class="pin" title="your own choice" />
  </button>
</template>

<style scoped>
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
