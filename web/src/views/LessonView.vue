<script setup lang="ts">
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Revision } from '../api/client';
import ChartEditor from '../components/ChartEditor.vue';
import ChoicesPanel from '../components/ChoicesPanel.vue';
import ChordPanel from '../components/ChordPanel.vue';
import FindingsList from '../components/FindingsList.vue';
import LookFirst from '../components/LookFirst.vue';
import HeardKey from '../components/HeardKey.vue';
import HarmonyPanel from '../components/HarmonyPanel.vue';
import HandView from '../components/HandView.vue';
import LessonHead from '../components/LessonHead.vue';
import MelodyEntry from '../components/MelodyEntry.vue';
import MovesList from '../components/MovesList.vue';
import SchoolChoice from '../components/SchoolChoice.vue';
import ScorePage from '../components/ScorePage.vue';
import ShortcutList from '../components/ShortcutList.vue';
import TakeAway from '../components/TakeAway.vue';
import TransportBar from '../components/TransportBar.vue';
import TuneTools from '../components/TuneTools.vue';
import { useArrangement } from '../composables/useArrangement';
import { useChosen } from '../composables/useChosen';
import { useHarmonies, useShown } from '../composables/useHarmonies';
import { useHearing } from '../composables/useHearing';
import { useNaming } from '../composables/useNaming';
import { usePins } from '../composables/usePins';
import { usePlayer } from '../composables/usePlayer';
import { useShortcuts } from '../composables/useShortcuts';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';
import { lessonKeys } from './lesson-keys';
import { STAGES, type Stage } from './stages';

const props = defineProps<{ id: number; stage?: Stage | undefined }>();

const router = useRouter();
const tune = useTune(props.id);
const { choices, student } = tune;
const counts = ref(false);
const cursor = ref(0);
const page = useShown(tune.chart);
const arranged = useArrangement(page.shown, tune.played, counts, cursor);
const { arrangement, trouble } = arranged;
const harmonies = useHarmonies(tune.chart, page, arrangement);
const chosen = useChosen(arrangement, cursor);
/** The bar being typed, which the page keeps in view until a chord is chosen. */
const typedBar = ref<number>();
watch(chosen.index, () => (typedBar.value = undefined));
const player = usePlayer(arrangement, chosen);
/** The chord under the hand: the one that sounds, else the one chosen. */
const at = computed(() => player.chord.value ?? chosen.index.value);
const chordAt = computed(() => arrangement.value?.chords[at.value]);
const chordBehind = computed(() => arrangement.value?.chords[chordAt.value?.toNext.to ?? -1]);
const { pin, togglePin, nextAlternative } = usePins(choices, chosen, arranged.findWays);
const { confirmGuess, otherGuess, hear, writeKey } = useNaming(page.shown, arranged, chosen);
const textOpen = ref(window.innerWidth >= 1180);
const helpOpen = ref(false);
const writing = ref(false);
const barNumber = computed(() => arrangement.value?.bars[chosen.bar.value]?.number ?? 0);
const guesses = computed(
  () => arrangement.value?.chords.filter((chord) => chord.guess).length ?? 0,
);
const facts = computed(() => {
  if (!arrangement.value) return '';
  const { key, keyTold, meter, meterTold, tempo } = arrangement.value;
  return [keyTold && key, meterTold && meter, `${tempo} a minute`].filter(Boolean).join(' · ');
});

/** A tune that needs chords is opened to be written, any other to be laid under the hand. */
const opened = ref<Stage>('hand');
watch(arrangement, () => (opened.value = harmonies.wanted.value ? 'write' : 'hand'), {
  once: true,
});
const stage = computed<Stage>(() => props.stage ?? opened.value);
/** Where there is no room for both, what a stage shows stands in the place of the chart. */
function makeRoom() {
  if (window.innerWidth <= 1100) textOpen.value = false;
}
const show = (other: Stage) =>
  void router.replace({ name: 'lesson', params: { id: props.id, stage: other } });
const stageName = computed(() => STAGES.find((one) => one.id === stage.value)!.name);
useView(
  () => `${arrangement.value?.title ?? 'Tune'}, ${stageName.value}`,
  () => arrangement.value && stage.value,
);

/** The chosen chord as every stage shows it, and what may be done with it. */
const chord = computed(() => ({
  chord: chosen.chord.value,
  analysis: arrangement.value?.analysis,
  melody: arrangement.value?.melody ?? [],
  bar: barNumber.value,
  others: harmonies.othersOf(chosen.chord.value),
}));
const onChord = {
  set: (symbol: string) => {
    if (chosen.chord.value) void harmonies.set(chosen.chord.value, symbol);
  },
  pin,
  unpin: () => pin(null),
  confirm: confirmGuess,
  hear,
};

const hearProposal = useHearing(page, harmonies, arranged, chosen, player);

/** An earlier state is played as it was by those who play it still. */
function playAs(played: Revision['played']) {
  for (const { assignment, choices: then } of played) {
    const now = tune.players.value.find((one) => one.id === assignment);
    if (now) now.choices.value.value = then;
  }
}

