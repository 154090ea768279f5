<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { api, type KeptFigure, type OwnFigure } from '../api/client';
import { useUndo } from '../composables/useUndo';
import { midiKeyboards, PracticeKeyboard, type MidiKeyboard } from '../player/midi-input';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';
import {
  emptyGrid,
  figureText,
  gridOf,
  gridPlayed,
  PLACES,
  resized,
  stepsIn,
  toggled,
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

const TOGETHER = 70;
const NAMES = ['lowest', '2nd', '3rd', '4th', '5th'];
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
const kept = ref<KeptFigure[]>([]);
const trouble = ref('');
const say = useUndo();
watch(steps, (now) => (grid.value = resized(grid.value, now)));

const text = computed(() => figureText(grid.value, value.value));
/** Whatever is laid is played on the page. */
watch(text, (now) => {
  if (now) emit('play', { name: name.value.trim() || 'My figure', text: now });
});

const perBeat = computed(() =>
  Math.max(1, Math.round((props.beatLength * Number(value.value)) / 4)),
);
const rows = Array.from({ length: PLACES }, (_, i) => PLACES - i);
const isOn = (step: number, place: number) => grid.value[step]?.includes(place) ?? false;
const flip = (step: number, place: number) => (grid.value = toggled(grid.value, step, place));

/** Arrow keys go from cell to cell. */
function go(event: KeyboardEvent, step: number, place: number) {
  const [right, up] =
    { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key] ??
    [];
  if (right === undefined || up === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  const cell = `[data-cell="${step + right}-${place + up}"]`;
  (event.currentTarget as HTMLElement).closest('.grid')?.querySelector<HTMLElement>(cell)?.focus();
}

async function refresh() {
  kept.value = await api.figures().catch(() => []);
}
void refresh();

async function keep() {
  trouble.value = '';
  const figure = { name: name.value.trim(), text: text.value };
  try {
    await api.keepFigure(figure);
    emit('play', figure);
    await refresh();
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}
async function remove(figure: KeptFigure) {
  await api.removeFigure(figure.id);
  await refresh();
  say(`${figure.name} is off the list.`, () => void api.putBackFigure(figure.id).then(refresh));
}
function take(figure: KeptFigure) {
  const read = gridOf(figure.text);
  if (read) {
    value.value = read.value;
    grid.value = resized(read.grid, Math.max(1, stepsIn(props.barLength, read.value)));
  }
  name.value = figure.name;
  emit('play', { name: figure.name, text: figure.text });
}

// Played once on a keyboard: keys struck together are one stroke, each stroke a step.
// The one for practice is there at once; real ones when the browser has found them.
const keyboards = shallowRef<MidiKeyboard[]>([new PracticeKeyboard()]);
const keyboard = ref('practice');
const listening = ref(false);
let groups: number[][] = [];
let last = 0;
let quiet: (() => void) | undefined;
void midiKeyboards().then((all) => {
  keyboards.value = all;
  if (!listening.value) keyboard.value = all[0]!.id;
});
function listen() {
  quiet?.();
  quiet = undefined;
  listening.value = !listening.value;
  if (!listening.value) return;
  groups = [];
  grid.value = emptyGrid(steps.value);
  const held = new Set<number>();
  quiet = keyboards.value
    .find(({ id }) => id === keyboard.value)
    ?.listen(
      (midi) => {
        const now = performance.now();
        // Struck together: while another is held, and almost at once.
        if (held.size && now - last < TOGETHER) groups[groups.length - 1]!.push(midi);
        else if (groups.length < steps.value) groups.push([midi]);
        held.add(midi);
        last = now;
        grid.value = gridPlayed(groups, steps.value);
      },
      (midi) => held.delete(midi),
    );
}
onScopeDispose(() => quiet?.());
</script>

<template>
  <section aria-label="A figure of your own">
    <PanelHead title="Your own figure" @close="emit('close')" />
    <div class="value">
      <label for="step-value">Steps</label>
      <OneOf id="step-value" :chosen="value" :of="VALUES" @choose="(id) => (value = id)" />
    </div>
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
          :aria-label="`step ${step + 1}, ${NAMES[place - 1]} note`"
          :aria-selected="isOn(step, place)"
          @click="flip(step, place)"
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
    <form class="keep" @submit.prevent="keep">
      <label for="figure-name">Its name</label>
      <input id="figure-name" v-model="name" maxlength="60" placeholder="such as Rocking" />
      <button class="plain-button" :disabled="!text || !name.trim()">Keep it for every tune</button>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="kept.length" aria-label="Your figures">
      <li v-for="figure in kept" :key="figure.id">
        <button class="plain-button take" @click="take(figure)">{{ figure.name }}</button>
        <button
          class="plain-button"
          :aria-label="`Take ${figure.name} off the list`"
          @click="remove(figure)"
        >
          <i class="pi pi-times" aria-hidden="true" />
        </button>
      </li>
    </ul>
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
.grid {
  display: grid;
  gap: 3px;
}
.row {
  display: grid;
  grid-template-columns: 56px;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
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
  background: #8f3f06;
  border-color: #8f3f06;
}
.cell:focus-visible {
  outline: 3px solid var(--zest);
  outline-offset: 1px;
}
.count {
  text-align: center;
  font-weight: 600;
}
.soft {
  margin: 6px 0;
  color: var(--ink-soft);
  line-height: 1.25;
}
.do,
li {
  display: flex;
  gap: 6px;
}
.do {
  margin-bottom: 6px;
}
.do button,
.keep button,
li button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
button[aria-pressed='true']:not(.cell) {
  background: var(--zest-wash);
  font-weight: 600;
}
button:disabled {
  opacity: 0.5;
  cursor: default;
}
.keep {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 10px;
  align-items: center;
  margin: 8px 0;
}
.keep button {
  grid-column: span 2;
  text-align: center;
  background: var(--zest-wash);
  font-weight: 600;
}
input {
  font: inherit;
  color: inherit;
  min-height: 40px;
  width: 100%;
  padding: 0 10px;
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
ul {
  display: grid;
  gap: 6px;
}
.take {
  flex: 1;
  text-align: left;
}
.trouble {
  color: var(--caution);
}
</style>
