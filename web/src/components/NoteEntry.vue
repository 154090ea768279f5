<script setup lang="ts">
import Select from 'primevue/select';
import { computed, onMounted, ref, watch } from 'vue';
import type { Arrangement, Counts } from '../api/client';
import { LENGTHS, useEntry, type Entered } from '../composables/useEntry';
import { drawnKeys } from './keyboard';

/** Writing the tune or the left hand: by letters, on the drawn keys, or on a MIDI keyboard. */
const props = defineProps<{
  tune: Pick<Arrangement, 'bars'> | undefined;
  bar: number;
}>();
const chart = defineModel<string>('chart', { required: true });
const counts = defineModel<Counts>('counts', { required: true });
const emit = defineEmits<{ close: []; place: [bar: number] }>();

const root = ref<HTMLElement>();
const tune = computed(() => props.tune);
const entry = useEntry(chart, tune);
const { length, dotted, hand, withLast, tied, accidental, place, last, trouble, isAtEnd } = entry;

const W = 40;
const H = 112;
const HANDS = [
  { id: 'TUNE', name: 'tune' },
  { id: 'LEFT', name: 'left hand' },
] as const;
const keys = computed(() => (hand.value === 'TUNE' ? drawnKeys(57, 84) : drawnKeys(36, 64)));
const width = computed(() => keys.value.filter((key) => !key.black).length * W);

const isGerman = computed(() => /^\s*names:\s*german\s*$/im.test(chart.value));

const where = computed(() => {
  if (isAtEnd.value) return 'the end of the tune';
  const number = props.tune?.bars[place.value.bar]?.number ?? place.value.bar + 1;
  const [above = '0', below = '1'] = place.value.onset.split('/');
  const beat = Number(above) / Number(below);
  return `${number ? `bar ${number}` : 'pickup'}, after ${beat === 0 ? 'the bar line' : `${beat} quarter notes`}`;
});

onMounted(() => {
  entry.goTo(props.bar);
  void entry.findKeyboards();
  root.value?.focus();
});
// Choosing a bar on the page goes there; entry itself moves the choice along without a jump.
watch(
  () => props.bar,
  (bar) => {
    if (bar !== Math.min(place.value.bar, (props.tune?.bars.length ?? 1) - 1)) entry.goTo(bar);
  },
);
watch(place, ({ bar }) => emit('place', bar));

/** In German H is the note that is B elsewhere, and B the one below it. */
function noteOf(letter: string): Entered | undefined {
  if (isGerman.value && letter === 'H') return { letter: 'B' };
  if (isGerman.value && letter === 'B') return { letter: 'B', accidental: -1 };
  return /^[A-G]$/.test(letter) ? { letter } : undefined;
}

/** Once a keyboard is chosen the keys write again, and do not search the list. */
const writeOn = () => setTimeout(() => root.value?.focus());

function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  // A list that is open is searched by letters.
  if ((event.target as HTMLElement).closest('[role="combobox"], [role="listbox"]')) return;
  const letter = event.key.toUpperCase();
  const actions: Record<string, () => void> = {
    R: () => void entry.enter({}),
    '[': () => (length.value = Math.max(0, length.value - 1)),
    ']': () => (length.value = Math.min(LENGTHS.length - 1, length.value + 1)),
    '.': () => (dotted.value = !dotted.value),
    '+': () => (withLast.value = !withLast.value),
    '-': () => (tied.value = !tied.value),
    '#': () => (accidental.value = accidental.value === 1 ? 0 : 1),
    _: () => (accidental.value = accidental.value === -1 ? 0 : -1),
    BACKSPACE: entry.takeBack,
    ESCAPE: () => emit('close'),
  };
  const note = noteOf(letter);
  const act = note
    ? () => void entry.enter(event.shiftKey ? { ...note, withLast: true } : note)
    : actions[letter];
  if (!act) return;
  event.preventDefault();
  event.stopPropagation();
  // A key that is held writes one note.
  if (!event.repeat || letter === 'BACKSPACE') act();
}
</script>

