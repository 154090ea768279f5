<script setup lang="ts">
import Button from 'primevue/button';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed, reactive, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import ChartEditor from '../../components/ChartEditor.vue';
import HandView from '../../components/HandView.vue';
import HeardKey from '../../components/HeardKey.vue';
import LessonHead from './LessonHead.vue';
import NoteEntry from '../../components/NoteEntry.vue';
import MovesList from '../../components/MovesList.vue';
import ScorePage from '../../components/ScorePage.vue';
import ShortcutList from '../../components/ShortcutList.vue';
import TransportBar from '../../components/TransportBar.vue';
import { api, type Arrangement } from '../../api/client';
import { barsToPlay } from '../../player/timeline';
import { barName } from '../../player/words';
import { replaced, TYPED_MEANWHILE } from '../../composables/replacing';
import { useUnderHand } from '../../composables/underHand';
import { useShortcuts } from '../../composables/useShortcuts';
import { useUndo } from '../../composables/useUndo';
import { useView } from '../../composables/useView';
import { lessonKeys } from './keys';
import { STAGES, type Stage } from './stages';
import { startLesson } from './useLesson';

/** The music, the hand and its moves, which stay, beside the stage of the lesson. */
const props = defineProps<{ id: number }>();

const route = useRoute();
const router = useRouter();
const lesson = startLesson(props.id);
const { tune, arrangement, chosen, player, writing, counts, at, chordAt, chordBehind } = lesson;
const hand = useUnderHand(arrangement, at, lesson.veil, player.parts);
const { trouble } = lesson.arranged;
const { compare } = lesson;
const NOTHING = new Map<string, number>();
const say = useUndo();
/** The other way becomes the one that is played; what was written can be put back. */
function takeOther() {
  const other = compare.choices.value;
  if (other && tune.choices.value) tune.choices.value = other;
  const cut = compare.chart.value;
  if (cut !== undefined) {
    const before = tune.chart.value;
    tune.chart.value = cut;
    say(`${compare.name.value}: taken.`, () => (tune.chart.value = before));
  }
  compare.close();
}
/** One bar of the other way is written into the page; what stood there can be put back. */
async function takeBar() {
  const played = tune.played.value;
  if (!played) return;
  const before = tune.chart.value;
  const choices = compare.choices.value ?? played.choices;
  const bar = chosen.bar.value;
  try {
    const isWritten = await replaced(tune.chart, async () => {
      const other = compare.chart.value ?? before;
      const text = await api.writeOut(other, { ...played, choices }, [bar], before);
      if (tune.chart.value === before) compare.take(text);
      return text;
    });
    if (!isWritten) {
      untaken.value = TYPED_MEANWHILE;
      return;
    }
    say(`${barName(numberOf(bar))}: taken.`, () => (tune.chart.value = before));
  } catch (error) {
    untaken.value = (error as Error).message;
  }
}
const untaken = ref('');
const numberOf = (bar: number) => arrangement.value?.bars[bar]?.number ?? bar + 1;
function hearOther() {
  const other = compare.arrangement.value;
  if (other) player.audition(other, barsToPlay(other, chosen.bar.value, player.loop.value));
}
/** How hard a left hand is, and how much there is to learn. */
const toLearn = ({ difficulty, analysis }: Arrangement) =>
  `level ${difficulty.step}, ${analysis.toLearn} ${analysis.toLearn === 1 ? 'bar' : 'bars'} to learn`;
/** Beside the music where one writes; elsewhere the music takes its place, until the teacher unfolds it there. */
const unfolded = reactive<Record<string, boolean>>({});
const roomForText = window.innerWidth >= 1180;
const textOpen = computed({
  get: () => unfolded[stage.value?.id ?? ''] ?? (stage.value?.id === 'write' && roomForText),
  set: (open) => (unfolded[stage.value?.id ?? ''] = open),
});
const helpOpen = ref(false);

const stage = computed(() => STAGES.find(({ id }) => id === route.name));
const show = (other: Stage) => void router.replace({ name: other, params: { id: props.id } });
/** A tune that needs chords is opened to be written, any other to be laid under the hand. */
watch(
  arrangement,
  () => {
    const empty = !arrangement.value?.bars.length;
    // Where nothing stands yet one writes, however small the screen.
    if (empty) unfolded.write = true;
    if (!stage.value) show(empty || lesson.harmonies.wanted.value ? 'write' : 'hand');
  },
  { once: true },
);
/** Where there is no room for both, what a stage shows stands in the place of the chart. */
function makeRoom() {
  if (window.innerWidth <= 1100) textOpen.value = false;
}
useView(
  () => [arrangement.value?.title ?? 'Tune', stage.value?.name].filter(Boolean).join(', '),
  () => arrangement.value && stage.value,
);

