<script setup lang="ts">
import { barName } from '../player/words';
import { computed } from 'vue';
import type {
  Alternative,
  Analysis,
  ArrangedChord,
  Pin,
  PricedChord,
  TimedNote,
} from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import ChordGuess from './ChordGuess.vue';
import NumeralSign from './NumeralSign.vue';
import OneOf from './OneOf.vue';

type Scope = NonNullable<Pin['scope']>;
/** The chosen chord: what it is and why, how else it could lie, and whether the teacher fixed it. */
const props = defineProps<{
  chord: ArrangedChord | undefined;
  analysis: Analysis | undefined;
  melody: TimedNote[];
  bar: number;
  /** Other ways to play it; none where its keys are not to be shown. */
  ways?: Alternative[] | undefined;
  /** Where its voicing is kept; nothing where it is free. */
  scope?: Scope | undefined;
  /** Other chords that might stand here, with what they would cost the whole; where chords are proposed. */
  others: PricedChord[];
}>();
const emit = defineEmits<{
  pin: [pitches: string[]];
  unpin: [];
  keep: [scope: Scope];
  confirm: [name?: string];
  hear: [numeral: string];
  set: [symbol: string];
  prices: [];
  notes: [];
}>();

const catalogue = useCatalogue();

/** "V in B♭" for what the chart writes as V@Bb. */
const shown = (numeral: string) =>
  numeral
    .replace(/^b(?=[IViv])|(?<=@[A-H])b/g, '♭')
    .replace(/#/g, '♯')
    .replace('@', ' in ');

const reading = computed(() => props.chord && props.analysis?.readings[props.chord.index]);
/** Where the rules are not sure, the tune has another key, or the teacher has spoken. */
const isOpen = computed(
  () =>
    reading.value &&
    (reading.value.confidence < 0.9 ||
      reading.value.role === 'HEARD' ||
      reading.value.others.some((other) => other.includes('@'))),
);
const cadence = computed(() =>
  props.analysis?.cadences.find((cadence) => cadence.chord === props.chord?.index),
);
const rows = computed(() => {
  const here = props.chord?.index ?? -1;
  const known = props.analysis?.progressions ?? [];
  return [...new Set(known.filter((row) => row.from <= here && here < row.to).map((r) => r.name))];
});

/** What the tune does over it, once for each kind of foreign note. */
const foreign = computed(() => [
  ...new Set(
    (props.analysis?.tune ?? [])
      .filter(
        ({ kind }, i) => kind !== 'CHORD_TONE' && props.melody[i]?.chord === props.chord?.index,
      )
      .map(
        ({ words, stressed }) => `the tune has a note ${words}${stressed ? ': bring it out' : ''}`,
      ),
  ),
]);

const why = computed(() => {
  const sentences = [reading.value?.reason];
  if (cadence.value) {
    const { word, meaning, reason } = cadence.value;
    sentences.push(`${word} cadence, ${meaning}`, reason);
  }
  if (rows.value.length) sentences.push(`part of: ${rows.value.join(', ')}`);
  sentences.push(...foreign.value);
  return sentences.map((one) => (one ? `${one[0]!.toUpperCase()}${one.slice(1)}.` : '')).join(' ');
});

const price = (other: Alternative) => (other.price > 0 ? `+${other.price}` : `${other.price}`);

const spoken = (other: Alternative) =>
  `${other.names} ${price(other)} half steps of movement, from ${other.pitches[0]}`;
</script>

<template>
  <section v-if="chord" class="this-chord" aria-label="The chosen chord">
    <h2>
      {{ barName(bar) }}: {{ chord.symbol }}
      <NumeralSign class="numeral" :numeral="chord.numeral" :reading="reading" />
    </h2>
    <p v-if="reading" class="why">{{ why }}</p>
    <p v-if="reading && isOpen" class="others">
      <span class="soft">or analyse it as</span>
      <button
        v-for="(numeral, i) in reading.others.slice(0, 3)"
        :key="numeral"
        class="numeral-choice plain-button"
        :title="i === 0 ? `Analyse it as ${numeral} (R)` : `Analyse it as ${numeral}`"
        @click="emit('hear', numeral)"
      >
        {{ shown(numeral) }}
      </button>
    </p>
    <ChordGuess
      v-if="chord.guess"
      :chord="chord"
      :others="others"
      @confirm="emit('confirm', $event)"
      @set="emit('set', $event)"
    />
    <p v-if="ways" class="keys">
      <span v-for="key in chord.keys" :key="key.midi" class="key">
        <b>{{ key.name }}</b> {{ key.right ? `right ${key.finger || ''}` : key.finger }}
      </span>
      <button
        v-if="!chord.written"
        class="pin plain-button"
        :aria-pressed="chord.pinned"
        @click="
          chord.pinned
            ? emit('unpin')
            : emit(
                'pin',
                chord.keys.map((key) => key.pitch),
              )
        "
      >
        <i class="pi" :class="chord.pinned ? 'pi-lock' : 'pi-lock-open'" aria-hidden="true" />
        {{ chord.pinned ? 'Kept' : 'Keep this voicing' }}
      </button>
    </p>
    <OneOf
      v-if="ways && chord.pinned && scope && catalogue"
      id="scope"
      name="Where this voicing is kept"
      :chosen="scope"
      :of="catalogue.scopes"
      @choose="(one) => emit('keep', one as Scope)"
    />
    <button v-if="ways && !chord.written" class="plain-button all-ways" @click="emit('notes')">
      Note by note: fingers, hands, touch
    </button>
    <p v-if="ways && chord.leftOut" class="left-out">Without {{ chord.leftOut }}.</p>
    <ul v-if="ways?.length" aria-label="Other ways to play it">
      <li v-for="other in ways.slice(0, 2)" :key="other.pitches.join()">
        <button
          class="other plain-button"
          :aria-label="spoken(other)"
          :title="spoken(other)"
          @click="emit('pin', other.pitches)"
        >
          <span class="notes">{{ other.names }}</span>
          <span class="price">{{ price(other) }}</span>
        </button>
      </li>
    </ul>
    <button v-if="ways?.length" class="plain-button all-ways" @click="emit('prices')">
      Other voicings: extra movement, and why
    </button>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.numeral {
  color: var(--zest);
}
.why {
  margin: 4px 0 0;
  line-height: 1.35;
}
.left-out {
  margin: 2px 0 8px;
  color: var(--ink-soft);
}
.others {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 6px;
  margin: 4px 0 0;
}
.soft {
  color: var(--ink-soft);
}
.numeral-choice {
  min-height: 40px;
  min-width: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
  font-family: var(--titles);
  text-align: center;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  margin: 6px 0;
}
.pin {
  margin-left: auto;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 10px;
  background: var(--page);
}
.pin[aria-pressed='true'] {
  background: var(--zest-wash);
  font-weight: 600;
}
ul {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.other {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 6px;
  width: 100%;
  height: 100%;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 10px;
  border: 1px solid var(--line);
  font-size: 16px;
}
.other:hover {
  background: var(--page);
}
.all-ways {
  min-height: 36px;
  padding: 0;
  color: var(--zest);
  text-decoration: underline;
}
.price {
  color: var(--ink-soft);
}
</style>