<template>
  <section
    ref="root"
    class="entry"
    tabindex="0"
    aria-label="Write notes: letters A to G, with Shift struck with the last; R a rest, Backspace takes back"
    @keydown="onKey"
  >
    <div class="tools">
      <span class="group" role="group" aria-label="Whose notes">
        <button
          v-for="one in HANDS"
          :key="one.id"
          class="choice plain-button"
          :aria-pressed="hand === one.id"
          @click="entry.change(one.id, props.bar)"
        >
          {{ one.name }}
        </button>
      </span>
      <span class="group" role="group" aria-label="How long">
        <button
          v-for="(one, i) in LENGTHS"
          :key="one.name"
          class="choice plain-button"
          :aria-pressed="length === i"
          @click="length = i"
        >
          {{ one.name }}
        </button>
        <button
          class="choice plain-button"
          :aria-pressed="dotted"
          title=". (full stop)"
          @click="dotted = !dotted"
        >
          dotted
        </button>
      </span>
      <span class="group" role="group" aria-label="The next note">
        <button
          class="choice plain-button"
          :aria-pressed="accidental === 1"
          title="#"
          @click="accidental = accidental === 1 ? 0 : 1"
        >
          sharp ♯
        </button>
        <button
          class="choice plain-button"
          :aria-pressed="accidental === -1"
          title="_"
          @click="accidental = accidental === -1 ? 0 : -1"
        >
          flat ♭
        </button>
        <button class="choice plain-button" :aria-pressed="tied" title="-" @click="tied = !tied">
          tie
        </button>
        <button
          class="choice plain-button"
          :aria-pressed="withLast"
          title="+"
          @click="withLast = !withLast"
        >
          with the last
        </button>
        <button class="choice plain-button" title="R" @click="entry.enter({})">rest</button>
        <button class="choice plain-button" title="Backspace" @click="entry.takeBack">undo</button>
      </span>
    </div>
    <svg class="keys" :viewBox="`0 0 ${width} ${H}`" aria-label="Keys to write with" role="group">
      <template v-for="pass in [false, true]" :key="String(pass)">
        <template v-for="key in keys" :key="key.midi">
          <g v-if="key.black === pass">
            <rect
              :x="key.x * W + 0.5"
              y="0"
              :width="key.width * W - 1"
              :height="pass ? H * 0.6 : H"
              rx="4"
              :class="['key', pass ? 'black' : 'white', { last: key.midi === last }]"
              :data-key="key.midi"
              @pointerdown.prevent="entry.enter({ midi: key.midi })"
            />
            <text v-if="key.midi === 60" :x="key.middle * W" :y="H - 8">C</text>
          </g>
        </template>
      </template>
    </svg>
    <div class="side">
      <p class="where" aria-live="polite"><b>The next note:</b> {{ where }}</p>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <Select
        v-model="entry.chosenKeyboard.value"
        :options="entry.keyboards.value"
        option-label="name"
        option-value="id"
        placeholder="Play it on a keyboard"
        aria-label="Play it on a MIDI keyboard"
        @hide="writeOn"
      >
        <template v-if="entry.refusal.value" #footer>
          <p class="refusal">{{ entry.refusal.value }}</p>
        </template>
      </Select>
      <button
        class="choice plain-button"
        :aria-pressed="counts !== 'NONE'"
        @click="counts = counts === 'NONE' ? 'BY_BAR' : 'NONE'"
      >
        show the count
      </button>
      <button class="choice plain-button" title="Escape" @click="emit('close')">done</button>
    </div>
  </section>
</template>

<style scoped>
.entry {
  grid-column: 1 / -1;
  display: grid;
  grid-template: 'tools tools' auto 'keys side' minmax(0, 1fr) / minmax(0, 1fr) 270px;
  gap: 8px 18px;
  height: 100%;
  min-height: 0;
  border-radius: 12px;
}
.tools {
  grid-area: tools;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 6px 24px;
}
.group {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.keys {
  grid-area: keys;
  width: 100%;
  height: 100%;
  min-height: 0;
  touch-action: none;
}
.side {
  grid-area: side;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-content: start;
}
.where,
.trouble {
  margin: 0;
  width: 100%;
}
.trouble {
  color: var(--caution);
}
.refusal {
  margin: 0;
  padding: 8px 14px;
  max-width: 270px;
}
.side .p-select {
  width: 100%;
}
.choice {
  min-height: 40px;
  padding: 0 12px;
  border-radius: 10px;
  background: var(--page);
  border: 1px solid var(--line);
}
.choice[aria-pressed='true'] {
  background: var(--zest-wash);
  border-color: var(--zest);
  font-weight: 600;
}
.key {
  stroke: var(--line);
  cursor: pointer;
}
.white {
  fill: var(--key-white);
}
.black {
  fill: var(--key-black);
}
.key:hover,
.key.last {
  fill: color-mix(in srgb, var(--zest) 45%, var(--key-white));
}
text {
  font: 600 15px var(--reading);
  text-anchor: middle;
  fill: #5f5543;
  pointer-events: none;
}
@media (max-width: 900px) {
  .entry {
    grid-template: 'keys' 150px 'tools' auto 'side' auto / minmax(0, 1fr);
  }
}
</style>
