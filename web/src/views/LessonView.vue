<script setup lang="ts">
import { computed, ref, watch, watchEffect } from 'vue';
import type { Choices } from '../api/client';
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
import ScorePage from '../components/ScorePage.vue';
import ShortcutList from '../components/ShortcutList.vue';
import TransportBar from '../components/TransportBar.vue';
import { useArrangement } from '../composables/useArrangement';
import { useChosen } from '../composables/useChosen';
import { useHarmonies, useShown } from '../composables/useHarmonies';
import { useHearing } from '../composables/useHearing';
import { useNaming } from '../composables/useNaming';
import { usePins } from '../composables/usePins';
import { usePlayer } from '../composables/usePlayer';
import { useShortcuts, type Shortcut } from '../composables/useShortcuts';
import { useTune } from '../composables/useTune';

const props = defineProps<{ id: number }>();

const tune = useTune(props.id);
const active = ref(0);
const choices = computed<Choices | undefined>({
  get: () => tune.settings.value[active.value]?.choices,
  set: (value) => {
    const setting = tune.settings.value[active.value];
    if (setting && value) setting.choices = value;
  },
});
// What was saved elsewhere may have fewer students.
watch(
  () => tune.settings.value.length,
  (count) => (active.value = Math.max(0, Math.min(active.value, count - 1))),
);
const counts = ref(false);
const page = useShown(tune.chart);
const arranged = useArrangement(page.shown, choices, counts);
const { arrangement, trouble } = arranged;
const harmonies = useHarmonies(tune.chart, page, arrangement);
const chosen = useChosen(arrangement);
/** The bar being typed, which the page keeps in view until a chord is chosen. */
const typedBar = ref<number>();
watch(chosen.index, () => (typedBar.value = undefined));
const player = usePlayer(arrangement, chosen);
const { pin, togglePin, nextAlternative } = usePins(choices, chosen);
const { confirmGuess, otherGuess, hear, writeKey } = useNaming(page.shown, arranged, chosen);
const textOpen = ref(window.innerWidth >= 1180);
const helpOpen = ref(false);
const looking = ref(false);
const writing = ref(false);
const barNumber = computed(() => arrangement.value?.bars[chosen.bar.value]?.number ?? 0);

const hearProposal = useHearing(page, harmonies, arranged, chosen, player);

watchEffect(() => {
  document.title = `${arrangement.value?.title ?? 'Tune'} · Zesty Thumb`;
});

const shortcuts: Shortcut[] = [
  {
    keys: ['ArrowRight'],
    shown: '→',
    does: 'next chord',
    run: () => chosen.choose(chosen.index.value + 1),
  },
  {
    keys: ['ArrowLeft'],
    shown: '←',
    does: 'chord before',
    run: () => chosen.choose(chosen.index.value - 1),
  },
  { keys: [' '], shown: 'space', does: 'play, stop', run: player.toggle },
  { keys: ['l', 'L'], shown: 'L', does: 'loop this bar', run: player.toggleLoop },
  {
    keys: ['c', 'C'],
    shown: 'C',
    does: 'click on, off',
    run: () => (player.click.value = !player.click.value),
  },
  { keys: ['n', 'N'], shown: 'N', does: 'another way to play this chord', run: nextAlternative },
  { keys: ['f', 'F'], shown: 'F', does: 'fix this chord, or free it', run: togglePin },
  { keys: ['g', 'G'], shown: 'G', does: 'keep a guessed chord', run: () => confirmGuess() },
  { keys: ['o', 'O'], shown: 'O', does: 'another name for a guessed chord', run: otherGuess },
  {
    keys: ['h', 'H'],
    shown: 'H',
    does: 'write down the key that is heard',
    run: () => void (arrangement.value?.keyTold === false && writeKey()),
  },
  { keys: ['r', 'R'], shown: 'R', does: 'hear the chord otherwise', run: () => hear() },
  {
    keys: ['w', 'W'],
    shown: 'W',
    does: 'write the tune note by note',
    run: () => (writing.value = !writing.value),
  },
  {
    keys: ['k', 'K'],
    shown: 'K',
    does: 'look first: keys, bars to learn, phrases',
    run: () => {
      looking.value = !(textOpen.value && looking.value);
      textOpen.value = true;
    },
  },
  {
    keys: ['t', 'T'],
    shown: 'T',
    does: 'show or fold the chart',
    run: () => (textOpen.value = !textOpen.value),
  },
  { keys: ['?'], shown: '?', does: 'this list', run: () => (helpOpen.value = true) },
];
useShortcuts(shortcuts);
</script>

<template>
  <div class="lesson" :class="{ 'text-open': textOpen, writing }">
    <LessonHead
      :id="id"
      v-model:settings="tune.settings.value"
      v-model:active="active"
      v-model:text-open="textOpen"
      v-model:chart="tune.chart.value"
      v-model:writing="writing"
      :tune="arrangement"
      :choices="choices"
      :state="tune.state.value"
      :trouble="tune.trouble.value"
      :kept-here="tune.isKeptHere.value"
      @keep-mine="tune.keepMine"
      @take-theirs="tune.takeTheirs"
      @help="helpOpen = true"
    />
    <aside v-if="textOpen" class="text">
      <p class="panels">
        <button class="plain-button" :aria-pressed="!looking" @click="looking = false">
          The chart
        </button>
        <button class="plain-button" :aria-pressed="looking" title="K" @click="looking = true">
          Look first
        </button>
      </p>
      <LookFirst
        v-if="looking"
        :tune="arrangement"
        :bar="chosen.bar.value"
        :chord="chosen.index.value"
        @choose="chosen.choose"
        @choose-bar="chosen.chooseBar"
      />
      <ChartEditor
        v-if="tune.isLoaded.value"
        v-show="!looking"
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
        :chosen="chosen.index.value"
        :typed-bar="typedBar"
        :sounding="player.sounding"
        :loop="player.loop.value"
        @choose="chosen.choose"
        @extend="player.loopTo"
      />
    </main>
    <aside class="column" aria-label="Choices">
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
      <ChoicesPanel v-if="choices && !harmonies.wanted.value" v-model="choices" />
      <ChordPanel
        :chord="chosen.chord.value"
        :analysis="arrangement?.analysis"
        :melody="arrangement?.melody ?? []"
        :bar="barNumber"
        :others="harmonies.othersOf(chosen.chord.value)"
        @pin="pin"
        @set="(symbol) => chosen.chord.value && harmonies.set(chosen.chord.value, symbol)"
        @unpin="pin(null)"
        @confirm="confirmGuess"
        @hear="hear"
      />
      <ChoicesPanel v-if="choices && harmonies.wanted.value" v-model="choices" />
      <FindingsList :tune="arrangement" :chosen="chosen.index.value" @choose="chosen.choose" />
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
        :chord="chosen.chord.value"
        :next="chosen.next.value"
        :sounding="player.sounding"
      />
      <MovesList
        :chord="chosen.chord.value"
        :next="chosen.next.value"
        :quiet="player.state.value !== 'still'"
      />
    </footer>
    <ShortcutList v-model="helpOpen" :shortcuts="shortcuts" />
  </div>
</template>

<style scoped src="./lesson.css"></style>
