<script setup lang="ts">
import { ref } from 'vue';
import { PLACES, toggled, type Grid } from './figure-grid';

/** Places of the chord on the steps of a bar, struck or not; by mouse or with the arrow keys and space. */
const grid = defineModel<Grid>({ required: true });
defineProps<{
  /** Steps in a felt beat. */
  perBeat: number;
}>();

const NAMES = ['lowest', '2nd', '3rd', '4th', '5th'];
/** The grid is one stop of the Tab key; within it the arrows go. */
const current = ref(`0-${PLACES}`);
const rows = Array.from({ length: PLACES }, (_, i) => PLACES - i);
const isOn = (step: number, place: number) => grid.value[step]?.includes(place) ?? false;
/** Where the grid got shorter, its first cell is where one enters. */
const isCurrent = (step: number, place: number) => {
  const there = Number(current.value.split('-')[0]) < grid.value.length;
  return (there ? current.value : `0-${PLACES}`) === `${step}-${place}`;
};
function choose(step: number, place: number) {
  current.value = `${step}-${place}`;
  grid.value = toggled(grid.value, step, place);
}

/** Arrow keys go from cell to cell. */
function go(event: KeyboardEvent, step: number, place: number) {
  const [right, up] =
    { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key] ??
    [];
  if (right === undefined || up === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  const next = `${step + right}-${place + up}`;
  const grid = (event.currentTarget as HTMLElement).closest('.grid');
  const cell = grid?.querySelector<HTMLElement>(`[data-cell="${next}"]`);
  if (!cell) return;
  current.value = next;
  cell.focus();
}
</script>

<template>
  <div class="grid" role="grid" aria-label="Places of the chord on the beats of a bar">
    <div v-for="place in rows" :key="place" class="row" role="row">
      <span class="place" role="rowheader">{{ NAMES[place - 1] }}</span>
      <button
        v-for="(_, step) in grid"
        :key="step"
        role="gridcell"
        class="cell"
        :class="{ on: isOn(step, place), beat: step % perBeat === 0 }"
        :data-cell="`${step}-${place}`"
        :tabindex="isCurrent(step, place) ? 0 : -1"
        :aria-label="`step ${step + 1}, ${NAMES[place - 1]} note`"
        :aria-selected="isOn(step, place)"
        @click="choose(step, place)"
        @keydown="(event) => go(event, step, place)"
      />
    </div>
    <div class="row counts" aria-hidden="true">
      <span class="place" />
      <span v-for="(_, step) in grid" :key="step" class="count">{{
        step % perBeat === 0 ? step / perBeat + 1 : ''
      }}</span>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  gap: 3px;
  overflow-x: auto;
  padding: 2px;
}
.row {
  display: grid;
  grid-template-columns: 56px;
  grid-auto-flow: column;
  grid-auto-columns: minmax(24px, 1fr);
  gap: 3px;
  align-items: center;
}
.place {
  font-size: 16px;
  color: var(--ink-soft);
}
.cell {
  height: 40px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: none;
  cursor: pointer;
}
.cell.beat {
  background: var(--page);
}
.cell.on {
  background: var(--zest);
  border-color: var(--zest);
}
.cell:focus-visible {
  outline: 3px solid var(--zest);
  outline-offset: 1px;
}
.count {
  text-align: center;
  font-weight: 600;
}
</style>
