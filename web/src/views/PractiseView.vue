<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, Away, type Choices, type Counts, type Played } from '../api/client';
import HandView from '../components/HandView.vue';
import PractiseSteps from '../components/PractiseSteps.vue';
import SaveSign from '../components/SaveSign.vue';
import ScorePage from '../components/ScorePage.vue';
import { useUnderHand } from '../composables/underHand';
import { useArrangement } from '../composables/useArrangement';
import { useChosen } from '../composables/useChosen';
import { practiceBox } from '../composables/tuneBoxes';
import { usePlayer } from '../composables/usePlayer';
import type { Practising } from '../composables/usePractising';
import { useView } from '../composables/useView';
import type { Veil } from '../engraver/veil';
import { tempoWords } from '../player/words';

/** A student at home: the music, the hand, and one step at a time. */
const props = defineProps<{ code: string }>();
const TRY_AGAIN_AFTER = 2000;

// What it computes it asks by its code, so that nothing else is open to students.
api.askBy(props.code);
onScopeDispose(() => api.askBy(''));

const chart = ref('');
const played = shallowRef<Played>();
const trouble = ref('');
const box = practiceBox(props.code, (told) => api.keepPractisedBy(props.code, told));
let timer: ReturnType<typeof setTimeout> | undefined;
async function load() {
  try {
    const sheet = await api.practising(props.code);
    box.begin(sheet.practised);
    chart.value = sheet.chart;
    played.value = { choices: sheet.choices, hand: sheet.hand };
    trouble.value = '';
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
    if (error instanceof Away) timer = setTimeout(load, TRY_AGAIN_AFTER);
  }
}
onScopeDispose(() => clearTimeout(timer));
void load();

const counts = ref<Counts>('NONE');
const veil = shallowRef<Veil>();
const { arrangement, trouble: unread } = useArrangement(chart, played, counts);
const chosen = useChosen(arrangement);
const player = usePlayer(arrangement, chosen);
const of: Practising = {
  chart,
  played,
  choices: computed<Choices | undefined>(() => played.value?.choices),
  practice: box,
  whose: ref(undefined),
  arrangement,
  player,
  chosen,
  counts,
  veil,
};
const at = computed(() => player.chord.value ?? chosen.index.value);
const hand = useUnderHand(arrangement, at, veil, player.parts);
const facts = computed(
  () => arrangement.value && tempoWords(arrangement.value.beatLength, player.tempo.value),
);
useView(
  () => `${arrangement.value?.title ?? 'Tune'}, to practise`,
  () => arrangement.value,
);
</script>

<template>
  <div class="lesson">
    <header>
      <h1>{{ arrangement?.title ?? ' ' }}</h1>
      <p>{{ facts }}</p>
      <SaveSign
        v-if="box.hasBegun.value"
        :state="box.state.value"
        :trouble="box.trouble.value"
        :kept-here="box.isKeptHere.value"
      />
    </header>
    <main class="music">
      <p v-if="trouble || unread" class="trouble" role="alert">{{ trouble || unread }}</p>
      <ScorePage
        :tune="arrangement"
        :chosen="at"
        :typed-bar="undefined"
        :sounding="player.sounding"
        :loop="player.loop.value"
        :veil="veil"
        @choose="chosen.choose"
      />
    </main>
    <aside class="column" aria-label="To practise">
      <div v-if="arrangement" class="stage"><PractiseSteps :of="of" /></div>
      <p v-if="player.trouble.value" role="alert">{{ player.trouble.value }}</p>
    </aside>
    <footer class="band">
      <HandView :hand="hand" :next="undefined" :sounding="player.sounding" />
    </footer>
  </div>
</template>

<style scoped src="./lesson/lesson.css"></style>
<style scoped>
header {
  grid-area: head;
  display: flex;
  align-items: baseline;
  gap: 16px;
  padding: 10px 14px;
}
header p {
  flex: 1;
  margin: 0;
  color: var(--ink-soft);
}
.trouble::first-letter {
  text-transform: uppercase;
}
.band {
  grid-template-columns: minmax(0, 1fr);
}

@media (max-width: 560px) {
  .lesson {
    grid-template:
      'head' auto 'music' 44vh 'band' auto 'column' auto
      / minmax(0, 1fr);
    height: auto;
  }
  header p {
    display: none;
  }
  .column {
    max-height: none;
  }
  .column .stage {
    display: block;
  }
  .band > .hand {
    height: 110px;
  }
}
</style>
