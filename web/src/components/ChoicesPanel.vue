<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Choices, Hand, OwnFigure } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import type { Panel } from './panels';

/** Which voicing, which pattern, how far the hand reaches: all that the catalogue offers. */
const choices = defineModel<Choices>({ required: true });
const hand = defineModel<Hand>('hand', { required: true });
/** Half steps that all fingers move in the whole tune as it is played now. */
const props = defineProps<{
  moved: number;
  /** How many chords this hand cannot play as the style means them, of how many. */
  thinned: number;
  chords: number;
  /** Wishes for one chord that cannot all be kept. */
  contradictions: string[];
  /** Figures that the teacher made. */
  own: OwnFigure[];
}>();
const emit = defineEmits<{ open: [panel: Panel] }>();

/** What opens in the place of this panel. */
const PANELS: { id: Panel; name: string }[] = [
  { id: 'styles', name: 'Voicings' },
  { id: 'proposals', name: 'Suggestions' },
];

/** What is seldom used stands behind one door. */
const MORE: { id: Panel; name: string }[] = [
  { id: 'playing', name: 'Touch and pedal' },
  { id: 'figure', name: 'Your own pattern' },
  { id: 'stretches', name: 'Different in some bars' },
  { id: 'wishes', name: 'Preferences' },
  { id: 'measure', name: 'Hand size' },
];
const open = ref(false);
const panels = computed(() => (open.value ? [...PANELS, ...MORE] : PANELS));

const catalogue = useCatalogue();
const styles = computed(() => catalogue.value?.styles ?? []);
const style = computed(() => styles.value.find((one) => one.id === choices.value.style));

/** A span set elsewhere, such as 13, stays what it is. */
const spans = computed(() => {
  const { span } = hand.value;
  const usual = (catalogue.value?.spans ?? []).map(({ semitones, name }) => ({
    id: semitones,
    name,
  }));
  return usual.some(({ id }) => id === span)
    ? usual
    : [...usual, { id: span, name: `${span} half steps` }];
});

const told = computed(() => {
  const { level, words } = style.value!;
  const sum = props.moved ? ` Total movement: ${props.moved} half steps.` : '';
  const { thinned, chords } = props;
  const thin = !thinned
    ? ''
    : thinned === chords
      ? ' Too wide for this hand: it plays fewer notes.'
      : ` ${thinned} of ${chords} chords are too wide for this hand and lose notes.`;
  return `Level ${level}: ${words}.${sum}${thin}`;
});

/** The catalogue's figures, then the teacher's own, by their places. */
const OWN = 'own:';
const figures = computed(() => {
  const own = props.own.map(({ name }, i) => ({ id: `${OWN}${i}`, name }));
  const played = choices.value.own;
  const isKept = props.own.some(({ text }) => text === played?.text);
  const loose = played && !isKept ? [{ id: `${OWN}-1`, name: played.name }] : [];
  return [...(catalogue.value?.figures ?? []), ...own, ...loose];
});
const figure = computed(() =>
  choices.value.figure === 'OWN'
    ? `${OWN}${props.own.findIndex(({ text }) => text === choices.value.own?.text)}`
    : choices.value.figure,
);
function chooseFigure(id: string) {
  // An own figure is remembered while another is tried.
  if (!id.startsWith(OWN)) return change({ figure: id });
  if (id === `${OWN}-1`) return change({ figure: 'OWN' });
  const chosen = props.own[Number(id.slice(OWN.length))];
  if (chosen) change({ figure: 'OWN', own: { name: chosen.name, text: chosen.text } });
}

/** A pattern that brings its own voicing says so. */
const lays = computed(
  () => catalogue.value?.figures.find(({ id }) => id === choices.value.figure)?.lays,
);

const change = (part: Partial<Choices>) => (choices.value = { ...choices.value, ...part });
const set = (id: string, value: string) =>
  change({ settings: { ...choices.value.settings, [id]: value } });
const changeHand = (part: Partial<Hand>) => (hand.value = { ...hand.value, ...part });
</script>

<template>
  <section v-if="catalogue" class="choices" aria-label="How it is played">
    <label for="style" class="title">Voicing</label>
    <OneOf
      id="style"
      :chosen="choices.style"
      :of="styles"
      @choose="(style) => change({ style, settings: {} })"
    />
    <p v-if="style" class="words">{{ told }}</p>
    <template v-for="setting in style?.settings ?? []" :key="setting.id">
      <label :for="`setting-${setting.id}`" class="title">{{ setting.name }}</label>
      <OneOf
        :id="`setting-${setting.id}`"
        :chosen="choices.settings[setting.id] ?? setting.values[0]!.id"
        :of="setting.values"
        @choose="(value) => set(setting.id, value)"
      />
    </template>
    <label for="figure" class="title">Pattern</label>
    <OneOf id="figure" :chosen="figure" :of="figures" @choose="chooseFigure" />
    <p v-if="lays" class="words">It brings its own voicing: {{ lays }}.</p>
    <label for="span" class="title">Hand</label>
    <OneOf id="span" :chosen="hand.span" :of="spans" @choose="(span) => changeHand({ span })" />
    <p v-for="one in contradictions" :key="one" class="words caution" role="status">{{ one }}.</p>
    <div class="more">
      <button
        v-for="panel in panels"
        :key="panel.id"
        class="plain-button"
        @click="emit('open', panel.id)"
      >
        {{ panel.name }}
      </button>
      <button class="plain-button" :aria-expanded="open" @click="open = !open">
        {{ open ? 'Less' : 'More' }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 6px 10px;
}
.title {
  font: 600 17px var(--titles);
}
.words {
  grid-column: span 2;
  margin: 0;
  color: var(--ink-soft);
  line-height: 1.3;
}
.caution {
  color: var(--caution);
}
.more {
  grid-column: span 2;
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 6px;
}
.more button {
  min-height: 40px;
  padding: 0 4px;
  border: 1px solid var(--line);
  border-radius: 10px;
  font-size: 16px;
  text-align: center;
}
.more button:hover {
  background: var(--page);
}
</style>