const shortcuts = lessonKeys({
  chosen,
  player,
  pins: { togglePin, nextAlternative },
  naming: { confirmGuess, otherGuess, hear },
  writeKey: () => void (arrangement.value?.keyTold === false && writeKey()),
  toggleWriting: () => (writing.value = !writing.value),
  toggleLook: () => show(stage.value === 'look' ? 'hand' : 'look'),
  toggleText: () => (textOpen.value = !textOpen.value),
  help: () => (helpOpen.value = true),
});
useShortcuts(shortcuts);
</script>

<template>
  <Tabs
    class="lesson"
    :class="{ 'text-open': textOpen, writing }"
    :value="stage"
    lazy
    @update:value="(value) => show(value as Stage)"
  >
    <LessonHead
      v-model:text-open="textOpen"
      :title="arrangement?.title ?? ' '"
      :facts="facts"
      :to-mind="arrangement?.findings.length ?? 0"
      :tune="tune"
      @help="helpOpen = true"
      @pick="makeRoom"
    />
    <aside v-if="textOpen" class="text" aria-label="The chart">
      <ChartEditor
        v-if="tune.isLoaded.value"
        :id="id"
        v-model="tune.chart.value"
        :tune="arrangement"
        :bar="chosen.bar.value"
        @choose-bar="chosen.chooseBar"
        @typed-in="(bar) => (typedBar = bar)"
      />
    </aside>
    <main class="music">
      <p v-if="trouble && tune.state.value !== 'away'" class="trouble" role="alert">
        {{ trouble }}
      </p>
      <HeardKey
        v-if="arrangement && !arrangement.keyTold && arrangement.bars.length"
        :tune="arrangement"
        @write="writeKey"
      />
      <ScorePage
        :tune="arrangement"
        :chosen="at"
        :typed-bar="typedBar"
        :sounding="player.sounding"
        :loop="player.loop.value"
        @choose="chosen.choose"
        @extend="player.loopTo"
      />
    </main>
    <aside class="column" aria-label="This stage">
      <TabPanels>
        <TabPanel value="write">
          <HarmonyPanel
            v-if="harmonies.wanted.value"
            :proposals="harmonies.proposals.value"
            :level="harmonies.level.value"
            :looking="page.looked.value !== undefined"
            :playing="player.state.value !== 'still'"
            :trouble="harmonies.trouble.value"
            @look="harmonies.look"
            @hear="hearProposal"
            @keep="harmonies.keep"
            @leave="harmonies.leave"
          />
          <ChordPanel v-bind="chord" v-on="onChord" />
          <button
            class="note-by-note plain-button"
            :aria-pressed="writing"
            title="W"
            @click="writing = !writing"
          >
            <i class="pi pi-plus" aria-hidden="true" /> Write the tune note by note
          </button>
          <TuneTools
            :id="id"
            v-model:chart="tune.chart.value"
            :guesses="guesses"
            @play-as="playAs"
          />
        </TabPanel>
        <TabPanel value="look">
          <ChordPanel v-bind="chord" v-on="onChord" />
          <LookFirst
            :tune="arrangement"
            :bar="chosen.bar.value"
            :chord="chosen.index.value"
            @choose="chosen.choose"
            @choose-bar="chosen.chooseBar"
          />
        </TabPanel>
        <TabPanel value="hand">
          <ChoicesPanel
            v-if="choices && student"
            v-model="choices"
            :hand="student.hand"
            @update:hand="(hand) => student && (student = { ...student, hand })"
          />
          <ChordPanel v-bind="chord" :ways="arranged.ways.value ?? []" v-on="onChord" />
        </TabPanel>
        <TabPanel value="check">
          <FindingsList :tune="arrangement" :chosen="chosen.index.value" @choose="chosen.choose" />
          <SchoolChoice
            v-if="choices"
            :model-value="choices.school"
            @update:model-value="(school) => choices && (choices = { ...choices, school })"
          />
        </TabPanel>
        <TabPanel value="take">
          <TakeAway
            :tune="arrangement"
            :chart="tune.chart.value"
            :played="tune.played.value"
            :facts="facts"
          />
        </TabPanel>
      </TabPanels>
    </aside>
    <footer v-if="writing" class="band">
      <MelodyEntry
        v-model:chart="tune.chart.value"
        v-model:counts="counts"
        :tune="arrangement"
        :bar="chosen.bar.value"
        @place="chosen.chooseBar"
        @close="writing = false"
      />
    </footer>
    <footer v-else class="band">
      <TransportBar
        v-model:tempo="player.tempo.value"
        v-model:click="player.click.value"
        v-model:loop="player.loop.value"
        :state="player.state.value"
        :trouble="player.trouble.value"
        :call="player.call.value"
        :bar="chosen.bar.value"
        :bars="arrangement?.bars.map((bar) => bar.number) ?? [1]"
        :stated="arrangement?.tempo ?? 80"
        @toggle="player.toggle"
      />
      <HandView
        :tune="arrangement"
        :chord="chordAt"
        :next="chordBehind"
        :sounding="player.sounding"
      />
      <MovesList :chord="chordAt" :next="chordBehind" :quiet="player.state.value !== 'still'" />
    </footer>
    <ShortcutList v-model="helpOpen" :shortcuts="shortcuts" />
  </Tabs>
</template>

<style scoped src="./lesson.css"></style>
