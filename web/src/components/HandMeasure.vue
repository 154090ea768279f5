<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import type { Hand } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import { useKeyboards } from '../composables/useKeyboards';
import { PracticeKeyboard, type MidiKeyboard } from '../player/midi-input';
import { drawnKeys } from './keyboard';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** Two minutes with the student at the keys: how far each pair of fingers reaches, on white keys and on black ones. */
const hand = defineModel<Hand>({ required: true });
defineProps<{ student: string }>();
const emit = defineEmits<{ close: [] }>();

/** What is asked for, the most telling first; pairs that are not measured follow from the span. */
const ORDER = ['1-5', '2-5', '1-2', '1-3', '1-4', '2-4', '3-5', '2-3', '3-4', '4-5'];
const FINGERS = ['', 'thumb', 'second finger', 'middle finger', 'fourth finger', 'little finger'];
const LOW = 48;
const HIGH = 71;

const catalogue = useCatalogue();
const onBlack = ref(false);
const place = ref(0);
const struck = ref<number[]>([]);
const pair = computed(() => ORDER[place.value]!);
const asked = computed(() => {
  const [inner, outer] = pair.value.split('-').map(Number);
  return `Lay ${FINGERS[outer!]} and ${FINGERS[inner!]} as far apart as is easy, on ${onBlack.value ? 'black' : 'white'} keys, and strike both.`;
});
const measured = computed(() => (onBlack.value ? hand.value.black : hand.value.white));
const reach = (id: string) =>
  id === '1-5' && !onBlack.value ? hand.value.span : measured.value[id];

const keys = drawnKeys(LOW, HIGH);
const W = 24;

/** The second key of a pair ends the measuring of it. */
function strike(midi: number) {
  struck.value = struck.value.length === 1 ? [...struck.value, midi] : [midi];
  if (struck.value.length < 2) return;
  const span = Math.abs(struck.value[0]! - struck.value[1]!);
  if (span === 0) return void (struck.value = []);
  set(pair.value, span);
  place.value = (place.value + 1) % ORDER.length;
}

function set(id: string, semitones: number) {
  if (onBlack.value) {
    hand.value = { ...hand.value, black: { ...hand.value.black, [id]: semitones } };
  } else if (id === '1-5') {
    hand.value = { ...hand.value, span: Math.max(5, Math.min(19, semitones)) };
  } else {
    hand.value = { ...hand.value, white: { ...hand.value.white, [id]: semitones } };
  }
}
const forget = () => (hand.value = { ...hand.value, white: {}, black: {} });
const start = (span: number) => (hand.value = { ...hand.value, span, white: {}, black: {} });
const INTERVALS = ['', 'half step', 'second', 'minor third', 'third', 'fourth', 'tritone', 'fifth'];
INTERVALS.push(
  'minor sixth',
  'sixth',
  'minor seventh',
  'seventh',
  'octave',
  'minor ninth',
  'ninth',
);
INTERVALS.push('minor tenth', 'tenth', 'eleventh', 'augmented eleventh', 'twelfth');
const said = (semitones: number | undefined) =>
  semitones === undefined ? 'usual' : (INTERVALS[semitones] ?? `${semitones} half steps`);

const named = (values: string[] | undefined, word: string) =>
  (values ?? []).map((id) => ({ id, name: `${word} ${id}` }));

// The one for practice is there at once; real ones when the browser has found them.
const keyboards = shallowRef<MidiKeyboard[]>([new PracticeKeyboard()]);
const keyboard = ref('practice');
let quiet: (() => void) | undefined;
function use(id: string) {
  quiet?.();
  keyboard.value = id;
  quiet = keyboards.value.find((one) => one.id === id)?.listen(strike);
}
use('practice');
const found = useKeyboards();
void found.find();
watch(found.keyboards, (all) => {
  keyboards.value = all;
  use(all[0]!.id);
});
onScopeDispose(() => quiet?.());
</script>

