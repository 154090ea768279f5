<script setup lang="ts">
import { computed } from 'vue';
import { drawnKeys } from './keyboard';

/** A small run of keys with fingers on some: a position at a glance. */
const props = defineProps<{
  keys: { midi: number; finger: number; name?: string }[];
  /** Lowest and highest key to show; else as much as is needed. */
  stretch?: [number, number] | undefined;
}>();

const W = 14;
const H = 44;
const BLACK_H = 27;
const MIDDLE_C = 60;

/** Whole octaves from C, two at least. */
const octaves = computed<[number, number]>(() => {
  const midis = props.keys.map(({ midi }) => midi);
  const low = Math.floor(Math.min(MIDDLE_C - 12, ...midis) / 12) * 12;
  const high = Math.ceil((Math.max(low + 23, ...midis) + 1) / 12) * 12 - 1;
  return [low, high];
});
const drawn = computed(() => drawnKeys(...(props.stretch ?? octaves.value)));
const width = computed(() => drawn.value.filter(({ black }) => !black).length * W);
const fingers = computed(() => new Map(props.keys.map(({ midi, finger }) => [midi, finger])));
const said = computed(() =>
  props.keys.map(({ name, finger, midi }) => `${name ?? midi} ${finger || ''}`.trim()).join(', '),
);
</script>

<template>
  <svg :viewBox="`-1 -1 ${width + 2} ${H + 2}`" role="img" :aria-label="said">
    <template v-for="black in [false, true]" :key="String(black)">
      <template v-for="key in drawn" :key="key.midi">
        <g v-if="key.black === black">
          <rect
            :x="key.x * W"
            y="0"
            :width="key.width * W"
            :height="black ? BLACK_H : H"
            rx="2"
            :class="[black ? 'black' : 'white', { held: fingers.has(key.midi) }]"
          />
          <circle
            v-if="key.midi === MIDDLE_C"
            :cx="key.middle * W"
            :cy="H - 3.5"
            r="1.6"
            class="c"
          />
          <template v-if="fingers.has(key.midi)">
            <circle :cx="key.middle * W" :cy="black ? BLACK_H - 8 : H - 9" r="6.4" class="pad" />
            <text
              v-if="fingers.get(key.midi)"
              :x="key.middle * W"
              :y="black ? BLACK_H - 4.4 : H - 5.4"
            >
              {{ fingers.get(key.midi) }}
            </text>
          </template>
        </g>
      </template>
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.white {
  fill: var(--key-white);
  stroke: var(--line);
  stroke-width: 0.8;
}
.black {
  fill: var(--key-black);
}
.white.held {
  fill: color-mix(in srgb, var(--zest) 28%, var(--key-white));
}
/* Middle C. */
.c {
  fill: var(--ink-soft);
}
.pad {
  fill: #8f3f06;
}
text {
  font: 700 10px var(--reading);
  text-anchor: middle;
  fill: #fff;
}
</style>
