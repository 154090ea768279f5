<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { OwnFigure } from '../api/client';
import { useStrokes } from '../composables/useStrokes';
import FigureGrid from './FigureGrid.vue';
import KeptFigures from './KeptFigures.vue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';
import {
  emptyGrid,
  figureText,
  gridOf,
  gridPlayed,
  resized,
  stepsIn,
  type Value,
} from './figure-grid';

/** A figure of the teacher's own: places of the chord on the beats of a bar, by mouse, keys or playing; heard at once. */
const props = defineProps<{
  /** Quarter notes in a bar, and in one of its felt beats. */
  barLength: number;
  beatLength: number;
  /** The own figure that is played now, if any. */
  own: OwnFigure | undefined;
}>();
const emit = defineEmits<{ play: [figure: OwnFigure]; hear: []; close: [] }>();

const VALUES: { id: Value; name: string }[] = [
  { id: '4', name: 'quarters' },
  { id: '8', name: 'eighths' },
  { id: '16', name: 'sixteenths' },
];

const begun = props.own ? gridOf(props.own.text) : undefined;
const value = ref<Value>(begun?.value ?? '8');
const steps = computed(() => Math.max(1, stepsIn(props.barLength, value.value)));
const grid = ref(resized(begun?.grid ?? emptyGrid(0), steps.value));
const name = ref(props.own?.name ?? '');
watch(steps, (now) => (grid.value = resized(grid.value, now)));

const text = computed(() => figureText(grid.value, value.value));
/** Whatever is laid is played on the page. */
watch(text, (now) => {
  if (now) emit('play', { name: name.value.trim() || 'My figure', text: now });
});

const perBeat = computed(() =>
  Math.max(1, Math.round((props.beatLength * Number(value.value)) / 4)),
);

function take(figure: OwnFigure) {
  const read = gridOf(figure.text);
  if (read) {
    value.value = read.value;
    grid.value = resized(read.grid, Math.max(1, stepsIn(props.barLength, read.value)));
  }
  name.value = figure.name;
  emit('play', { name: figure.name, text: figure.text });
}

const { keyboards, keyboard, listening, listen } = useStrokes(
  (strokes) => (grid.value = gridPlayed(strokes.slice(0, steps.value), steps.value)),
);
</script>

<template>
  <section aria-label="A pattern of your own">
    <PanelHead title="Your own pattern" @close="emit('close')" />
    <div class="value">
      <label for="step-value">Steps</label>
      <OneOf id="step-value" :chosen="value" :of="VALUES" @choose="(id) => (value = id)" />
    </div>
    <FigureGrid v-model="grid" :per-beat="perBeat" />
    <p class="soft">
      Each note sounds until the next. 5th is the highest; a smaller chord plays its top there.
    </p>
    <div class="do">
      <button class="plain-button" :disabled="!text" @click="emit('hear')">
        <i class="pi pi-play" aria-hidden="true" /> Hear it
      </button>
      <button class="plain-button" :aria-pressed="listening" @click="listen">
        {{ listening ? 'That is all' : 'Play it once' }}
      </button>
      <button class="plain-button" :disabled="!text" @click="grid = emptyGrid(steps)">Clear</button>
    </div>
    <OneOf
      v-if="keyboards.length > 1 || listening"
      name="Keyboard"
      :chosen="keyboard"
      :of="keyboards"
      @choose="(id) => (keyboard = id)"
    />
    <KeptFigures
      v-model:name="name"
      :text="text"
      @kept="(figure) => emit('play', figure)"
      @take="take"
    />
  </section>
</template>

<style scoped>
.value {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px;
  align-items: center;
  margin: 8px 0;
}
.soft {
  margin: 6px 0;
  color: var(--ink-soft);
  line-height: 1.25;
}
.do {
  display: flex;
  gap: 6px;
  margin-bottom: 6px;
}
.do button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
button[aria-pressed='true'] {
  background: var(--zest-wash);
  font-weight: 600;
}
button:disabled {
  opacity: 0.5;
  cursor: default;
}
</style>
