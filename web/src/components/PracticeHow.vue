<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import type { Counts } from '../api/client';
import { AHEAD, type usePracticeHow } from '../composables/usePracticeHow';
import type { usePlayer } from '../composables/usePlayer';
import { MEMORY, SEEN } from '../player/parts';
import { SPANS } from '../player/spans';
import { CLICKS } from '../player/timeline';
import OneOf from './OneOf.vue';

/** What goes round, what ticks and is counted, and what is seen. */
const props = defineProps<{
  how: ReturnType<typeof usePracticeHow>;
  player: ReturnType<typeof usePlayer>;
}>();
const COUNTS: { id: Counts; name: string }[] = [
  { id: 'NONE', name: 'Not shown' },
  { id: 'BY_BAR', name: 'Bar by bar' },
  { id: 'ON', name: 'On over ties' },
];
const counts = defineModel<Counts>('counts', { required: true });
const { span, ahead, memory, level, greys } = props.how;
const { click, spoken, slows } = props.player;
</script>

<template>
  <section class="how" aria-label="How it is practised">
    <label for="how-span">What goes round</label>
    <OneOf id="how-span" :chosen="span" :of="[...SPANS]" @choose="(id) => (span = id)" />
    <p v-if="span === 'taps'" class="hint">Tap two chords in the music.</p>
    <p v-else-if="span !== 'step'" class="hint">Tap a chord in the music to move it.</p>
    <label for="how-click">Click</label>
    <OneOf id="how-click" :chosen="click" :of="CLICKS" @choose="(id) => (click = id)" />
    <label for="how-counts">Count</label>
    <OneOf id="how-counts" :chosen="counts" :of="COUNTS" @choose="(id) => (counts = id)" />
    <label for="how-ahead">The next chord</label>
    <OneOf id="how-ahead" :chosen="ahead" :of="[...AHEAD]" @choose="(id) => (ahead = id)" />
    <label for="how-memory">Seen of the left hand</label>
    <OneOf id="how-memory" :chosen="memory" :of="[...MEMORY]" @choose="(id) => (memory = id)" />
    <p v-if="memory === 'fading'" class="hint" role="status">Now: {{ SEEN[level] }}.</p>
    <label class="check"><Checkbox v-model="spoken" binary /> the count said aloud</label>
    <label class="check"><Checkbox v-model="slows" binary /> slower at the end</label>
    <label class="check"><Checkbox v-model="greys" binary /> what is silent is grey</label>
  </section>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 8px 10px;
  align-items: center;
  margin-top: 18px;
}
.hint,
.check {
  grid-column: 1 / -1;
  margin: 0;
}
.hint {
  color: var(--ink-soft);
}
.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 40px;
}
</style>
