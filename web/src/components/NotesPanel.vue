<script setup lang="ts">
import { computed } from 'vue';
import type { ArrangedChord, Pin, WantedNote } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** The notes of the chosen chord one by one: the finger on each, and how it is played. */
const props = defineProps<{
  chord: ArrangedChord | undefined;
  pin: Pin | undefined;
  /** What is wanted at its edges. */
  wanted: WantedNote | undefined;
}>();
const emit = defineEmits<{
  fix: [part: Pick<Pin, 'notes' | 'manners' | 'fingers'>];
  want: [edge: 'top' | 'bass', note: string];
  close: [];
}>();

const AS_OTHERS = 'AS_OTHERS';
const ANY = 'ANY';
const LEFT_OUT = 'LEFT_OUT';
const catalogue = useCatalogue();
const keys = computed(() => props.chord?.keys ?? []);
const manners = computed(() => props.pin?.manners ?? {});
const fingers = computed(() => props.pin?.fingers ?? {});

const ofFingers = (found: number) => [
  { id: 0, name: found ? `${found}, as found` : 'as found' },
  ...[1, 2, 3, 4, 5].map((n) => ({ id: n, name: `${n}, your own` })),
];

/** Only the highest notes can go to the right hand, and one stays. */
function ways(place: number) {
  const above = keys.value.slice(place + 1);
  const isTop = place > 0 && above.every(({ pitch }) => manners.value[pitch] === 'RIGHT_HAND');
  const kinds = (catalogue.value?.manners ?? []).filter(
    ({ id }) => id !== 'RIGHT_HAND' || isTop || manners.value[keys.value[place]!.pitch] === id,
  );
  const leave = keys.value.length > 1 ? [{ id: LEFT_OUT, name: 'left out' }] : [];
  return [{ id: AS_OTHERS, name: 'as the others' }, ...kinds, ...leave];
}

/** Notes without their octaves, as they are told to the server. */
const names = computed(() => {
  const once = new Map(keys.value.map(({ pitch, name }) => [pitch.replace(/-?\d+$/, ''), name]));
  const told = [props.wanted?.top, props.wanted?.bass].filter((note) => note && !once.has(note));
  return [
    { id: ANY, name: 'any' },
    ...[...once].map(([id, name]) => ({ id, name })),
    ...told.map((note) => ({ id: note!, name: note! })),
  ];
});

type Manners = NonNullable<Pin['manners']>;
function without<T>(told: Record<string, T>, pitch: string): Record<string, T> {
  return Object.fromEntries(Object.entries(told).filter(([one]) => one !== pitch));
}

/** The right hand keeps what is highest without a gap, and leaves a note to the left. */
function shareable(notes: string[], told: Manners): Manners {
  let right = notes.length;
  while (right > 1 && told[notes[right - 1]!] === 'RIGHT_HAND') right--;
  const lower = new Set(notes.slice(0, right));
  return Object.fromEntries(
    Object.entries(told).filter(([one, how]) => how !== 'RIGHT_HAND' || !lower.has(one)),
  ) as Manners;
}

function setManner(pitch: string, manner: string) {
  const left = manner === LEFT_OUT;
  const notes = keys.value.map((key) => key.pitch).filter((one) => !left || one !== pitch);
  const others = without(manners.value, pitch) as Manners;
  emit('fix', {
    notes,
    manners: shareable(
      notes,
      left || manner === AS_OTHERS ? others : ({ ...others, [pitch]: manner } as Manners),
    ),
    fingers: left ? without(fingers.value, pitch) : fingers.value,
  });
}

function setFinger(pitch: string, finger: number) {
  const others = without(fingers.value, pitch);
  emit('fix', {
    notes: keys.value.map((key) => key.pitch),
    manners: manners.value,
    fingers: finger ? { ...others, [pitch]: finger } : others,
  });
}
</script>

<template>
  <section aria-label="Notes">
    <PanelHead :title="`${chord?.symbol ?? ''}: note by note`" @close="emit('close')" />
    <p class="soft">A note that is wanted at an edge leaves the rest free.</p>
    <div class="edges">
      <label for="wanted-top">On top</label>
      <OneOf
        id="wanted-top"
        :chosen="wanted?.top || ANY"
        :of="names"
        @choose="(note) => emit('want', 'top', note === ANY ? '' : note)"
      />
      <label for="wanted-bass">Lowest</label>
      <OneOf
        id="wanted-bass"
        :chosen="wanted?.bass || ANY"
        :of="names"
        @choose="(note) => emit('want', 'bass', note === ANY ? '' : note)"
      />
    </div>
    <p class="soft">What is set below fixes the chord; the tune is laid around it.</p>
    <ul>
      <li v-for="(key, i) in [...keys].reverse()" :key="key.pitch">
        <b>{{ key.name }}</b>
        <OneOf
          :id="`finger-${keys.length - 1 - i}`"
          :name="`Finger on ${key.name}`"
          :chosen="fingers[key.pitch] ?? 0"
          :of="ofFingers(key.finger)"
          @choose="(finger) => setFinger(key.pitch, finger)"
        />
        <OneOf
          :id="`manner-${keys.length - 1 - i}`"
          :name="`How ${key.name} is played`"
          :chosen="(manners[key.pitch] ?? AS_OTHERS) as string"
          :of="ways(keys.length - 1 - i)"
          @choose="(manner) => setManner(key.pitch, manner)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.edges {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 6px 10px;
}
label {
  font: 600 17px var(--titles);
}
ul {
  display: grid;
  gap: 10px;
}
li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  align-items: center;
  gap: 6px;
}
li > :last-child {
  grid-column: 2;
}
b {
  font: 600 20px var(--titles);
}
.soft {
  margin: 6px 0 10px;
  color: var(--ink-soft);
}
</style>
