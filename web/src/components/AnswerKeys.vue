<script setup lang="ts">
import { computed } from 'vue';
import { drawnKeys } from './keyboard';

/** Large keys to press: a key that is down stays down until it is pressed again. */
const props = defineProps<{
  /** Lowest and highest key, as MIDI numbers. */
  range: [number, number];
  /** Those that are down. */
  keys: number[];
  /** Keys that lie nearer, shown as hollow pads. */
  nearer: number[];
  disabled: boolean;
}>();
const emit = defineEmits<{ press: [midi: number] }>();

const W = 44;
const H = 150;
const BLACK_H = 92;
const NAMES = [
  'C',
  'C sharp',
  'D',
  'E flat',
  'E',
  'F',
  'F sharp',
  'G',
  'A flat',
  'A',
  'B flat',
  'B',
];

const drawn = computed(() => drawnKeys(...props.range));
const width = computed(() => drawn.value.filter(({ black }) => !black).length * W);
const down = computed(() => new Set(props.keys));
/** Keys on which two parts meet. */
const twice = computed(() => new Set(props.keys.filter((key, i) => props.keys.indexOf(key) < i)));

const name = (midi: number) => `${NAMES[midi % 12]} ${Math.floor(midi / 12) - 1}`;
const press = (midi: number) => {
  if (!props.disabled) emit('press', midi);
};
</script>

<template>
  <svg
    class="answer-keys"
    :class="{ disabled }"
    :viewBox="`-2 -20 ${width + 4} ${H + 24}`"
    role="group"
    aria-label="Keys of the piano"
  >
    <template v-for="pass in [false, true]" :key="String(pass)">
      <template v-for="key in drawn" :key="key.midi">
        <g
          v-if="key.black === pass"
          role="button"
          :aria-label="name(key.midi) + (twice.has(key.midi) ? ', two parts' : '')"
          :aria-pressed="down.has(key.midi)"
          tabindex="-1"
          :data-key="key.midi"
          @pointerdown.prevent="press(key.midi)"
        >
          <rect
            :x="key.x * W + (pass ? 0 : 0.5)"
            y="0"
            :width="key.width * W - (pass ? 0 : 1)"
            :height="pass ? BLACK_H : H"
            :rx="pass ? 4 : 5"
            :class="[pass ? 'black' : 'white', { down: down.has(key.midi) }]"
          />
          <circle
            v-if="down.has(key.midi)"
            class="pad"
            :cx="key.middle * W"
            :cy="pass ? BLACK_H - 19 : H - 22"
            r="13"
          />
          <text
            v-if="twice.has(key.midi)"
            class="both"
            :x="key.middle * W"
            :y="pass ? BLACK_H - 13 : H - 16"
          >
            2
          </text>
          <circle
            v-else-if="!down.has(key.midi) && nearer.includes(key.midi)"
            class="near"
            :cx="key.middle * W"
            :cy="pass ? BLACK_H - 19 : H - 22"
            r="12"
          />
        </g>
      </template>
    </template>
    <template v-for="key in drawn" :key="`name${key.midi}`">
      <text v-if="key.midi % 12 === 0" class="octave" :x="key.middle * W" y="-6">
        {{ key.midi === 60 ? 'middle C' : `C${key.midi / 12 - 1}` }}
      </text>
    </template>
  </svg>
</template>

<style scoped>
.answer-keys {
  display: block;
  width: 100%;
  height: 100%;
  overflow: visible;
  touch-action: none;
}
g {
  cursor: pointer;
}
.disabled g {
  cursor: default;
}
.white {
  fill: var(--key-white);
  stroke: var(--line);
}
.black {
  fill: var(--key-black);
}
.white.down {
  fill: color-mix(in srgb, var(--zest) 28%, var(--key-white));
}
.black.down {
  fill: color-mix(in srgb, var(--zest) 45%, var(--key-black));
}
.pad {
  fill: #8f3f06;
}
.both {
  font: 600 17px var(--reading);
  fill: #fffdf8;
  text-anchor: middle;
}
.near {
  fill: #fffdf8;
  stroke: #8f3f06;
  stroke-width: 3;
  stroke-dasharray: 5 3.5;
}
.octave {
  font: 500 14px var(--reading);
  fill: var(--ink-soft);
  text-anchor: middle;
}
</style>
