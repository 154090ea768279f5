<script setup lang="ts">
import { computed } from 'vue';
import type { Proposal } from '../api/client';
import { NAMES, type Level } from '../composables/useHarmonies';
import { signed } from './words';

/** Chords for a tune that has none: three ways, each to be heard on the page before it is kept. */
const props = defineProps<{
  proposals: Proposal[];
  level: Level | undefined;
  looking: boolean;
  playing: boolean;
  trouble: string;
}>();
const emit = defineEmits<{ look: [level: Level]; hear: [level: Level]; keep: []; leave: [] }>();

/** Its different chords, in the order in which they come. */
const chordsOf = (proposal: Proposal) => [
  ...new Set(proposal.chords.map((chord) => signed(chord.symbol))),
];
const rows = computed(() =>
  props.proposals.map((proposal) => ({
    level: proposal.level,
    name: NAMES[proposal.level] ?? proposal.level,
    words: proposal.words,
    chords: chordsOf(proposal),
    shown: props.looking && proposal.level === props.level,
  })),
);
</script>

<template>
  <section class="harmonies" aria-labelledby="harmonies">
    <h2 id="harmonies">Chords for the tune</h2>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul>
      <li v-for="row in rows" :key="row.level" :class="{ shown: row.shown }">
        <button
          class="way plain-button"
          :aria-pressed="row.shown"
          :title="`See it on the page: ${row.words}`"
          @click="emit('look', row.level)"
        >
          <b>{{ row.name }}</b>
          <span class="chords">{{ row.chords.join('  ') }}</span>
        </button>
        <button
          class="hear plain-button"
          :aria-label="`Hear ${row.name.toLowerCase()}`"
          @click="emit('hear', row.level)"
        >
          <i class="pi" :class="row.shown && playing ? 'pi-stop' : 'pi-play'" aria-hidden="true" />
          {{ row.shown && playing ? 'Stop' : 'Hear' }}
        </button>
      </li>
    </ul>
    <p v-if="looking" class="decide">
      <button class="keep plain-button" @click="emit('keep')">Keep these</button>
      <button class="plain-button" @click="emit('leave')">Back</button>
    </p>
  </section>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  align-items: stretch;
  border: 2px solid var(--line);
  border-radius: 12px;
  overflow: hidden;
}
li.shown {
  border-color: var(--zest);
  background: var(--zest-wash);
}
.way {
  flex: 1;
  min-width: 0;
  min-height: 46px;
  padding: 4px 10px;
  text-align: left;
  line-height: 1.25;
}
.way b {
  display: block;
}
.chords {
  color: var(--ink-soft);
  word-spacing: 4px;
}
.hear {
  min-width: 82px;
  min-height: 46px;
  padding: 0 10px;
  border-left: 1px solid var(--line);
}
.decide {
  display: flex;
  gap: 8px;
  margin: 8px 0 0;
}
.decide button {
  flex: 1;
  text-align: center;
  min-height: 44px;
  border: 2px solid var(--line);
  border-radius: 10px;
}
.decide .keep {
  border-color: var(--zest);
  font-weight: 700;
}
.trouble {
  color: var(--caution);
  margin: 4px 0 0;
}
</style>
