<script setup lang="ts">
import { computed } from 'vue';
import type { ArrangedChord } from '../api/client';
import type { UnderHand } from '../composables/underHand';
import { drawnKeys, HOME, isBlack, stretchFor } from './keyboard';

/** The run of keys where a hand lives: what it holds now, and where each finger goes next. */
const props = defineProps<{
  hand: UnderHand;
  next: ArrangedChord | undefined;
  sounding: Map<string, number>;
}>();

const W = 44;
const H = 132;
const BLACK_H = 80;
const PAD = 15;

const chord = computed(() => props.hand.chord);
const keys = computed(() => {
  const { used, isTune } = props.hand;
  const [low, high] = stretchFor(used, isTune ? HOME.right : HOME.left);
  return drawnKeys(low, high);
});
const width = computed(() => (keys.value.filter((key) => !key.black).length || 1) * W);
const middles = computed(() => new Map(keys.value.map((key) => [key.midi, key.middle * W])));
const held = computed(() => new Set(chord.value?.keys.map((key) => key.midi)));
/** Only what this hand plays: ids of the tune's notes begin with m, those of the left hand's with n. */
const heard = computed(() => {
  const own = props.hand.isTune ? 'm' : 'n';
  return new Set([...props.sounding].filter(([id]) => id.startsWith(own)).map(([, midi]) => midi));
});

const x = (midi: number) => middles.value.get(midi) ?? -100;
const y = (midi: number) => (isBlack(midi) ? BLACK_H - PAD - 5 : H - PAD - 8);

const moves = computed(() =>
  (props.next ? (chord.value?.toNext.fingers ?? []) : []).map(({ fingers, keys, kind }) => ({
    kind,
    toFinger: fingers[1] ?? 0,
    fromMidi: keys[0] ?? 0,
    toMidi: keys[1] ?? 0,
  })),
);
const targets = computed(() =>
  moves.value.filter((move) => move.toMidi > 0 && !held.value.has(move.toMidi)),
);
const stays = computed(
  () => new Set(moves.value.filter((m) => m.kind === 'STAYS').map((m) => m.fromMidi)),
);
const paths = computed(() => moves.value.filter((m) => m.kind === 'STEP' || m.kind === 'LEAP'));

const said = computed(() => {
  if (props.hand.isTune) return 'The keys of the right hand';
  const now = chord.value?.keys
    .map((key) => `${key.right ? 'right hand ' : ''}${key.finger || ''} on ${key.name}`)
    .join(', ');
  const then = chord.value?.toNext.sentence;
  return `${chord.value?.symbol ?? ''}: ${now ?? ''}${then ? `. Next: ${then}` : ''}`;
});
</script>

<template>
  <svg
    class="hand"
    :viewBox="`-2 -20 ${width + 4} ${H + 24}`"
    role="img"
    :aria-label="said"
    preserveAspectRatio="xMidYMid meet"
  >
    <g v-for="pass in [false, true]" :key="String(pass)">
      <template v-for="key in keys" :key="key.midi">
        <rect
          v-if="key.black === pass"
          :x="key.x * W + (pass ? 0 : 0.5)"
          y="0"
          :width="key.width * W - (pass ? 0 : 1)"
          :height="pass ? BLACK_H : H"
          :rx="pass ? 4 : 5"
          :class="[
            'key',
            pass ? 'black' : 'white',
            { held: held.has(key.midi), heard: heard.has(key.midi) },
          ]"
        />
      </template>
    </g>
    <template v-for="key in keys" :key="`name${key.midi}`">
      <text v-if="key.midi % 12 === 0" class="octave" :x="key.middle * W" y="-6">
        {{ key.midi === 60 ? 'middle C' : `C${key.midi / 12 - 1}` }}
      </text>
    </template>
    <line
      v-for="move in paths"
      :key="`path${move.fromMidi}-${move.toMidi}`"
      :class="['path', move.kind.toLowerCase()]"
      :x1="x(move.fromMidi)"
      :y1="y(move.fromMidi)"
      :x2="x(move.toMidi)"
      :y2="y(move.toMidi)"
    />
    <g v-for="move in targets" :key="`to${move.toMidi}`" class="next">
      <circle :cx="x(move.toMidi)" :cy="y(move.toMidi)" :r="PAD - 1.5" />
      <text :x="x(move.toMidi)" :y="y(move.toMidi) + 6">{{ move.toFinger }}</text>
    </g>
    <g
      v-for="key in chord?.keys ?? []"
      :key="`pad${key.midi}`"
      class="pad"
      :class="{ right: key.right }"
    >
      <circle
        v-if="stays.has(key.midi)"
        class="ring"
        :cx="x(key.midi)"
        :cy="y(key.midi)"
        :r="PAD + 4"
      />
      <circle :cx="x(key.midi)" :cy="y(key.midi)" :r="PAD" />
      <text :x="x(key.midi)" :y="y(key.midi) + 6.5">{{ key.finger || '' }}</text>
    </g>
  </svg>
</template>

<style scoped>
.hand {
  width: 100%;
  height: 100%;
  display: block;
}
.key {
  stroke: var(--line);
  transition: fill 120ms;
}
.white {
  fill: var(--key-white);
}
.black {
  fill: var(--key-black);
  stroke: var(--key-black);
}
.white.held {
  fill: color-mix(in srgb, var(--zest) 28%, var(--key-white));
}
.black.held {
  fill: color-mix(in srgb, var(--zest) 45%, var(--key-black));
}
.key.heard {
  fill: color-mix(in srgb, var(--zest) 60%, var(--key-white));
}
.octave {
  font: 500 14px var(--reading);
  fill: var(--ink-soft);
  text-anchor: middle;
}
.pad circle {
  fill: #8f3f06;
}
/* What the other hand holds. */
.pad.right circle {
  fill: var(--pad-right);
}
.pad .ring {
  fill: none;
  stroke: #8f3f06;
  stroke-width: 2.5;
}
.pad text,
.next text {
  font: 700 19px var(--reading);
  text-anchor: middle;
  fill: #fff;
}
.next circle {
  fill: #fffdf8;
  stroke: #8f3f06;
  stroke-width: 3;
  stroke-dasharray: 5 3.5;
}
.next text {
  fill: #57290d;
  font-size: 17px;
}
.path {
  stroke: #8f3f06;
  stroke-linecap: round;
  stroke-width: 4;
}
.path.leap {
  stroke-dasharray: 1 9;
}
</style>