<template>
  <section aria-label="The hand measured">
    <PanelHead :title="`Hand size: ${student}`" @close="emit('close')" />
    <p class="ask" aria-live="polite">{{ asked }}</p>
    <svg :viewBox="`0 0 ${14 * W} 84`" class="keys">
      <template v-for="black in [false, true]" :key="String(black)">
        <template v-for="key in keys" :key="key.midi">
          <rect
            v-if="key.black === black"
            role="button"
            tabindex="0"
            :aria-label="`key ${key.midi}`"
            :data-key="key.midi"
            :x="key.x * W"
            y="0"
            :width="key.width * W"
            :height="black ? 50 : 82"
            rx="3"
            :class="[black ? 'black' : 'white', { struck: struck.includes(key.midi) }]"
            @click="strike(key.midi)"
            @keydown.enter="strike(key.midi)"
            @keydown.space.prevent="strike(key.midi)"
          />
        </template>
      </template>
    </svg>
    <p class="soft">On these keys, on a MIDI keyboard, or with the number keys 1 to 8.</p>
    <OneOf
      v-if="keyboards.length > 1"
      name="Keyboard"
      :chosen="keyboard"
      :of="keyboards"
      @choose="use"
    />
    <div class="colours" role="group" aria-label="Which keys">
      <button class="plain-button" :aria-pressed="!onBlack" @click="onBlack = false">
        White keys
      </button>
      <button class="plain-button" :aria-pressed="onBlack" @click="onBlack = true">
        Black keys
      </button>
    </div>
    <ul aria-label="What was measured">
      <li v-for="(id, i) in ORDER" :key="id">
        <button class="plain-button" :aria-current="i === place" @click="place = i">
          <b>{{ id.split('-').reverse().join('–') }}</b> {{ said(reach(id)) }}
        </button>
      </li>
    </ul>
    <label for="reading">Reads</label>
    <OneOf
      id="reading"
      :chosen="hand.reading"
      :of="catalogue?.readings ?? []"
      @choose="(reading) => (hand = { ...hand, reading })"
    />
    <label class="rolls">
      <input
        type="checkbox"
        :checked="hand.rolls"
        @change="hand = { ...hand, rolls: ($event.target as HTMLInputElement).checked }"
      />
      may roll what it cannot hold, as far as a tenth
    </label>
    <div class="range">
      <OneOf
        name="Lowest note of the hand"
        :chosen="hand.lowest"
        :of="named(catalogue?.lowest, 'from')"
        @choose="(lowest) => (hand = { ...hand, lowest })"
      />
      <OneOf
        name="Highest note of the hand"
        :chosen="hand.highest"
        :of="named(catalogue?.highest, 'to')"
        @choose="(highest) => (hand = { ...hand, highest })"
      />
    </div>
    <p class="soft">Or begin with a usual hand:</p>
    <div class="usual">
      <button
        v-for="one in catalogue?.hands ?? []"
        :key="one.semitones"
        class="plain-button"
        @click="start(one.semitones)"
      >
        {{ one.name }}
      </button>
      <button class="plain-button" @click="forget">Measure anew</button>
    </div>
    <p class="soft">
      Never force a stretch. Stop at pain, tingling or numbness; lasting pain belongs with a doctor.
    </p>
  </section>
</template>

<style scoped>
.ask {
  margin: 8px 0;
  font-weight: 600;
  line-height: 1.25;
}
.keys {
  display: block;
  width: 100%;
}
rect {
  cursor: pointer;
}
.white {
  fill: var(--key-white);
  stroke: var(--line);
}
.black {
  fill: var(--key-black);
}
rect.struck {
  fill: var(--zest);
}
rect:focus-visible {
  outline: 3px solid var(--zest);
}
.soft {
  margin: 6px 0;
  color: var(--ink-soft);
  line-height: 1.25;
}
.colours,
.usual {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 6px 0;
}
button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
button[aria-pressed='true'] {
  background: var(--zest-wash);
  font-weight: 600;
}
ul,
.range {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px;
}
li button {
  width: 100%;
  text-align: left;
}
li button[aria-current='true'] {
  border: 2px solid var(--zest);
}
.rolls {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 40px;
}
</style>
