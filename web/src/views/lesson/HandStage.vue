<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, type Choices, type OwnFigure } from '../../api/client';
import ChoicesPanel from '../../components/ChoicesPanel.vue';
import ChordPanel from '../../components/ChordPanel.vue';
import FigureMaker from '../../components/FigureMaker.vue';
import HandMeasure from '../../components/HandMeasure.vue';
import NotesPanel from '../../components/NotesPanel.vue';
import PlayingPanel from '../../components/PlayingPanel.vue';
import PricesPanel from '../../components/PricesPanel.vue';
import ProposalsPanel from '../../components/ProposalsPanel.vue';
import StretchesPanel from '../../components/StretchesPanel.vue';
import StylePicker from '../../components/StylePicker.vue';
import WishesPanel from '../../components/WishesPanel.vue';
import WrittenBars from '../../components/WrittenBars.vue';
import { useLatest } from '../../composables/useLatest';
import type { Panel } from '../../components/panels';
import { useLesson } from './useLesson';

/** Laying the left hand: style, figure and hand, and the chosen chord in its ways; one thing at a time in detail. */
const { tune, pins, arranged, arrangement, chord, chosen, player, onChord, compare } = useLesson();
const { choices, student, played } = tune;
const moved = computed(() =>
  (arrangement.value?.chords ?? []).reduce((sum, one) => sum + one.moved, 0),
);
/** Bars whose left hand is written in the chart. */
const written = computed(
  () =>
    new Set((arrangement.value?.chords ?? []).filter((one) => one.written).map((one) => one.bar)),
);
/** The chosen bar: what is written stands above the choices, which do not touch it. */
const notes = computed(() => {
  const here = chosen.chord.value;
  if (!here || !arrangement.value) return undefined;
  const { bars } = arrangement.value;
  return {
    bar: here.bar,
    number: bars[here.bar]?.number ?? 0,
    written: written.value.has(here.bar),
    bars: bars.length,
    writtenBars: written.value.size,
    shared: here.keys.some((key) => key.right),
  };
});
const panel = ref<Panel>();
const own = ref<OwnFigure[]>([]);
const { ask, trouble } = useLatest();
const askForFigures = () => ask(api.figures, (figures) => (own.value = figures));
void askForFigures();

function close() {
  if (panel.value === 'figure') void askForFigures();
  panel.value = undefined;
}
const hand = computed({
  get: () => student.value!.hand,
  set: (value) => student.value && (student.value = { ...student.value, hand: value }),
});
const set = (part: Partial<Choices>) =>
  choices.value && (choices.value = { ...choices.value, ...part });
function takeStyle(style: string) {
  set({ style, settings: {} });
  close();
}
/** All of it, as it was compared. */
function takeProposal(proposed: Choices) {
  choices.value = proposed;
  compare.close();
  close();
}
</script>

<template>
  <template v-if="choices && student && played">
    <StylePicker
      v-if="panel === 'styles'"
      :chart="tune.chart.value"
      :played="played"
      @choose="takeStyle"
      @close="close"
    />
    <ProposalsPanel
      v-else-if="panel === 'proposals'"
      :chart="tune.chart.value"
      :played="played"
      :level="student.level"
      @take="takeProposal"
      @compare="compare.show"
      @close="close"
    />
    <FigureMaker
      v-else-if="panel === 'figure'"
      :bar-length="arrangement?.barLength ?? 4"
      :beat-length="arrangement?.beatLength ?? 1"
      :own="choices.own ?? undefined"
      @play="(figure) => set({ figure: 'OWN', own: figure })"
      @hear="player.toggle"
      @close="close"
    />
    <StretchesPanel
      v-else-if="panel === 'stretches'"
      v-model="choices"
      :bars="arrangement?.bars ?? []"
      :bar="chosen.bar.value"
      :chord="chosen.chord.value"
      @close="close"
    />
    <WishesPanel
      v-else-if="panel === 'wishes'"
      v-model="choices"
      :gap="arrangement?.gap ?? 0"
      @close="close"
    />
    <HandMeasure
      v-else-if="panel === 'measure'"
      v-model="hand"
      :student="student.name"
      @close="close"
    />
    <NotesPanel
      v-else-if="panel === 'notes'"
      :chord="chosen.chord.value"
      :pin="pins.here.value"
      :wanted="pins.wanted.value"
      @fix="pins.fix"
      @want="pins.want"
      @close="close"
    />
    <PlayingPanel v-else-if="panel === 'playing'" v-model="choices" @close="close" />
    <PricesPanel
      v-else-if="panel === 'prices'"
      :chart="tune.chart.value"
      :played="played"
      :chord="chosen.chord.value"
      @take="onChord.pin"
      @close="close"
    />
    <template v-else>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <WrittenBars
        v-if="notes?.written"
        v-model:chart="tune.chart.value"
        v-bind="notes"
        :played="played"
      />
      <ChoicesPanel
        v-model="choices"
        v-model:hand="hand"
        :moved="moved"
        :thinned="arrangement?.thinned ?? 0"
        :chords="arrangement?.chords.length ?? 0"
        :contradictions="arrangement?.contradictions ?? []"
        :own="own"
        @open="(one) => (panel = one)"
      />
      <ChordPanel
        v-bind="chord"
        :ways="arranged.ways.value ?? []"
        :scope="pins.here.value && (pins.here.value.scope ?? 'HERE')"
        v-on="onChord"
        @keep="pins.keep"
        @prices="panel = 'prices'"
        @notes="panel = 'notes'"
      />
      <WrittenBars
        v-if="notes && !notes.written"
        v-model:chart="tune.chart.value"
        v-bind="notes"
        :played="played"
      />
    </template>
  </template>
</template>