const shortcuts = lessonKeys({
  chosen,
  player,
  pins: lesson.pins,
  naming: lesson.naming,
  writeKey: () => void (arrangement.value?.keyTold === false && lesson.naming.writeKey()),
  toggleWriting: () => (writing.value = !writing.value),
  toggleLook: () => show(stage.value?.id === 'look' ? 'hand' : 'look'),
  toggleText: () => (textOpen.value = !textOpen.value),
  takeBack: tune.takeBack,
  takeBackAgain: tune.takeBackAgain,
  help: () => (helpOpen.value = true),
});
useShortcuts(shortcuts);
</script>

<template>
  <Tabs
    class="lesson"
    :class="{ 'text-open': textOpen, writing }"
    :value="stage?.id ?? ''"
    @update:value="(value) => show(value as Stage)"
  >
    <LessonHead
      v-model:text-open="textOpen"
      :title="arrangement?.title ?? ' '"
      :facts="lesson.facts.value"
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
        @typed-in="(bar) => (lesson.typedBar.value = bar)"
      />
    </aside>
    <main class="music">
      <p
        v-if="trouble && tune.state.value !== 'away' && !tune.missing.value"
        class="trouble"
        role="alert"
      >
        {{ trouble }}
      </p>
      <div v-if="tune.missing.value" class="missing" role="alert">
        <template v-if="tune.missing.value.includes('off the shelf')">
          <p>This tune was taken off the shelf.</p>
          <Button label="Put it back" @click="tune.putBack" />
        </template>
        <p v-else>There is no such tune any more.</p>
        <RouterLink to="/">Back to the shelf</RouterLink>
      </div>
      <HeardKey
        v-if="arrangement && !arrangement.keyTold && arrangement.bars.length"
        :tune="arrangement"
        @write="lesson.naming.writeKey"
      />
      <p v-if="compare.trouble.value || untaken" class="trouble" role="alert">
        {{ compare.trouble.value || untaken }}
      </p>
      <section v-if="compare.arrangement.value" class="beside" aria-label="The other way">
        <header>
          <b>{{ compare.name.value }}</b>
          <span>{{ toLearn(compare.arrangement.value) }}</span>
          <button class="plain-button" @click="hearOther">Hear it</button>
          <button class="plain-button" @click="takeOther">Take it</button>
          <button class="plain-button" @click="takeBar">
            Take {{ barName(numberOf(chosen.bar.value)).toLowerCase() }} alone
          </button>
          <button class="plain-button" @click="compare.close">Close</button>
        </header>
        <ScorePage
          :tune="compare.arrangement.value"
          :chosen="at"
          :typed-bar="undefined"
          :sounding="NOTHING"
          :loop="undefined"
          small
          @choose="chosen.choose"
        />
        <header>
          <b>As it is played now</b>
          <span v-if="arrangement">{{ toLearn(arrangement) }}</span>
        </header>
      </section>
      <ScorePage
        v-if="!tune.missing.value"
        :tune="arrangement"
        :chosen="at"
        :typed-bar="lesson.typedBar.value"
        :sounding="player.sounding"
        :loop="player.loop.value"
        :small="!!compare.arrangement.value"
        :veil="lesson.veil.value"
        :motions="stage?.id === 'check' ? lesson.motions.value : []"
        @choose="chosen.choose"
        @extend="player.loopTo"
      />
    </main>
    <aside class="column" aria-label="This stage">
      <TabPanels>
        <TabPanel v-if="stage" :value="stage.id"><RouterView /></TabPanel>
      </TabPanels>
    </aside>
    <footer v-if="writing" class="band">
      <NoteEntry
        v-model:chart="tune.chart.value"
        v-model:counts="counts"
        :tune="arrangement"
        :bar="chosen.bar.value"
        @place="chosen.chooseBar"
        @close="writing = false"
      />
    </footer>
    <footer v-else-if="!tune.missing.value" class="band">
      <TransportBar
        v-model:tempo="player.tempo.value"
        v-model:click="player.click.value"
        v-model:loop="player.loop.value"
        v-model:balance="player.balance.value"
        :has-tune="(arrangement?.melody.length ?? 0) > 0 && !player.parts.value"
        :state="player.state.value"
        :trouble="player.trouble.value"
        :call="player.call.value"
        :bar="chosen.bar.value"
        :bars="arrangement?.bars.map((bar) => bar.number) ?? [1]"
        :stated="arrangement?.tempo ?? 80"
        :beat-length="arrangement?.beatLength ?? 1"
        @toggle="player.toggle"
      />
      <HandView
        :hand="hand"
        :next="hand.chord === chordAt ? chordBehind : undefined"
        :sounding="player.sounding"
      />
      <MovesList
        v-if="hand.chord === chordAt"
        :chord="chordAt"
        :next="chordBehind"
        :quiet="player.state.value !== 'still'"
      />
    </footer>
    <ShortcutList v-model="helpOpen" :shortcuts="shortcuts" />
  </Tabs>
</template>

<style scoped src="./lesson.css"></style>
