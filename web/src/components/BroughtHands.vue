<script setup lang="ts">
import { computed } from 'vue';
import type { ImportedTune } from '../api/client';
import { hasLeftHand } from '../editor/left-hand';
import OneOf from './OneOf.vue';

/** Which staff, voice or track of a file is the tune, and which the left hand. */
const props = defineProps<{ tune: ImportedTune; left: boolean; busy: boolean }>();
const emit = defineEmits<{
  take: [tune: string, left: string | undefined];
  keep: [left: boolean];
}>();

/** The app finds a left hand. */
const NONE = 'none';
/** It is in the tune's own track, told apart by where the hands lie. */
const APART = 'apart';

const lines = computed(() =>
  props.tune.hands.lines.map(({ id, name, notes, lowest, highest }) => ({
    id,
    name: notes
      ? `${name}: ${notes} ${notes === 1 ? 'note' : 'notes'}, ${lowest} to ${highest}`
      : name,
  })),
);
const isWritten = computed(() => hasLeftHand(props.tune.chart));
const own = computed(() => props.tune.hands.left || (isWritten.value ? APART : NONE));
const lefts = computed(() => [
  { id: NONE, name: 'None: the app finds one' },
  ...(own.value === APART ? [{ id: APART, name: 'As told apart from the tune' }] : []),
  ...lines.value,
]);

function takeLeft(id: string) {
  if (id === NONE || id === own.value) emit('keep', id !== NONE);
  else emit('take', props.tune.hands.tune, id);
}

function takeTune(id: string) {
  const left = props.left ? props.tune.hands.left : '';
  emit('take', id, left === id ? props.tune.hands.tune : own.value === APART ? undefined : left);
}
</script>

<template>
  <div v-if="lines.length > 1" class="hands" :aria-busy="busy">
    <span class="what" aria-hidden="true">Tune</span>
    <OneOf name="Tune" :chosen="tune.hands.tune" :of="lines" @choose="takeTune" />
    <span class="what" aria-hidden="true">Left hand</span>
    <OneOf name="Left hand" :chosen="left ? own : NONE" :of="lefts" @choose="takeLeft" />
  </div>
  <label v-else-if="isWritten" class="keep">
    <input
      :checked="left"
      type="checkbox"
      @change="emit('keep', ($event.target as HTMLInputElement).checked)"
    />
    <span>Keep the left hand as it is written; without it the app finds one</span>
  </label>
</template>

<style scoped>
.hands {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  align-items: center;
  gap: 8px 12px;
  margin: 6px 0 10px;
}
.what {
  font-weight: 600;
}
.keep {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
  margin-bottom: 6px;
}
input {
  width: 22px;
  height: 22px;
  accent-color: var(--zest);
}
</style>
